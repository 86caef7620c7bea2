package hodeon.app.remind;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.time.Clock;
import java.time.LocalDateTime;
import java.util.Base64;
import java.util.HexFormat;
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
    private final SecureRandom random = new SecureRandom();

    Feeds(FeedRepository rows, Clock clock) {
        this.rows = rows;
        this.clock = clock;
    }

    /** Makes a new secret; one made before no longer opens anything. */
    String make(UUID household) {
        byte[] bytes = new byte[BYTES];
        random.nextBytes(bytes);
        String secret = Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
        FeedRow row = rows.findById(household).orElseGet(FeedRow::new);
        row.householdId = household;
        row.secretHash = hash(secret);
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
        return rows.findBySecretHash(hash(secret)).map(r -> r.householdId);
    }

    private static String hash(String secret) {
        try {
            return HexFormat.of()
                    .formatHex(MessageDigest.getInstance("SHA-256").digest(secret.getBytes(StandardCharsets.UTF_8)));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("Every Java has SHA-256.", e);
        }
    }
}
