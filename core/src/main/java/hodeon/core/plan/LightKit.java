package hodeon.core.plan;

import hodeon.core.brief.Limits;
import hodeon.core.catalogue.Catalogue;
import hodeon.core.choice.Candidate;
import hodeon.core.choice.Choice;
import hodeon.core.choice.Choice.Floor;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/** A light kit that keeps the floors taken so far, built up floor by floor as long as mass and kinds have room. */
final class LightKit {

    private static final double ROUNDING = 1e-9;

    private final Catalogue catalogue;
    private final List<Candidate> candidates;
    private final Limits limits;
    private int[] pieces;

    LightKit(Catalogue catalogue, List<Candidate> candidates, Limits limits) {
        this.catalogue = catalogue;
        this.candidates = candidates;
        this.limits = limits;
        this.pieces = candidates.stream().mapToInt(Candidate::least).toArray();
    }

    /** Takes what keeps a floor, the lightest for what it counts first; takes nothing and answers false where that has no room. */
    boolean take(Floor floor) {
        int[] before = pieces.clone();
        for (Optional<More> next = lightest(floor); next.isPresent(); next = lightest(floor)) {
            pieces[next.get().candidate()] += next.get().pieces();
        }
        boolean fits = floor.holds(pieces)
                && grams() <= limits.mass().grams()
                && (limits.kinds().isEmpty()
                        || Choice.kinds(pieces) <= limits.kinds().getAsInt());
        if (!fits) {
            pieces = before;
        }
        return fits;
    }

    /** @param gramsPerUse of what the floor still lacks */
    private record More(int candidate, int pieces, double gramsPerUse) {}

    /** Empty once the floor holds, or nothing more may come for it. */
    private Optional<More> lightest(Floor floor) {
        double lacking = floor.pieces() - floor.sum(i -> pieces[i]);
        return IntStream.range(0, floor.candidates().size())
                .mapToObj(c -> more(floor.candidates().get(c), floor.each().get(c), lacking))
                .filter(more -> more.pieces() > 0)
                .min(Comparator.comparingDouble(More::gramsPerUse));
    }

    private More more(int candidate, double each, double lacking) {
        int more = Math.min(
                candidates.get(candidate).most() - pieces[candidate], (int) Math.ceil(lacking / each - ROUNDING));
        return new More(candidate, more, more * grams(candidate) / Math.min(lacking, more * each));
    }

    private double grams() {
        double sum = 0;
        for (int i = 0; i < pieces.length; i++) {
            sum += pieces[i] * grams(i);
        }
        return sum;
    }

    /** What rides elsewhere, behind the supplies, weighs nothing here. */
    private double grams(int candidate) {
        return candidate < catalogue.supplies().size()
                ? catalogue.supplies().get(candidate).mass().grams()
                : 0;
    }
}
