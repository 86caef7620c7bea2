package hodeon.app.stock.place;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

public interface PlaceRepository extends JpaRepository<PlaceRow, UUID> {

    Optional<PlaceRow> findByIdAndHouseholdId(UUID id, UUID householdId);

    Optional<PlaceRow> findByHouseholdIdAndNameIgnoreCase(UUID householdId, String name);

    List<PlaceRow> findByHouseholdIdOrderByPositionAscNameAsc(UUID householdId);

    List<PlaceRow> findByHouseholdIdAndKitId(UUID householdId, UUID kitId);
}
