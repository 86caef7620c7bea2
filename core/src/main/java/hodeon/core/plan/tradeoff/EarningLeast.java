package hodeon.core.plan.tradeoff;

import hodeon.core.units.Mass;
import java.util.Comparator;
import java.util.List;

/**
 * What lies in a kit and earns least for its grams: the first to prune.
 *
 * <p>Worked example: a wipe whose last sachet earns 0.02 at 2 g and a splint whose only piece earns 0.5 at 120 g. The wipe earns 0.01 a
 * gram, the splint 0.0042: the splint comes first.
 */
public final class EarningLeast {

    private EarningLeast() {}

    /**
     * What one may take away.
     *
     * @param lost worth that goes with its last piece or pieces, 0 or more
     * @param grams what they weigh, above 0
     */
    public record Last(String supply, double lost, Mass grams) {

        double perGram() {
            return lost / grams.grams();
        }
    }

    /** Ids of the first so many, least first; of equals the one named first. */
    public static List<String> of(List<Last> lying, int most) {
        return lying.stream()
                .sorted(Comparator.comparingDouble(Last::perGram))
                .limit(most)
                .map(Last::supply)
                .toList();
    }
}
