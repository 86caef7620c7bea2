package hodeon.core.stock;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;

/**
 * So many pieces of a lot that came, went or became another lot. Never changed once written; a mistake is answered by
 * another movement that turns it round.
 *
 * @param number counts a household's movements from 1
 * @param into the lot the pieces become, where they are opened or decanted, or that is undone
 * @param from the place they leave; empty where they come from outside
 * @param to the place they reach; empty where they are gone
 * @param pieces 1 or more
 * @param undoes number of the movement this one turns round
 */
public record Movement(
        long number,
        Kind kind,
        UUID lot,
        Optional<UUID> into,
        Optional<UUID> from,
        Optional<UUID> to,
        int pieces,
        Optional<Long> undoes) {

    /** What happened, in the words of the pages. */
    public enum Kind {
        RECEIVED("received"),
        MOVED("moved"),
        OPENED("opened"),
        DECANTED("decanted"),
        USED("used"),
        DISCARDED("discarded"),
        COUNTED("counted"),
        REVERSED("undone");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** Pieces of a lot at a place. */
    public record Holding(UUID lot, UUID place) {}

    /** A change of one holding, more or fewer than 0. */
    public record Posting(Holding holding, int change) {}

    public Movement {
        if (pieces < 1) {
            throw new IllegalArgumentException("A movement of " + pieces + " pieces moves nothing.");
        }
        boolean fits =
                switch (kind) {
                    case RECEIVED -> from.isEmpty() && to.isPresent() && into.isEmpty();
                    case MOVED -> from.isPresent() && to.isPresent() && !from.equals(to) && into.isEmpty();
                    case OPENED, DECANTED -> from.isPresent() && from.equals(to) && into.isPresent();
                    case USED, DISCARDED -> from.isPresent() && to.isEmpty() && into.isEmpty();
                    case COUNTED -> from.isPresent() != to.isPresent() && into.isEmpty();
                    case REVERSED -> undoes.isPresent() && (from.isPresent() || to.isPresent());
                };
        if (!fits || (kind != Kind.REVERSED && undoes.isPresent())) {
            throw new IllegalArgumentException(
                    "What was " + kind.words() + " cannot go from " + from + " to " + to + " as " + into + ".");
        }
    }

    /** What it changes: one holding for pieces that come or go, two for pieces that stay. */
    public List<Posting> postings() {
        return Stream.concat(
                        from.map(place -> new Posting(new Holding(lot, place), -pieces)).stream(),
                        to.map(place -> new Posting(new Holding(into.orElse(lot), place), pieces)).stream())
                .toList();
    }

    /** The movement that turns this one round; throws {@link IllegalStateException} for one that already does so. */
    public Movement turnedRound(long newNumber) {
        if (kind == Kind.REVERSED) {
            throw new IllegalStateException("Movement " + number + " is itself an undoing; do it again instead.");
        }
        return new Movement(
                newNumber, Kind.REVERSED, into.orElse(lot), into.map(i -> lot), to, from, pieces, Optional.of(number));
    }
}
