package hodeon.app.taken;

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

/** The code printed on each kit: shown once, replaced or revoked at any time. Only its digest is kept. */
@Service
@Transactional
class KitCodes {

    private static final int BYTES = 18;

    private final KitCodeRepository rows;
    private final Clock clock;
    private final SecureRandom random = new SecureRandom();

    KitCodes(KitCodeRepository rows, Clock clock) {
        this.rows = rows;
        this.clock = clock;
    }

    /** The kit that a code opens. */
    record Opened(UUID household, UUID kit) {}

    /** Makes a new code; one made before no longer opens anything. */
    String make(UUID household, UUID kit) {
        byte[] bytes = new byte[BYTES];
        random.nextBytes(bytes);
        String secret = Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
        KitCodeRow row = rows.findByKitIdAndHouseholdId(kit, household).orElseGet(KitCodeRow::new);
        row.kitId = kit;
        row.householdId = household;
        row.secretHash = hash(secret);
        row.madeAt = LocalDateTime.now(clock);
        rows.save(row);
        return secret;
    }

    void revoke(UUID household, UUID kit) {
        rows.findByKitIdAndHouseholdId(kit, household).ifPresent(rows::delete);
    }

    @Transactional(readOnly = true)
    Optional<LocalDateTime> madeAt(UUID household, UUID kit) {
        return rows.findByKitIdAndHouseholdId(kit, household).map(r -> r.madeAt);
    }

    @Transactional(readOnly = true)
    Optional<Opened> open(String secret) {
        return rows.findBySecretHash(hash(secret)).map(r -> new Opened(r.householdId, r.kitId));
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
