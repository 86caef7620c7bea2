package hodeon.core.plan.tradeoff;

import hodeon.core.catalogue.Importance;
import hodeon.core.choice.Allocation;
import hodeon.core.choice.Allocator;
import hodeon.core.choice.Candidate;
import hodeon.core.choice.Choice;
import hodeon.core.choice.Choice.Use;
import hodeon.core.evidence.PlanningAssumption;
import hodeon.core.need.ProblemForecast;
import hodeon.core.plan.KitQuestion;
import hodeon.core.plan.NeededStep;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;

/**
 * What a kit can do about one event of a problem, however rare it is: the whole kit is there for it. Coverage over a trip calms
 * wrongly here, for what hardly ever happens weighs hardly anything in it.
 *
 * <p>Worked example: severe bleeding of a limb has five critical steps: stop it, pack it, press on it, call, keep warm. A kit of two
 * ratchet tourniquets, which fit everybody, serves the first and nothing else: 20 %.
 *
 * @param met share of the worth of one event's critical steps that the kit, or what is at hand without it, can serve, 0 to 1
 * @param lacking names of the critical capabilities of which less than half is served, in the order of doing
 */
public record IfItHappens(ProblemForecast problem, double met, List<String> lacking) {

    /** From this severity on it is told: what ends the trip for somebody, and worse. */
    public static final int GRAVE = PlanningAssumption.TOLD_SEVERITY.whole();

    /** Below this a step counts as lacking. */
    private static final double HALF = PlanningAssumption.STEP_SERVED.value();

    /** A k-th use rarer than this in one event is left out. */
    private static final double LEAST_CHANCE = PlanningAssumption.LEAST_USE_CHANCE.value();

    public IfItHappens {
        lacking = List.copyOf(lacking);
    }

    public int severity() {
        return problem.problem().severity();
    }

    /** How much is at stake: what remains unmet, at what an event of this severity is worth. */
    private double atStake() {
        return (1 - met) * problem.problem().worth();
    }

    /** Every problem of this severity or a higher one that can happen and asks for anything, the worst unanswered first. */
    public static List<IfItHappens> of(KitQuestion question, Map<String, Integer> kit, int leastSeverity) {
        Map<ProblemForecast, List<Integer>> critical = new HashMap<>();
        for (int u = 0; u < question.steps().size(); u++) {
            NeededStep needed = question.steps().get(u);
            if (needed.problem().problem().severity() >= leastSeverity
                    && needed.step().step().importance() == Importance.CRITICAL) {
                critical.computeIfAbsent(needed.problem(), p -> new ArrayList<>())
                        .add(u);
            }
        }
        int[] quantities = question.quantities(kit);
        return question.problems().stream()
                .filter(critical::containsKey)
                .map(p -> of(question, quantities, p, critical.getOrDefault(p, List.of())))
                .sorted(Comparator.comparingDouble(IfItHappens::atStake).reversed())
                .toList();
    }

    private static IfItHappens of(
            KitQuestion question, int[] quantities, ProblemForecast problem, List<Integer> steps) {
        Choice one = oneEvent(question, steps);
        Allocation allocation = new Allocator(one).allocate(quantities);
        double ideal = 0;
        double met = 0;
        List<String> lacking = new ArrayList<>();
        for (int u = 0; u < steps.size(); u++) {
            double asked = one.uses().get(u).ideal();
            NeededStep needed = question.steps().get(steps.get(u));
            double done = needed.doneByHand() * asked
                    + (1 - needed.doneByHand()) * allocation.worthByUse().get(u);
            ideal += asked;
            met += done;
            if (done < HALF * asked) {
                lacking.add(needed.step().capability().name());
            }
        }
        return new IfItHappens(problem, ideal == 0 ? 1 : Math.clamp(met / ideal, 0, 1), lacking);
    }

    /** The same candidates, asked for the critical steps of one event alone; each step weighs the same. */
    private static Choice oneEvent(KitQuestion question, List<Integer> steps) {
        List<Use> uses = new ArrayList<>();
        for (int u : steps) {
            List<Double> atLeast = new ArrayList<>();
            for (int k = 1; question.steps().get(u).step().perEvent().atLeast(k) >= LEAST_CHANCE; k++) {
                atLeast.add(question.steps().get(u).step().perEvent().atLeast(k));
            }
            double all = atLeast.stream().mapToDouble(Double::doubleValue).sum();
            uses.add(new Use(question.choice().uses().get(u).id(), all == 0 ? 0 : 1 / all, atLeast));
        }
        List<Candidate> candidates = question.choice().candidates().stream()
                .map(c -> c.serving(steps))
                .toList();
        return new Choice(candidates, uses, List.of(), List.of(), OptionalInt.empty());
    }
}
