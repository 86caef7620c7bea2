package hodeon.core.medication;

import hodeon.core.party.Age;
import java.math.BigDecimal;
import java.util.List;

/**
 * Body masses that are believable at an age, wide on purpose: from about six tenths of a light child's to twice a heavy
 * one's. What lies outside is more often a slip of the hand or pounds written as kilograms. An assumption of ours.
 */
final class LikelyMass {

    /** From an age on, until the next. */
    private record Range(Age from, int leastTenths, int mostTenths) {}

    private static final List<Range> RANGES = List.of(
            new Range(Age.ofMonths(0), 10, 70),
            new Range(Age.ofMonths(2), 25, 110),
            new Range(Age.ofMonths(6), 40, 150),
            new Range(Age.ofMonths(12), 55, 190),
            new Range(Age.ofYears(2), 75, 260),
            new Range(Age.ofYears(4), 95, 400),
            new Range(Age.ofYears(6), 120, 550),
            new Range(Age.ofYears(8), 145, 750),
            new Range(Age.ofYears(10), 175, 950),
            new Range(Age.ofYears(12), 210, 1250),
            new Range(Age.ofYears(14), 260, 1600),
            new Range(Age.ofYears(16), 300, 3000));

    private LikelyMass() {}

    static boolean holds(Age age, BigDecimal kilograms) {
        Range range = RANGES.stream()
                .filter(r -> !age.under(r.from()))
                .reduce((earlier, later) -> later)
                .orElseThrow();
        BigDecimal tenths = kilograms.movePointRight(1);
        return tenths.compareTo(BigDecimal.valueOf(range.leastTenths())) >= 0
                && tenths.compareTo(BigDecimal.valueOf(range.mostTenths())) <= 0;
    }
}
