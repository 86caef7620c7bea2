package hodeon.core.kit;

import hodeon.core.kit.Allocation.Share;
import hodeon.core.kit.Choice.Candidate;
import hodeon.core.kit.Choice.Service;
import hodeon.core.kit.Choice.Use;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * Sets given pieces aside for the uses where together they are worth most: an exact minimum-cost flow from pieces over
 * (use, effect) to the single k-th uses. A durable serves all its uses at once, so consumables add only what they do better.
 */
public final class Allocator {

    /** Worths become whole numbers for the flow: the largest is this many units, so ties differ by under 1e-8 of it. */
    private static final double UNITS = 1e8;

    private final Choice choice;
    private final double unit;

    public Allocator(Choice choice) {
        Solver.load();
        this.choice = choice;
        double most = choice.uses().stream()
                .filter(u -> !u.atLeast().isEmpty())
                .mapToDouble(u -> u.worth() * u.atLeast().getFirst())
                .max()
                .orElse(1);
        this.unit = most > 0 ? UNITS / most : 1;
    }

    /** The best allocation of so many pieces of each candidate. */
    public Allocation allocate(int[] quantities) {
        return allocation(quantities, solved(quantities));
    }

    /** What one piece more or less of each candidate changes, every figure from a new optimal allocation. */
    public Marginals marginals(int[] quantities) {
        AllocationNetwork network = solved(quantities);
        double worth = allocation(quantities, network).worth();
        return new Marginals(this, choice, quantities, worth, network.residual(), unit);
    }

    private AllocationNetwork solved(int[] quantities) {
        return new AllocationNetwork(choice, quantities, durableEffects(quantities), unit);
    }

    private Allocation allocation(int[] quantities, AllocationNetwork network) {
        List<Share> shares = network.shares();
        return new Allocation(
                Arrays.stream(quantities).boxed().toList(),
                shares,
                worthByUse(choice, durableEffects(quantities), shares));
    }

    /** The worth alone. */
    public double worth(int[] quantities) {
        return allocate(quantities).worth();
    }

    private double[] durableEffects(int[] quantities) {
        double[] effects = new double[choice.uses().size()];
        for (int i = 0; i < quantities.length; i++) {
            Candidate candidate = choice.candidates().get(i);
            if (quantities[i] > 0 && candidate.durable()) {
                for (Service service : candidate.serves()) {
                    effects[service.use()] = Math.max(effects[service.use()], service.effect());
                }
            }
        }
        return effects;
    }

    /** Adds up P(U ≥ k) times the effect that serves the k-th use, best effects first. */
    private static List<Double> worthByUse(Choice choice, double[] byDurables, List<Share> shares) {
        List<List<Double>> effects = new ArrayList<>();
        choice.uses().forEach(u -> effects.add(new ArrayList<>()));
        for (Share share : shares) {
            double effect = choice.candidates().get(share.candidate()).serves().stream()
                    .filter(s -> s.use() == share.use())
                    .findFirst()
                    .orElseThrow()
                    .effect();
            for (int n = 0; n < share.uses(); n++) {
                effects.get(share.use()).add(effect);
            }
        }
        List<Double> worth = new ArrayList<>();
        for (int u = 0; u < choice.uses().size(); u++) {
            Use use = choice.uses().get(u);
            List<Double> best = effects.get(u);
            best.sort(java.util.Comparator.reverseOrder());
            double sum = 0;
            for (int k = 0; k < use.atLeast().size(); k++) {
                double effect = Math.max(byDurables[u], k < best.size() ? best.get(k) : 0);
                sum += use.atLeast().get(k) * effect;
            }
            worth.add(use.worth() * sum);
        }
        return worth;
    }
}
