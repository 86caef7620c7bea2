package hodeon.app.plan;

import hodeon.core.choice.Solution;
import java.util.Map;

/**
 * The best kit known.
 *
 * @param pieces by supply id
 * @param solution how near the proven best it is, or why nothing fits
 * @param first pieces of the first answer, which somebody may be looking at still
 * @param searching whether a better one, or its proof, is being looked for
 */
public record Recommendation(
        Map<String, Integer> pieces, Solution solution, Map<String, Integer> first, boolean searching) {

    public Recommendation stillSearching() {
        return new Recommendation(pieces, solution, first, true);
    }
}
