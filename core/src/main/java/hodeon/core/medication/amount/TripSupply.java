package hodeon.core.medication.amount;

import hodeon.core.evidence.PlanningAssumption;
import hodeon.core.medication.DoseAnswer;
import hodeon.core.medication.Dosing;
import hodeon.core.medication.gate.DoseClock;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * How much of a product a trip asks for besides what the forecast does, in units of its form.
 *
 * <p>Worked example: one tablet twice a day over six days with a reserve of two days for delay: 2 × (6 + 2) = 16 tablets.
 * Walking out: paracetamol, two tablets at least 4 h apart and at most 4 times in 24 h, with nine hours to care: at 0, 4 and
 * 8 h, three doses, six tablets.
 */
public final class TripSupply {

    /** Fewest days kept in reserve for delay; an assumption. */
    private static final int LEAST_RESERVE_DAYS = PlanningAssumption.LEAST_RESERVE.whole();
    /** One day of reserve for so many days of the trip; an assumption. */
    private static final int DAYS_A_RESERVE_DAY = PlanningAssumption.DAYS_A_RESERVE_DAY.whole();

    private TripSupply() {}

    /** One day for every four or part of four, at least two. */
    public static int usualReserveDays(int days) {
        return Math.max(LEAST_RESERVE_DAYS, Math.ceilDiv(days, DAYS_A_RESERVE_DAY));
    }

    /** @param unitsADay taken every day of the trip and of the reserve */
    public static BigDecimal regular(BigDecimal unitsADay, int days, int reserveDays) {
        return unitsADay.multiply(BigDecimal.valueOf(days + reserveDays)).setScale(0, RoundingMode.CEILING);
    }

    /** Doses one person may have within some hours, beginning at once, by the label's most. */
    public static int walkingOutDoses(DoseAnswer.Give give, double hours) {
        Instant start = Instant.EPOCH;
        Instant end = start.plusSeconds(Math.round(3600 * hours));
        Dosing said = give.dosing();
        // Where a label names no interval, no more than one in two hours is reckoned with.
        DoseClock.Limit limit = new DoseClock.Limit(
                said.inADay(), said.apart().isZero() ? Duration.ofHours(2) : said.apart(), said.times());
        List<DoseClock.Counted> taken = new ArrayList<>();
        for (Instant at = start; ; ) {
            BigDecimal units = taken.isEmpty() ? said.mostEver() : said.most();
            Optional<Instant> next = new DoseClock(limit, taken).next(units, Duration.ZERO, at);
            if (next.isEmpty() || !next.get().isBefore(end)) {
                return taken.size();
            }
            at = next.get();
            taken.add(new DoseClock.Counted(at, units, Duration.ZERO));
        }
    }
}
