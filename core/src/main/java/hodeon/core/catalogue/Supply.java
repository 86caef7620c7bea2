package hodeon.core.catalogue;

import hodeon.core.units.Mass;
import hodeon.core.units.Volume;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Something that can be carried.
 *
 * @param piece what one piece is called
 * @param mass of one piece as carried
 * @param volume of one piece as carried
 * @param usesPerPiece what one piece is good for: 40 for a roll, 0.5 where two tablets are one dose; above 0, ignored for a durable
 * @param durable serves every use of its capabilities, not one use a piece
 * @param serves capability ids and how well
 * @param training tag of the least level that may use it
 * @param contains materials somebody may be allergic to, as allergy tags
 * @param notFor people it is not for
 * @param prescribed tag of the rescue medicine it is, if it is one
 * @param each pieces for each person it is prescribed to, 1 or more
 * @param most never recommend more
 * @param leastIfAny none, or at least so many
 * @param sizes tags of the sizes of body it fits; empty if it fits all
 * @param superseded no longer to be taken: replaced or recalled
 * @param fit where, and beside what, it is worth taking
 */
public record Supply(
        String id,
        String name,
        Group group,
        Form form,
        String piece,
        Mass mass,
        Volume volume,
        double usesPerPiece,
        boolean durable,
        Map<String, Tier> serves,
        Tag training,
        Set<Tag> contains,
        Set<Tag> notFor,
        Optional<Tag> prescribed,
        int each,
        int most,
        int leastIfAny,
        Set<Tag> sizes,
        Purchase purchase,
        Keeping keeping,
        Crossing crossing,
        boolean superseded,
        Fit fit) {

    /** A third of a dose three times is a dose. */
    private static final double ROUNDING = 1e-9;

    public Supply {
        serves = Map.copyOf(serves);
        contains = Set.copyOf(contains);
        notFor = Set.copyOf(notFor);
        sizes = Set.copyOf(sizes);
        if (!(usesPerPiece > 0)) {
            throw new IllegalArgumentException(id + ": " + usesPerPiece + " uses a piece.");
        }
    }

    /** Whether one piece serves every use there is: it is not used up and not in use for long. */
    public boolean servesAll() {
        return durable && !fit.occupied();
    }

    /** Whether it serves nothing that could happen and comes along all the same, one of it. */
    public boolean comesAnyway() {
        return serves.isEmpty();
    }

    /** Whole uses that so many pieces are good for, if it is used up by them. */
    public int uses(int pieces) {
        return (int) Math.floor(pieces * usesPerPiece + ROUNDING);
    }

    /** Fewest pieces that are good for so many uses. */
    public int piecesFor(int uses) {
        return (int) Math.ceil(uses / usesPerPiece - ROUNDING);
    }

    /** The same with another number of pieces to one use, 1 or more. */
    public Supply withPiecesPerUse(double piecesPerUse) {
        return new Supply(
                id,
                name,
                group,
                form,
                piece,
                mass,
                volume,
                1 / piecesPerUse,
                durable,
                serves,
                training,
                contains,
                notFor,
                prescribed,
                each,
                most,
                leastIfAny,
                sizes,
                purchase,
                keeping,
                crossing,
                superseded,
                fit);
    }
}
