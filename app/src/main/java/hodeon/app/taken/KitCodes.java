package hodeon.app.taken;

import hodeon.app.shell.Secret;
import java.time.Clock;
import java.time.LocalDateTime;
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

    KitCodes(KitCodeRepository rows, Clock clock) {
        this.rows = rows;
        this.clock = clock;
    }

    /** The kit that a code opens. */
    record Opened(UUID household, UUID kit) {}

    /** Makes a new code; one made before no longer opens anything. */
    String make(UUID household, UUID kit) {
        String secret = Secret.fresh(BYTES);
        KitCodeRow row = rows.findByKitIdAndHouseholdId(kit, household).orElseGet(KitCodeRow::new);
        row.kitId = kit;
        row.householdId = household;
        row.secretHash = Secret.digest(secret);
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
        return rows.findBySecretHash(Secret.digest(secret)).map(r -> new Opened(r.householdId, r.kitId));
    }
}
