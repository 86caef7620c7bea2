package hodeon.app.people;

import java.util.List;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;

interface ViewRepository extends JpaRepository<ViewRow, UUID> {

    List<ViewRow> findByHouseholdIdAndPersonIdOrderBySeenAtDesc(UUID householdId, UUID personId, Limit most);
}
