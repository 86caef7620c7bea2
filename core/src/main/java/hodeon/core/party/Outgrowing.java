package hodeon.core.party;

import hodeon.core.evidence.PlanningAssumption;
import java.time.LocalDate;
import java.util.Optional;
import java.util.Set;

/**
 * When a child outgrows a thing that comes in sizes: a cuff, a mask, a splint. Worked example, a test: what fits infants is outgrown at
 * the first birthday, what fits children too at the twelfth; who weighs ten or forty kilograms earlier outgrows it then, which no date
 * tells.
 */
public final class Outgrowing {

    private static final int MONTHS_A_YEAR = 12;
    private static final int GROWN_MONTHS = MONTHS_A_YEAR * PlanningAssumption.GROWN_FROM_AGE.whole();

    private Outgrowing() {}

    /**
     * @param fits sizes that the thing fits
     * @param age on {@code today}
     * @return empty for who has outgrown it or never does
     */
    public static Optional<LocalDate> day(Set<SizeClass> fits, Age age, LocalDate today) {
        if (fits.isEmpty() || fits.contains(SizeClass.ADULT)) {
            return Optional.empty();
        }
        int until = fits.contains(SizeClass.CHILD) ? GROWN_MONTHS : MONTHS_A_YEAR;
        return age.months() >= until ? Optional.empty() : Optional.of(today.plusMonths(until - age.months()));
    }
}
