package hodeon.app.journal;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface LoggedTripRepository extends JpaRepository<LoggedTripRow, UUID> {

    List<LoggedTripRow> findByHouseholdIdOrderByTripId(UUID householdId);
}
