package hodeon.app.household.token;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface AccessTokenRepository extends JpaRepository<AccessToken, UUID> {

    Optional<AccessToken> findByHash(String hash);

    List<AccessToken> findByHouseholdIdOrderByMadeAtDesc(UUID householdId);

    long countByHouseholdId(UUID householdId);

    Optional<AccessToken> findByIdAndHouseholdId(UUID id, UUID householdId);
}
