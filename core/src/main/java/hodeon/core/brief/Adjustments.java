package hodeon.core.brief;

import java.util.HashMap;
import java.util.Map;
import java.util.OptionalDouble;

/**
 * What somebody changes in the odds for one trip only, because they know better there.
 *
 * @param byProblem by problem id, then by factor: {@value #RATE}, or a tag such as {@code activity:paddling}; 0 or more
 */
public record Adjustments(Map<String, Map<String, Double>> byProblem) {

    public static final Adjustments NONE = new Adjustments(Map.of());

    /** Names the rate itself, in events per 1,000 person-days, among the factors of a problem. */
    public static final String RATE = "rate";

    public static final double MOST_FACTOR = 1_000;
    public static final double MOST_RATE = 100_000;

    public Adjustments {
        Map<String, Map<String, Double>> copy = new HashMap<>();
        byProblem.forEach((problem, factors) -> {
            factors.forEach((factor, value) -> {
                if (!(value >= 0 && value <= most(factor))) {
                    throw new IllegalArgumentException(
                            factor + " of " + problem + ": " + value + " is outside 0 to " + most(factor) + ".");
                }
            });
            if (!factors.isEmpty()) {
                copy.put(problem, Map.copyOf(factors));
            }
        });
        byProblem = Map.copyOf(copy);
    }

    /** The largest value a factor may have, inclusive. */
    public static double most(String factor) {
        return factor.equals(RATE) ? MOST_RATE : MOST_FACTOR;
    }

    public OptionalDouble of(String problem, String factor) {
        Double value = byProblem.getOrDefault(problem, Map.of()).get(factor);
        return value == null ? OptionalDouble.empty() : OptionalDouble.of(value);
    }

    /** The same with all factors of one problem replaced. */
    public Adjustments with(String problem, Map<String, Double> factors) {
        Map<String, Map<String, Double>> changed = new HashMap<>(byProblem);
        changed.put(problem, factors);
        return new Adjustments(changed);
    }
}
