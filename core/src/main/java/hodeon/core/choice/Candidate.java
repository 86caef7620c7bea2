package hodeon.core.choice;

import hodeon.core.choice.Choice.Limit;
import hodeon.core.choice.Choice.Service;
import java.util.List;

/**
 * What could be taken.
 *
 * @param least fewest pieces, 0 or more
 * @param most most pieces, at least {@code least}
 * @param usesPerPiece uses one piece serves, 0.5 where two pieces are one use; above 0, ignored for a durable
 * @param durable one piece serves every use of its services
 */
public record Candidate(String id, int least, int most, double usesPerPiece, boolean durable, List<Service> serves) {

    public Candidate {
        serves = List.copyOf(serves);
        if (least < 0 || most < least || !(usesPerPiece > 0)) {
            throw new IllegalArgumentException(
                    id + ": pieces from " + least + " to " + most + ", " + usesPerPiece + " uses a piece.");
        }
    }

    /** The same for these uses alone, which are numbered anew in their order; the range of pieces no longer matters. */
    public Candidate serving(List<Integer> uses) {
        return new Candidate(
                id,
                0,
                Integer.MAX_VALUE,
                usesPerPiece,
                durable,
                serves.stream()
                        .filter(s -> uses.contains(s.use()))
                        .map(s -> new Service(uses.indexOf(s.use()), s.effect()))
                        .toList());
    }

    /** The same with another range of pieces. */
    public Candidate within(int fewest, int atMost) {
        return new Candidate(id, fewest, atMost, usesPerPiece, durable, serves);
    }

    /** Whole uses that so many pieces serve. */
    public int uses(int pieces) {
        return (int) Math.floor(pieces * usesPerPiece + Limit.ROUNDING);
    }

    private int piecesFor(int uses) {
        return (int) Math.ceil(uses / usesPerPiece - Limit.ROUNDING);
    }

    /** Fewest pieces more that serve one use more. */
    public int up(int pieces) {
        return durable ? 1 : piecesFor(uses(pieces) + 1) - pieces;
    }

    /** Fewest pieces, 1 or more, to take from so many, 1 or more, so that none is left over from a use. */
    public int down(int pieces) {
        return durable ? 1 : pieces - piecesFor(uses(pieces - 1));
    }
}
