package hodeon.app.remind;

import hodeon.app.shell.Secret;
import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The private address of each household's calendar: shown once, replaced or revoked at any time. */
@Service
@Transactional
class Feeds {

    private static final int BYTES = 32;

    /** After a year one says anew whether a calendar still reads it. */
    private static final int DAYS = 365;

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
        row.until = row.madeAt.plusDays(DAYS);
        row.lastRead = null;
        rows.save(row);
        return secret;
    }

    void revoke(UUID household) {
        rows.deleteById(household);
    }

    /** An open address: the days it was made, until when it opens, and was last read on. */
    record Open(LocalDate madeOn, LocalDate until, Optional<LocalDate> lastRead) {}

    @Transactional(readOnly = true)
    Optional<Open> open(UUID household) {
        return rows.findById(household)
                .filter(this::opens)
                .map(r -> new Open(
                        r.madeAt.toLocalDate(),
                        r.until.toLocalDate(),
                        Optional.ofNullable(r.lastRead).map(LocalDateTime::toLocalDate)));
    }

    private boolean opens(FeedRow row) {
        return row.until.isAfter(LocalDateTime.now(clock));
    }

    /** Whose reminders a secret opens; empty for one that is unknown or over. */
    Optional<UUID> household(String secret) {
        return rows.findBySecretHash(Secret.digest(secret)).filter(this::opens).map(r -> {
            r.lastRead = LocalDateTime.now(clock).truncatedTo(ChronoUnit.HOURS);
            return r.householdId;
        });
    }
}
