package hodeon.app.stock.place;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

public interface PlaceRepository extends JpaRepository<PlaceRow, UUID> {

    Optional<PlaceRow> findByIdAndHouseholdIdAndDeletedAtIsNull(UUID id, UUID householdId);

    List<PlaceRow> findByHouseholdIdAndDeletedAtIsNullOrderByPositionAscNameAsc(UUID householdId);

    /** With those in the bin, which a history still names. */
    List<PlaceRow> findByHouseholdId(UUID householdId);

    List<PlaceRow> findByHouseholdIdAndKitIdAndDeletedAtIsNull(UUID householdId, UUID kitId);
}
