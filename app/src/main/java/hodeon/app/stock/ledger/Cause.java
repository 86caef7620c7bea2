package hodeon.app.stock.ledger;

import java.time.LocalDateTime;
import java.util.Optional;
import java.util.UUID;

/**
 * Who moves something and why, perhaps for a trip.
 *
 * @param at when it happened; empty for just now
 */
public record Cause(String who, String why, Optional<UUID> trip, Optional<LocalDateTime> at) {

    static final int LONGEST_WHY = 200;

    public static Cause of(String who, String why) {
        return new Cause(who, why, Optional.empty(), Optional.empty());
    }

    public static Cause onTrip(String who, String why, UUID trip) {
        return new Cause(who, why, Optional.of(trip), Optional.empty());
    }

    /** The same of an earlier day. */
    public Cause on(LocalDateTime then) {
        return new Cause(who, why, trip, Optional.of(then));
    }

    public Cause {
        why = why.length() <= LONGEST_WHY ? why : why.substring(0, LONGEST_WHY);
    }
}
