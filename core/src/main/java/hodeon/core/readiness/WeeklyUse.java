package hodeon.core.readiness;

import hodeon.core.evidence.PlanningAssumption;
import java.util.OptionalDouble;

/**
 * How much of a thing a kit that stays uses up in a week: what was expected, drawn towards what was used as the weeks go by (the mean of
 * a gamma prior after Poisson counts). Worked example, a test: one plaster a week was expected and thirty-two were used in eight weeks:
 * (8 × 1 + 32) ÷ (8 + 8) = 2.5 a week; of twenty good ones some are left for eight weeks.
 *
 * @param aWeek pieces a week, 0 or more
 */
public record WeeklyUse(double aWeek) {

    private static final double DAYS_A_WEEK = 7;
    private static final double TRUSTED_AS = PlanningAssumption.TRUSTED_AS_WEEKS.value();

    /**
     * @param expectedAWeek by what the kit is for; empty where nobody said that, so that only what was used counts
     * @param used pieces used up in {@code weeks}
     * @param weeks that the kit was watched, 0 or more
     */
    public static WeeklyUse of(OptionalDouble expectedAWeek, long used, double weeks) {
        if (expectedAWeek.isEmpty()) {
            return new WeeklyUse(used / Math.max(1, weeks));
        }
        return new WeeklyUse((TRUSTED_AS * expectedAWeek.getAsDouble() + used) / (TRUSTED_AS + weeks));
    }

    /** What is used in so many days, as a use a week. */
    public static double aWeek(double pieces, int days) {
        return pieces * DAYS_A_WEEK / days;
    }

    /** Whole and parts of weeks. */
    public static double weeks(long days) {
        return days / DAYS_A_WEEK;
    }

    /** Weeks for which so many pieces last; empty where hardly any is used. */
    public OptionalDouble lasts(int pieces) {
        return aWeek > 0 ? OptionalDouble.of(pieces / aWeek) : OptionalDouble.empty();
    }
}
