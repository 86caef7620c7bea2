package hodeon.app.taken;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface KitCodeRepository extends JpaRepository<KitCodeRow, UUID> {

    Optional<KitCodeRow> findBySecretHash(String secretHash);

    Optional<KitCodeRow> findByKitIdAndHouseholdId(UUID kitId, UUID householdId);
}
