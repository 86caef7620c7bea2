package hodeon.app.remind;

import hodeon.app.shell.Secret;
import java.time.Clock;
import java.time.LocalDateTime;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The private address of each household's calendar: shown once, replaced or revoked at any time. */
@Service
@Transactional
class Feeds {

    private static final int BYTES = 32;

    private final FeedRepository rows;
    private final Clock clock;

    Feeds(FeedRepository rows, Clock clock) {
        this.rows = rows;
        this.clock = clock;
    }

    /** Makes a new secret; one made before no longer opens anything. */
    String make(UUID household) {
        String secret = Secret.fresh(BYTES);
        FeedRow row = rows.findById(household).orElseGet(FeedRow::new);
        row.householdId = household;
        row.secretHash = Secret.digest(secret);
        row.madeAt = LocalDateTime.now(clock);
        rows.save(row);
        return secret;
    }

    void revoke(UUID household) {
        rows.deleteById(household);
    }

    @Transactional(readOnly = true)
    Optional<LocalDateTime> madeAt(UUID household) {
        return rows.findById(household).map(r -> r.madeAt);
    }

    @Transactional(readOnly = true)
    Optional<UUID> household(String secret) {
        return rows.findBySecretHash(Secret.digest(secret)).map(r -> r.householdId);
    }
}
