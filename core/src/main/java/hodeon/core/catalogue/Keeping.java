package hodeon.core.catalogue;

import java.util.OptionalInt;

/**
 * How long and how a supply keeps.
 *
 * @param shelfLifeMonths typical from purchase, sealed; empty for what does not expire
 * @param openedMonths after opening; 0 for what must be used at once; empty where opening changes nothing
 * @param mostCelsius the warmest it may be stored, if it says so
 * @param battery runs on a battery that must be charged or looked at
 */
public record Keeping(
        OptionalInt shelfLifeMonths, OptionalInt openedMonths, OptionalInt mostCelsius, boolean battery) {}
