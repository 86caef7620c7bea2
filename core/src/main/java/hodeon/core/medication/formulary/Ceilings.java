package hodeon.core.medication.formulary;

import hodeon.core.units.Dose;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Duration;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * What nobody takes of an ingredient without somebody having said why: at once, how often, in 24 hours, and for each
 * kilogram. Labels, a household's own packs and clinicians' directions all stay below it.
 *
 * <p>A dose may be as large as the largest line whose interval it keeps: paracetamol 1,000 mg every 4 h, or 1,330 mg of a
 * pack that releases slowly every 8 h.
 *
 * @param lines from the shortest interval to the longest; empty where none is known
 * @param kilogramOnce most at once for each kilogram of body, if one is known
 * @param kilogramDay most in 24 hours for each kilogram of body, if one is known
 */
public record Ceilings(List<Line> lines, Optional<Dose> kilogramOnce, Optional<Dose> kilogramDay) {

    /** None known. */
    public static final Ceilings NONE = new Ceilings(List.of(), Optional.empty(), Optional.empty());

    /**
     * @param once most at once
     * @param apart at least so long between two doses as large as this
     * @param day most in 24 hours
     */
    public record Line(Dose once, Duration apart, Dose day) {

        public Line {
            if (day.compareTo(once) < 0 || apart.isNegative()) {
                throw new IllegalArgumentException(
                        "A ceiling of " + day + " in 24 h is below one dose of " + once + ", or its interval is none.");
            }
        }
    }

    public Ceilings {
        lines = lines.stream().sorted(Comparator.comparing(Line::apart)).toList();
    }

    /** The most at once that any interval allows; empty where none is known. */
    public Optional<Dose> once() {
        return lines.stream().map(Line::once).max(Comparator.naturalOrder());
    }

    /** The most in 24 hours that any interval allows; empty where none is known. */
    public Optional<Dose> day() {
        return lines.stream().map(Line::day).max(Comparator.naturalOrder());
    }

    /** At least so long from a dose of this size to its neighbours; nothing where none is known or it is above all lines. */
    public Duration apart(Dose once) {
        return lines.stream()
                .filter(l -> once.compareTo(l.once()) <= 0)
                .map(Line::apart)
                .findFirst()
                .orElseGet(
                        () -> lines.isEmpty() ? Duration.ZERO : lines.getLast().apart());
    }

    /** The most at once for doses that keep an interval; empty where none is known or the interval is shorter than all. */
    public Optional<Dose> once(Duration apart) {
        return lines.stream()
                .filter(l -> l.apart().compareTo(apart) <= 0)
                .map(Line::once)
                .max(Comparator.naturalOrder());
    }

    public Optional<Dose> onceFor(BigDecimal kilograms) {
        return kilogramOnce.map(each -> times(each, kilograms));
    }

    public Optional<Dose> dayFor(BigDecimal kilograms) {
        return kilogramDay.map(each -> times(each, kilograms));
    }

    private static Dose times(Dose each, BigDecimal kilograms) {
        return Product.times(each, kilograms, RoundingMode.FLOOR);
    }
}
