package hodeon.app.stock.ledger;

import java.util.Optional;
import java.util.UUID;

/** Who moves something and why, perhaps for a trip. */
public record Cause(String who, String why, Optional<UUID> trip) {

    static final int LONGEST_WHY = 200;

    public static Cause of(String who, String why) {
        return new Cause(who, why, Optional.empty());
    }

    public Cause {
        why = why.length() <= LONGEST_WHY ? why : why.substring(0, LONGEST_WHY);
    }
}
