package hodeon.core.catalogue;

import java.util.Map;
import java.util.SortedMap;
import java.util.TreeMap;

/**
 * One step of what is done about a problem.
 *
 * @param capability id of what must be possible
 * @param first probability of each number of pieces taken at first, adding up to 1
 * @param repeat what is taken later
 * @param importance how much it matters
 */
public record Step(String capability, SortedMap<Integer, Double> first, Repeat repeat, Importance importance) {

    public Step {
        first = new TreeMap<>(first);
        double sum = first.values().stream().mapToDouble(Double::doubleValue).sum();
        if (Math.abs(sum - 1) > 1e-9) {
            throw new IllegalArgumentException("The probabilities of " + first + " add up to " + sum + ", not 1.");
        }
        if (first.firstKey() < 0) {
            throw new IllegalArgumentException("Fewer than 0 pieces in " + first + ".");
        }
    }

    /** Certain to take so many pieces at first. */
    public static SortedMap<Integer, Double> always(int pieces) {
        return new TreeMap<>(Map.of(pieces, 1.0));
    }
}
