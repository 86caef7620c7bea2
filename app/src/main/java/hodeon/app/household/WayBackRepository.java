package hodeon.app.household;

import jakarta.persistence.LockModeType;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface WayBackRepository extends JpaRepository<WayBack, UUID> {

    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select w from WayBack w where w.hash = :hash")
    Optional<WayBack> held(String hash);

    long countByAccountIdAndKindAndUsedAtIsNull(UUID account, WayBack.Kind kind);

    void deleteByAccountIdAndKind(UUID account, WayBack.Kind kind);
}
