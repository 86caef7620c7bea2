package hodeon.core.medication.gate;

import java.math.BigDecimal;
import java.time.Instant;
import java.util.Optional;

/**
 * When somebody may have a product again, seen over everything it holds.
 *
 * <p>Worked example: ibuprofen tablets of 200 mg, 1 or 2 at once, at least 4 h apart, at most 3 times and 1,200 mg in 24 h.
 * 600 mg were taken 18 h ago and 400 mg 5 h ago: one tablet may be given now, two in 6 h.
 *
 * @param now units that may be given now, 0 if none
 * @param soonest if none may be given now: when some may, and how many; empty if not within a day
 * @param full from when the most at once may be given; empty if it is more than a whole day's most
 */
public record NextDose(BigDecimal now, Optional<Later> soonest, Optional<Instant> full) {

    /** So many units from a moment on. */
    public record Later(Instant at, BigDecimal units) {}
}
