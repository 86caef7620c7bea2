package hodeon.app.remind;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface FeedRepository extends JpaRepository<FeedRow, UUID> {

    Optional<FeedRow> findBySecretHash(String secretHash);
}
