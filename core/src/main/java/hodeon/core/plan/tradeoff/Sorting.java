package hodeon.core.plan.tradeoff;

import hodeon.core.choice.Solution;
import hodeon.core.plan.KitQuestion;
import hodeon.core.plan.Planner;
import java.time.Duration;
import java.util.LinkedHashMap;
import java.util.Map;

/**
 * What to make of contents somebody already has: what of them to take, what is missing, what is more than sensible, and the
 * best second kit from what stays.
 *
 * @param take the best kit from these contents within the trip's limits
 * @param missing what the best kit of all has beyond these contents
 * @param surplus contents that are not taken
 * @param second the best second kit from the surplus within its own mass limit
 */
public record Sorting(
        Map<String, Integer> take,
        Map<String, Integer> missing,
        Map<String, Integer> surplus,
        Map<String, Integer> second) {

    /** @param secondGrams the most the second kit may weigh */
    public static Sorting of(KitQuestion question, Map<String, Integer> have, double secondGrams, Duration patience) {
        Map<String, Integer> best = best(question, patience);
        Map<String, Integer> take = best(question.within(have), patience);
        Map<String, Integer> missing = Difference.between(have, best).in();
        Map<String, Integer> surplus = new LinkedHashMap<>();
        have.forEach((id, pieces) -> {
            int left = pieces - take.getOrDefault(id, 0);
            if (left > 0) {
                surplus.put(id, left);
            }
        });
        Map<String, Integer> second = best(question.within(surplus).withMassLimit(secondGrams), patience);
        return new Sorting(take, missing, surplus, second);
    }

    private static Map<String, Integer> best(KitQuestion question, Duration patience) {
        Planner planner = new Planner(question);
        return switch (planner.recommend(patience)) {
            case Solution.Found found -> planner.contents(found.quantities());
            case Solution.TooTight tight -> planner.contents(tight.lightest());
        };
    }
}
