package hodeon.core.catalogue;

import hodeon.core.evidence.Rate;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Something that could happen to the party.
 *
 * @param severity 1 nuisance to 5 threatens life
 * @param needs each set must have one of its tags hold, or the problem cannot happen
 * @param factors multiplier of the rate for each tag that matters, 0 or more
 * @param steps what is done about it, in order
 * @param byHand what to do with no gear
 * @param call when to call for help
 */
public record Problem(
        String id,
        String name,
        int severity,
        Rate rate,
        List<Set<Tag>> needs,
        Map<Tag, Double> factors,
        List<Step> steps,
        String byHand,
        String call) {

    public Problem {
        needs = List.copyOf(needs);
        factors = Map.copyOf(factors);
        steps = List.copyOf(steps);
    }
}
