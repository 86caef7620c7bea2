package hodeon.core.plan;

import hodeon.core.catalogue.Supply;
import hodeon.core.choice.Allocation;
import hodeon.core.choice.Allocator;
import hodeon.core.choice.Candidate;
import hodeon.core.choice.Choice.Floor;
import hodeon.core.choice.Choice.Service;
import hodeon.core.choice.Marginal;
import hodeon.core.choice.Marginals;
import hodeon.core.choice.Optimiser;
import hodeon.core.choice.Solution;
import hodeon.core.units.Mass;
import hodeon.core.units.Money;
import hodeon.core.units.Volume;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.BiFunction;
import java.util.function.Function;

/** Answers one {@link KitQuestion}: what to take, how good given contents are, and what one piece more or less changes. */
public final class Planner {

    /** A kit this near its bound counts as proven best. */
    public static final double PROVEN_GAP = 1e-3;

    /** A first answer this near its bound is near enough, and one that takes longer than this comes as it is. */
    private static final double FIRST_GAP = 0.01;

    private static final Duration AT_ONCE = Duration.ofMillis(500);

    private final KitQuestion question;
    private final Allocator allocator;

    public Planner(KitQuestion question) {
        this.question = question;
        this.allocator = new Allocator(question.choice());
    }

    /** A kit at once, with a bound on what any kit could be worth; near it, unless that takes too long for a first answer. */
    public Solution recommend(Duration patience) {
        return new Optimiser(question.choice()).within(FIRST_GAP, AT_ONCE, patience);
    }

    /** The best kit, proven to a tenth of a per cent or as near as the time allows. */
    public Solution prove(Duration patience) {
        return new Optimiser(question.choice()).prove(PROVEN_GAP, patience);
    }

    /** Pieces by supply id of a solution's quantities, leaving out zeros and what rides elsewhere. */
    public Map<String, Integer> contents(List<Integer> quantities) {
        Map<String, Integer> pieces = new LinkedHashMap<>();
        for (int i = 0;
                i < Math.min(quantities.size(), question.catalogue().supplies().size());
                i++) {
            if (quantities.get(i) > 0) {
                pieces.put(question.choice().candidates().get(i).id(), quantities.get(i));
            }
        }
        return pieces;
    }

    public Plan weigh(Map<String, Integer> kit) {
        int[] quantities = question.quantities(kit);
        Allocation allocation = allocator.allocate(quantities);
        List<List<Plan.By>> by = servedBy(quantities, allocation);
        List<Plan.ServedStep> steps = new ArrayList<>();
        double ideal = 0;
        for (int u = 0; u < question.steps().size(); u++) {
            double best = question.choice().uses().get(u).ideal();
            ideal += best;
            steps.add(new Plan.ServedStep(
                    question.steps().get(u), allocation.worthByUse().get(u), best, by.get(u)));
        }
        Mass mass = Mass.ZERO;
        Volume volume = Volume.ZERO;
        Money price = Money.ZERO;
        for (int i = 0; i < question.catalogue().supplies().size(); i++) {
            Supply supply = question.catalogue().supplies().get(i);
            mass = mass.plus(supply.mass().times(quantities[i]));
            volume = volume.plus(supply.volume().times(quantities[i]));
            price = price.plus(supply.purchase().price().times(quantities[i]));
        }
        List<String> broken = new ArrayList<>();
        question.choice().floors().stream()
                .filter(f -> !f.holds(quantities))
                .map(Floor::reason)
                .forEach(broken::add);
        return new Plan(
                contents(allocation.quantities()),
                mass,
                volume,
                price,
                List.copyOf(steps),
                allocation.worth(),
                question.choice().burden().of(quantities),
                ideal,
                List.copyOf(broken),
                question.letGo().stream().map(Floor::reason).toList());
    }

    /** What one piece more or less of a supply changes, by supply id, from {@code kit} as it is. */
    public Function<String, Marginal> marginals(Map<String, Integer> kit) {
        return bySupply(kit, Marginals::of);
    }

    /** What one piece more of a supply adds alone, by supply id: most of the work of {@link #marginals} is in one fewer. */
    public Function<String, Double> gains(Map<String, Integer> kit) {
        return bySupply(kit, Marginals::gain);
    }

    private <T> Function<String, T> bySupply(Map<String, Integer> kit, BiFunction<Marginals, Integer, T> asked) {
        Marginals marginals = allocator.marginals(question.quantities(kit));
        List<String> ids =
                question.choice().candidates().stream().map(Candidate::id).toList();
        return supply -> asked.apply(marginals, ids.indexOf(supply));
    }

    private record Serving(Plan.By by, double effect) {}

    /** Who serves each step, what does it best first. */
    private List<List<Plan.By>> servedBy(int[] quantities, Allocation allocation) {
        List<List<Serving>> serving = new ArrayList<>();
        question.steps().forEach(step -> serving.add(new ArrayList<>()));
        for (int i = 0; i < quantities.length; i++) {
            Candidate candidate = question.choice().candidates().get(i);
            if (quantities[i] > 0 && candidate.durable()) {
                for (Service service : candidate.serves()) {
                    Plan.By by = new Plan.By(question.supply(i).id(), 0, true, 0);
                    serving.get(service.use()).add(new Serving(by, service.effect()));
                }
            }
        }
        allocation.shares().forEach(s -> {
            Plan.By by = new Plan.By(question.supply(s.candidate()).id(), s.uses(), false, 0);
            double effect = question.choice().candidates().get(s.candidate()).serves().stream()
                    .filter(service -> service.use() == s.use())
                    .mapToDouble(Service::effect)
                    .max()
                    .orElse(0);
            serving.get(s.use()).add(new Serving(by, effect));
        });
        return serving.stream().map(Planner::bestFirst).toList();
    }

    private static List<Plan.By> bestFirst(List<Serving> serving) {
        serving.sort(Comparator.comparingDouble(Serving::effect).reversed());
        List<Plan.By> ordered = new ArrayList<>();
        int after = 0;
        for (Serving s : serving) {
            ordered.add(new Plan.By(s.by().supply(), s.by().uses(), s.by().always(), after));
            after += s.by().uses();
        }
        return ordered;
    }
}
