package hodeon.core.catalogue;

import java.util.OptionalInt;
import java.util.Set;

/**
 * How long and how a supply keeps.
 *
 * @param shelfLifeMonths typical from purchase, sealed; empty for what does not expire
 * @param openedMonths after opening; 0 for what must be used at once; empty where opening changes nothing
 * @param mostCelsius the warmest it may be stored, if it says so
 * @param battery runs on a battery that must be charged or looked at
 * @param power what that is, such as “3 AAA cells”; empty if nobody says
 * @param counted counted one by one at every round, because it is sharp or controlled
 * @param usesUp ids of supplies that it does not work without and that run out: strips, covers, cells of its type
 */
public record Keeping(
        OptionalInt shelfLifeMonths,
        OptionalInt openedMonths,
        OptionalInt mostCelsius,
        boolean battery,
        String power,
        Set<String> usesUp,
        boolean counted) {

    public Keeping {
        usesUp = Set.copyOf(usesUp);
    }
}
