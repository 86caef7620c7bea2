package hodeon.core.catalogue.procedure;

import hodeon.core.evidence.PlanningAssumption;
import java.time.LocalDate;

/**
 * What a text rests on.
 *
 * @param teaching class of teaching it was checked against
 * @param on day of the last check
 */
public record Reviewed(Teaching teaching, LocalDate on) {

    /** Guidelines are renewed about every five years; a text is looked at again well before that (an assumption). */
    public static final int YEARS = PlanningAssumption.TEXT_LOOKED_AT.whole();

    /** Whether the last check lies {@link #YEARS} years or more before {@code today}. */
    public boolean stale(LocalDate today) {
        return !on.plusYears(YEARS).isAfter(today);
    }
}
