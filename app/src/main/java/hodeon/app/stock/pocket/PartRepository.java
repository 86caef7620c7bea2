package hodeon.app.stock.pocket;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface PartRepository extends JpaRepository<PartRow, UUID> {

    List<PartRow> findByHouseholdIdAndKitIdOrderByPosition(UUID householdId, UUID kitId);

    Optional<PartRow> findByIdAndHouseholdIdAndKitId(UUID id, UUID householdId, UUID kitId);

    List<PartRow> findByHouseholdIdOrderByPosition(UUID householdId);
}
