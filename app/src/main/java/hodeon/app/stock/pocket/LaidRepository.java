package hodeon.app.stock.pocket;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface LaidRepository extends JpaRepository<LaidRow, LaidRow.Key> {

    List<LaidRow> findByHouseholdId(UUID householdId);

    List<LaidRow> findByHouseholdIdAndKitId(UUID householdId, UUID kitId);

    void deleteByPartId(UUID partId);
}
