package hodeon.app.care;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface CareRepository extends JpaRepository<CareRow, UUID> {

    List<CareRow> findByHouseholdIdAndPersonIdOrderByNotedAt(UUID householdId, UUID personId);

    Optional<CareRow> findByIdAndHouseholdIdAndPersonId(UUID id, UUID householdId, UUID personId);

    List<CareRow> findByHouseholdId(UUID householdId);
}
