package hodeon.app.dose;

import hodeon.app.storage.seal.Seal;
import java.math.BigDecimal;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * What was noted of a dose.
 *
 * @param name of the product, as it was then
 * @param amounts micrograms by ingredient, as the product held them then; older notes of what works on the spot have none
 * @param spot whether it was put on the skin, in the eye or the nose; null in older notes
 * @param zone where the clock on the wall stood
 * @param over why it was given although something spoke against it; empty if nothing did
 * @param struck who struck it out because it was noted by mistake; empty if it counts
 */
record NotedDose(
        String product,
        String name,
        BigDecimal units,
        String says,
        Map<String, Long> amounts,
        @Nullable Boolean spot,
        ZoneId zone,
        String by,
        String over,
        String struck) {

    NotedDose {
        Stream.of(product, name, units, says, amounts, zone, by, over, struck).forEach(Objects::requireNonNull);
    }

    /** In older notes an ingredient's id holds no colon, and what worked on the spot was counted under one that does. */
    private static final char OLD_MARK_OF_THE_SPOT = ':';

    /** Stands for a dose of which nothing can be read. */
    static final NotedDose UNREADABLE = new NotedDose(
            "",
            "something that " + Seal.UNREADABLE,
            BigDecimal.ZERO,
            "A dose",
            Map.of(),
            true,
            ZoneOffset.UTC,
            "",
            "",
            "");

    boolean unreadable() {
        return product.isEmpty();
    }

    NotedDose struckBy(String who) {
        return new NotedDose(product, name, units, says, amounts, spot, zone, by, over, who);
    }

    boolean onTheSpot() {
        return spot != null ? spot : amounts.keySet().stream().anyMatch(NotedDose::oldMark);
    }

    static boolean oldMark(String counted) {
        return counted.indexOf(OLD_MARK_OF_THE_SPOT) >= 0;
    }
}
