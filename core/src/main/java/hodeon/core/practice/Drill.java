package hodeon.core.practice;

import hodeon.core.catalogue.Catalogue;
import hodeon.core.catalogue.Importance;
import hodeon.core.catalogue.Problem;
import hodeon.core.catalogue.Step;
import hodeon.core.catalogue.Supply;
import hodeon.core.catalogue.Tier;
import hodeon.core.evidence.PlanningAssumption;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.function.ToDoubleFunction;

/**
 * What a drill is about: a problem, drawn by how likely and how grave it is, and the thing of the kit that decides it.
 *
 * <p>The odds are tempered, or nobody would ever practise what is rare: a problem is drawn in proportion to the fourth root of its rate
 * times the square root of its worth. Worked example: a deep cut (0.8 in 1,000 person-days, worth 20) against severe limb bleeding
 * (0.03, worth 400): 4.2 to 8.3, where the bare odds are 27 to 1.
 *
 * @param thing of the kit; empty where the kit has nothing for it
 */
public record Drill(Problem problem, Optional<Supply> thing) {

    /** All of it right within so many seconds is at once. */
    public static final int SOON_SECONDS = PlanningAssumption.DRILL_SECONDS.whole();

    /** Drills reach down to what ends the outing for somebody; a plaster needs no drill. */
    private static final int LEAST_SEVERITY = PlanningAssumption.TRIP_ENDING_SEVERITY.whole();

    /** Everything a drill can be about. */
    public static List<Problem> all(Catalogue catalogue) {
        return catalogue.problems().stream()
                .filter(p -> !p.ofDogs() && p.severity() >= LEAST_SEVERITY)
                .toList();
    }

    /**
     * One of the problems.
     *
     * @param due problems that are to be asked again now; one of them is drawn if there are any
     * @param kit ids of the supplies in the kit
     * @param expected events of each problem on the outing that the kit is for, by id; empty for the usual rates
     */
    public static Drill draw(
            Catalogue catalogue, Set<String> due, Set<String> kit, Map<String, Double> expected, Random random) {
        List<Problem> all = all(catalogue).stream()
                .filter(p -> expected.isEmpty() || expected.getOrDefault(p.id(), 0.0) > 0)
                .toList();
        List<Problem> among = all.stream().filter(p -> due.contains(p.id())).toList();
        List<Problem> drawn = among.isEmpty() ? all : among;
        ToDoubleFunction<Problem> weight =
                p -> expected.isEmpty() ? weight(p) : tempered(expected.getOrDefault(p.id(), 0.0), p);
        double sum = drawn.stream().mapToDouble(weight).sum();
        double at = random.nextDouble() * sum;
        Problem problem = drawn.getLast();
        for (Problem each : drawn) {
            at -= weight.applyAsDouble(each);
            if (at < 0) {
                problem = each;
                break;
            }
        }
        return new Drill(problem, decisive(problem, catalogue, kit));
    }

    public static double weight(Problem problem) {
        return tempered(problem.rate().perThousandPersonDays(), problem);
    }

    private static double tempered(double often, Problem problem) {
        return Math.sqrt(Math.sqrt(often) * problem.worth());
    }

    /** The best thing of the kit for what decides: where seconds do, before the other critical steps. */
    public static Optional<Supply> decisive(Problem problem, Catalogue catalogue, Set<String> kit) {
        List<Step> steps = problem.steps().stream()
                .filter(s -> s.importance() == Importance.CRITICAL)
                .sorted(Comparator.comparing(s -> !problem.atOnce().contains(s.capability())))
                .toList();
        for (Step step : steps) {
            Optional<Supply> best = catalogue.supplies().stream()
                    .filter(s -> kit.contains(s.id()))
                    .filter(s -> s.serves().getOrDefault(step.capability(), Tier.IMPROVISED) != Tier.IMPROVISED)
                    .min(Comparator.comparing(s -> s.serves().get(step.capability())));
            if (best.isPresent()) {
                return best;
            }
        }
        return Optional.empty();
    }

    /**
     * How well it was answered, for {@link Recall}: 5 all right and soon, 4 all right, 3 one thing wrong, else 1.
     *
     * @param soon whether it took no longer than a minute
     */
    public static int quality(int right, int asked, boolean soon) {
        int wrong = asked - right;
        return wrong == 0 ? soon ? 5 : 4 : wrong == 1 ? 3 : 1;
    }
}
