package hodeon.core.stock;

import hodeon.core.evidence.PlanningAssumption;
import java.time.LocalDate;

/**
 * How a thing stands to its last good day. Worked example, a test: good until 31 March, it is soon over from 1 January on, good
 * on 31 March still and over on 1 April.
 */
public enum Freshness {
    OVER,
    SOON,
    GOOD;

    /** @param lastDay inclusive */
    public static Freshness of(LocalDate lastDay, LocalDate today) {
        if (lastDay.isBefore(today)) {
            return OVER;
        }
        return lastDay.isBefore(today.plusDays(PlanningAssumption.SOON.whole())) ? SOON : GOOD;
    }
}
