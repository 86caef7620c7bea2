package hodeon.app.readiness;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface TickRepository extends JpaRepository<TickRow, TickRow.Key> {

    List<TickRow> findByHouseholdId(UUID householdId);
}
