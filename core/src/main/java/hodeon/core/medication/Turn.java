package hodeon.core.medication;

import hodeon.core.units.Dose;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;

/**
 * Whether somebody may have a product now, seen over everything it holds.
 *
 * <p>Worked example: ibuprofen tablets of 200 mg, 1 or 2 at once, at least 4 h apart, at most 3 times and 1,200 mg in 24 h.
 * 600 mg were taken 18 h ago and 400 mg 5 h ago: one tablet may be given now, two in 6 h.
 *
 * @param now units that may be given now, 0 if none
 * @param full from when the most at once may be given; empty if it is more than a whole day's most
 */
public record Turn(BigDecimal now, Optional<Instant> full) {

    /** @param clocks for each thing that is counted of the product */
    public static Turn of(DoseAnswer.Give give, Function<String, DoseClock> clocks, Instant at) {
        Product product = give.product();
        BigDecimal units = give.most();
        while (units.compareTo(give.least()) >= 0 && !may(product.counted(units), clocks, at)) {
            units = units.subtract(product.step());
        }
        List<Optional<Instant>> full = product.counted(give.most()).entrySet().stream()
                .map(e -> clocks.apply(e.getKey()).next(e.getValue(), at))
                .toList();
        return new Turn(
                units.compareTo(give.least()) < 0 ? BigDecimal.ZERO : units,
                full.stream().allMatch(Optional::isPresent)
                        ? full.stream().flatMap(Optional::stream).max(Comparator.naturalOrder())
                        : Optional.empty());
    }

    private static boolean may(Map<String, Dose> dose, Function<String, DoseClock> clocks, Instant at) {
        return dose.entrySet().stream()
                .allMatch(e -> clocks.apply(e.getKey()).breach(e.getValue(), at).isEmpty());
    }
}
