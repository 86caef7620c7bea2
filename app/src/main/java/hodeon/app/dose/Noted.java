package hodeon.app.dose;

import java.math.BigDecimal;
import java.time.ZoneId;
import java.util.Map;

/**
 * What was noted of a dose.
 *
 * @param name of the product, as it was then
 * @param amounts micrograms of what is counted, as the product held them then
 * @param zone where the clock on the wall stood
 * @param over why it was given although something spoke against it; empty if nothing did
 * @param struck who struck it out because it was noted by mistake; empty if it counts
 */
record Noted(
        String product,
        String name,
        BigDecimal units,
        String says,
        Map<String, Long> amounts,
        ZoneId zone,
        String by,
        String over,
        String struck) {

    Noted struckBy(String who) {
        return new Noted(product, name, units, says, amounts, zone, by, over, who);
    }
}
