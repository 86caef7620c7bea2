package hodeon.core.stock;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.Optional;
import java.util.UUID;

/**
 * Pieces of a lot at a place, with until when they are good.
 *
 * @param pieces 1 or more
 * @param good empty for what does not expire
 */
public record Held(Lot lot, UUID place, int pieces, Optional<GoodUntil> good) {

    /** The soonest to expire first, what never does last; alike in date, in the order they came. */
    public static final Comparator<Held> FIRST_EXPIRED = Comparator.comparing(Held::lastDay)
            .thenComparing(h -> h.lot().received())
            .thenComparing(h -> h.lot().id());

    /** The last good day; the end of time for what does not expire. */
    public LocalDate lastDay() {
        return good.map(GoodUntil::day).orElse(LocalDate.MAX);
    }

    public boolean outlasts(LocalDate day, int marginDays) {
        return good.map(g -> g.outlasts(day, marginDays)).orElse(true);
    }
}
