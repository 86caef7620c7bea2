package hodeon.app.dose.dispense;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface DispensedRepository extends JpaRepository<DispensedRow, UUID> {

    List<DispensedRow> findByHouseholdIdOrderByNumberDesc(UUID householdId);

    Optional<DispensedRow> findByIdAndHouseholdId(UUID id, UUID householdId);

    int countByHouseholdId(UUID householdId);
}
