package hodeon.app.household;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface AccessTokenRepository extends JpaRepository<AccessToken, UUID> {

    Optional<AccessToken> findByHash(String hash);

    List<AccessToken> findByHouseholdIdOrderByMadeAtDesc(UUID householdId);

    long countByHouseholdId(UUID householdId);

    long deleteByIdAndHouseholdId(UUID id, UUID householdId);
}
