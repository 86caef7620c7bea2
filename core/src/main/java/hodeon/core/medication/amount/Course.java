package hodeon.core.medication.amount;

import hodeon.core.medication.Dosing;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Duration;
import java.util.Optional;

/**
 * How much of a medicine a course is, at most: what is handed to somebody ends where the label says to ask. Worked example, a test: two
 * tablets at least four hours apart, at most eight in 24 hours, ask after three days: 24 tablets.
 */
public final class Course {

    private static final Duration DAY = Duration.ofHours(24);

    private Course() {}

    /** In units of the form; empty where the label names no days. */
    public static Optional<BigDecimal> most(Dosing dosing) {
        if (dosing.days().isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(
                inADay(dosing).multiply(BigDecimal.valueOf(dosing.days().getAsInt())));
    }

    /** What 24 hours allow: what is said, else as many doses as are said or as fit. */
    private static BigDecimal inADay(Dosing dosing) {
        int fit = dosing.apart().isZero() ? 1 : (int) Math.max(1, DAY.dividedBy(dosing.apart()));
        BigDecimal byDoses =
                dosing.most().multiply(BigDecimal.valueOf(dosing.times().orElse(fit)));
        return dosing.inADay()
                .map(byDoses::min)
                .orElse(byDoses)
                .setScale(2, RoundingMode.DOWN)
                .stripTrailingZeros();
    }
}
