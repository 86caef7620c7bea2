package hodeon.app.kits.photo;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface PhotoRepository extends JpaRepository<PhotoRow, UUID> {

    Optional<PhotoRow> findByKitIdAndHouseholdId(UUID kitId, UUID householdId);

    boolean existsByKitIdAndHouseholdId(UUID kitId, UUID householdId);
}
