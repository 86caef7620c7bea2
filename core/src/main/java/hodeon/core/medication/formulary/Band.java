package hodeon.core.medication.formulary;

import hodeon.core.party.Age;
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
 * @param first most at once of the first dose, where the label lets that be more than the later ones
 * @param apart at least this long between two doses
 * @param times most doses in 24 hours, if the label says so
 * @param inADay most in 24 hours, in the label's measure, if the label says so
 * @param inADayPerKilogram most in 24 hours for each kilogram, in the label's measure, if the label says so
 * @param days most days before asking, if the label says so
 */
public record Band(
        int fromMonths,
        int toMonths,
        Optional<MassRange> mass,
        BigDecimal least,
        BigDecimal most,
        Optional<BigDecimal> first,
        Duration apart,
        OptionalInt times,
        Optional<BigDecimal> inADay,
        Optional<BigDecimal> inADayPerKilogram,
        OptionalInt days) {

    /** Oldest age in months a label that names no upper one covers. */
    public static final int NO_END = 12 * 130;

    /**
     * In kilograms, the lower end inclusive, the upper exclusive; without an upper end it is only the least mass that the
     * line asks for, and points to no line by itself.
     */
    public record MassRange(BigDecimal from, Optional<BigDecimal> to) {

        public MassRange {
            if (from.signum() < 0 || to.filter(t -> t.compareTo(from) <= 0).isPresent()) {
                throw new IllegalArgumentException(
                        "A range of mass from " + from + " to " + to.orElseThrow() + " kg holds nobody.");
            }
        }

        public boolean pointsTo(BigDecimal kilograms) {
            return kilograms.compareTo(from) >= 0
                    && to.filter(t -> kilograms.compareTo(t) < 0).isPresent();
        }

        @Override
        public String toString() {
            return from.toPlainString()
                    + to.map(t -> " to under " + t.toPlainString() + " kg").orElse(" kg and over");
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
        if (first.filter(f -> f.compareTo(most) < 0).isPresent()) {
            throw new IllegalArgumentException("A first dose below the later ones of " + most + " is a slip.");
        }
        if (inADay.filter(d -> d.compareTo(first.orElse(most)) < 0).isPresent()) {
            throw new IllegalArgumentException(
                    "A day's most below one dose's most of " + first.orElse(most) + " is a slip.");
        }
    }

    public boolean holdsAge(Age age) {
        return age.months() >= fromMonths && age.months() < toMonths;
    }

    /** “3 months to under 6 months”, “16 years and over”; with the mass if the label names one. */
    public String who() {
        String from = new Age(fromMonths).toString();
        String age = toMonths >= NO_END ? from + " and over" : from + " to under " + new Age(toMonths);
        return mass.map(m -> age + ", " + m).orElse(age);
    }
}
