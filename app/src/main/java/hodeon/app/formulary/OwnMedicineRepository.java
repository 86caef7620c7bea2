package hodeon.app.formulary;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface OwnMedicineRepository extends JpaRepository<OwnMedicineRow, UUID> {

    List<OwnMedicineRow> findByHouseholdId(UUID householdId);

    long countByHouseholdId(UUID householdId);
}
