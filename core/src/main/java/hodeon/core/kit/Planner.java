package hodeon.core.kit;

import hodeon.core.catalogue.Supply;
import hodeon.core.kit.Choice.Candidate;
import hodeon.core.kit.Choice.Floor;
import hodeon.core.kit.Choice.Service;
import hodeon.core.units.Volume;
import java.time.Duration;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;

/** Answers one {@link KitQuestion}: what to take, how good given contents are, and what one piece more or less changes. */
public final class Planner {

    private static final double RELATIVE_GAP = 1e-3;

    private final KitQuestion question;
    private final Allocator allocator;

    public Planner(KitQuestion question) {
        this.question = question;
        this.allocator = new Allocator(question.choice());
    }

    public Solution recommend(Duration patience) {
        return new Optimiser(question.choice(), RELATIVE_GAP, patience).solve();
    }

    /** Pieces by supply id of a solution's quantities, leaving out zeros. */
    public Map<String, Integer> contents(List<Integer> quantities) {
        Map<String, Integer> pieces = new LinkedHashMap<>();
        for (int i = 0; i < quantities.size(); i++) {
            if (quantities.get(i) > 0) {
                pieces.put(question.choice().candidates().get(i).id(), quantities.get(i));
            }
        }
        return pieces;
    }

    public Plan weigh(Map<String, Integer> kit) {
        int[] quantities = question.quantities(kit);
        Allocation allocation = allocator.allocate(quantities);
        List<Plan.ServedStep> steps = new ArrayList<>();
        double ideal = 0;
        for (int u = 0; u < question.steps().size(); u++) {
            double best = question.choice().uses().get(u).ideal();
            ideal += best;
            steps.add(new Plan.ServedStep(
                    question.steps().get(u),
                    allocation.worthByUse().get(u),
                    best,
                    servedBy(u, quantities, allocation)));
        }
        Volume volume = Volume.ZERO;
        for (int i = 0; i < quantities.length; i++) {
            Supply supply = question.catalogue().supplies().get(i);
            volume = volume.plus(supply.volume().times(quantities[i]));
        }
        List<String> broken = new ArrayList<>();
        question.choice().floors().stream()
                .filter(f -> !f.holds(quantities))
                .map(Floor::reason)
                .forEach(broken::add);
        question.letGo().stream().map(Floor::reason).forEach(broken::add);
        return new Plan(
                contents(allocation.quantities()),
                question.choice().mass(quantities),
                volume,
                List.copyOf(steps),
                allocation.worth(),
                ideal,
                List.copyOf(broken));
    }

    /** What one piece more or less of a supply changes, by supply id, from {@code kit} as it is. */
    public Function<String, Marginal> marginals(Map<String, Integer> kit) {
        Marginals marginals = allocator.marginals(question.quantities(kit));
        List<String> ids =
                question.choice().candidates().stream().map(Candidate::id).toList();
        return supply -> marginals.of(ids.indexOf(supply));
    }

    private List<Plan.By> servedBy(int use, int[] quantities, Allocation allocation) {
        List<Plan.By> by = new ArrayList<>();
        for (int i = 0; i < quantities.length; i++) {
            Candidate candidate = question.choice().candidates().get(i);
            if (quantities[i] > 0
                    && candidate.durable()
                    && candidate.serves().stream().map(Service::use).anyMatch(u -> u == use)) {
                by.add(new Plan.By(candidate.id(), 0, true));
            }
        }
        allocation.shares().stream()
                .filter(s -> s.use() == use)
                .map(s -> new Plan.By(
                        question.choice().candidates().get(s.candidate()).id(), s.uses(), false))
                .forEach(by::add);
        return List.copyOf(by);
    }
}
