package hodeon.app.practice;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface PractisedRepository extends JpaRepository<PractisedRow, PractisedRow.Key> {

    List<PractisedRow> findByHouseholdIdAndWhoOrderByDueOn(UUID householdId, String who);

    List<PractisedRow> findByHouseholdId(UUID householdId);
}
