package hodeon.core.plan.tradeoff;

import hodeon.core.catalogue.Problem;
import hodeon.core.plan.KitQuestion;
import hodeon.core.plan.Plan;
import hodeon.core.plan.Planner;
import java.util.Comparator;
import java.util.List;
import java.util.Map;

/**
 * Two kits for one trip, the differences first.
 *
 * @param left weighed as the trip asks
 * @param right weighed the same way
 * @param difference pieces from left to right
 * @param problems how much of each problem either meets, the widest apart first
 */
public record SideBySide(Plan left, Plan right, Difference difference, List<Met> problems) {

    /** Shares of a problem's worth that are met. */
    public record Met(Problem problem, double left, double right) {}

    public static SideBySide of(KitQuestion question, Map<String, Integer> left, Map<String, Integer> right) {
        Planner planner = new Planner(question);
        Plan one = planner.weigh(left);
        Plan other = planner.weigh(right);
        List<Met> problems = question.problems().stream()
                .map(p -> new Met(
                        p.problem(),
                        one.coverage(p.problem().id()),
                        other.coverage(p.problem().id())))
                .sorted(Comparator.comparingDouble((Met m) -> -Math.abs(m.left() - m.right())))
                .toList();
        return new SideBySide(one, other, Difference.between(left, right), problems);
    }
}
