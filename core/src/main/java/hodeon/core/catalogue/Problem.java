package hodeon.core.catalogue;

import hodeon.core.evidence.Rate;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Something that could happen to the party. What to do about it in words is its {@code procedure.Procedure}.
 *
 * @param severity 1 nuisance to 5 threatens life
 * @param needs each set must have one of its tags hold, or the problem cannot happen
 * @param factors multiplier of the rate for each tag that matters, 0 or more
 * @param steps what is done about it, in order
 * @param ofDogs happens to dogs, not to people
 * @param atOnce capabilities of its steps on which seconds decide
 */
public record Problem(
        String id,
        String name,
        int severity,
        Rate rate,
        List<Set<Tag>> needs,
        Map<Tag, Double> factors,
        List<Step> steps,
        boolean ofDogs,
        Set<String> atOnce) {

    public Problem {
        needs = List.copyOf(needs);
        factors = Map.copyOf(factors);
        steps = List.copyOf(steps);
        atOnce = Set.copyOf(atOnce);
    }

    public Problem withRate(Rate other) {
        return new Problem(id, name, severity, other, needs, factors, steps, ofDogs, atOnce);
    }

    /** What meeting one need of this problem is worth: 1, 4, 20, 100 or 400 for a severity of 1 to 5 (an assumption). */
    public int worth() {
        return switch (severity) {
            case 1 -> 1;
            case 2 -> 4;
            case 3 -> 20;
            case 4 -> 100;
            default -> 400;
        };
    }
}
