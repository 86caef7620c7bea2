package hodeon.core.medication;

import java.math.BigDecimal;
import java.time.Duration;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * One line of a label: for whom, how much at once, how often, how much in 24 hours.
 *
 * @param fromMonths least age, inclusive
 * @param toMonths age from which it no longer holds, exclusive
 * @param mass body masses it holds for, if the label names any
 * @param least least at once, in the label's measure
 * @param most most at once
 * @param apart at least this long between two doses
 * @param times most doses in 24 hours, if the label says so
 * @param inADay most in 24 hours, in the label's measure, if the label says so
 * @param days most days before asking, if the label says so
 */
public record Band(
        int fromMonths,
        int toMonths,
        Optional<MassRange> mass,
        BigDecimal least,
        BigDecimal most,
        Duration apart,
        OptionalInt times,
        Optional<BigDecimal> inADay,
        OptionalInt days) {

    /** Oldest age in months a label that names no upper one covers. */
    public static final int NO_END = 12 * 130;

    /** In kilograms, the lower end inclusive, the upper exclusive. */
    public record MassRange(BigDecimal from, BigDecimal to) {

        public MassRange {
            if (from.signum() < 0 || to.compareTo(from) <= 0) {
                throw new IllegalArgumentException("A range of mass from " + from + " to " + to + " kg holds nobody.");
            }
        }

        boolean holds(BigDecimal kilograms) {
            return kilograms.compareTo(from) >= 0 && kilograms.compareTo(to) < 0;
        }
    }

    public Band {
        if (fromMonths < 0 || toMonths <= fromMonths) {
            throw new IllegalArgumentException(
                    "An age from " + fromMonths + " to " + toMonths + " months holds nobody.");
        }
        if (least.signum() <= 0 || most.compareTo(least) < 0) {
            throw new IllegalArgumentException("A dose from " + least + " to " + most + " is none.");
        }
        if (inADay.filter(d -> d.compareTo(most) < 0).isPresent()) {
            throw new IllegalArgumentException("A day's most below one dose's most of " + most + " is a slip.");
        }
    }

    boolean holdsAge(int months) {
        return months >= fromMonths && months < toMonths;
    }

    /** “3 months to 6 months”, “16 years and over”; with the mass if the label names one. */
    public String who() {
        String age =
                toMonths >= NO_END ? age(fromMonths) + " and over" : age(fromMonths) + " to under " + age(toMonths);
        return mass.map(m -> age + ", " + m.from().toPlainString() + " to under " + m.to().toPlainString() + " kg")
                .orElse(age);
    }

    static String age(int months) {
        return months < 24 ? months + " months" : months / 12 + " years";
    }
}
