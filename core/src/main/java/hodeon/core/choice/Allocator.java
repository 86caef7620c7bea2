package hodeon.core.choice;

import hodeon.core.choice.Allocation.Share;
import hodeon.core.choice.AllocationNetwork.Served;
import hodeon.core.choice.Pools.Offer;
import hodeon.core.choice.Pools.Pool;
import hodeon.core.choice.Pools.Slot;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Sets given pieces aside for the uses where together they are worth most: an exact minimum-cost flow from pieces over
 * (pool, effect) to the single slots. A durable serves all its uses at once, so consumables add only what they do better.
 */
public final class Allocator {

    /** Worths become whole numbers for the flow: the largest is this many units, so ties differ by under 1e-8 of it. */
    private static final double UNITS = 1e8;

    /** If nothing is worth more than this, nothing is worth anything: units of it would be no numbers any more. */
    private static final double NOTHING = 1e-9;

    private final Choice choice;
    private final List<Pool> pools;
    private final double unit;

    public Allocator(Choice choice) {
        this.choice = choice;
        this.pools = Pools.of(choice);
        double most = pools.stream()
                .flatMap(p -> p.slots().stream())
                .mapToDouble(Slot::worth)
                .max()
                .orElse(1);
        this.unit = most > NOTHING ? UNITS / most : 1;
    }

    /** The best allocation of so many pieces of each candidate. */
    public Allocation allocate(int[] quantities) {
        double[] byDurables = byDurables(quantities);
        return allocation(quantities, byDurables, network(quantities, byDurables, false));
    }

    /** What one piece more or less of each candidate changes, every figure from a new optimal allocation. */
    public Marginals marginals(int[] quantities) {
        return solve(quantities).marginals();
    }

    /** An optimal allocation, and what changes around it. */
    record Solved(Allocation allocation, Marginals marginals) {}

    Solved solve(int[] quantities) {
        double[] byDurables = byDurables(quantities);
        AllocationNetwork network = network(quantities, byDurables, true);
        Allocation allocation = allocation(quantities, byDurables, network);
        return new Solved(
                allocation, new Marginals(this, choice, quantities, allocation.worth(), network.residual(), unit));
    }

    /** The worth alone. */
    public double worth(int[] quantities) {
        return allocate(quantities).worth();
    }

    private AllocationNetwork network(int[] quantities, double[] byDurables, boolean roomForMore) {
        return new AllocationNetwork(choice, pools, quantities, byDurables, unit, roomForMore);
    }

    /** The best effect any durable has on each pool. */
    private double[] byDurables(int[] quantities) {
        double[] effects = new double[pools.size()];
        for (int p = 0; p < effects.length; p++) {
            for (Offer offer : pools.get(p).offers()) {
                Candidate candidate = choice.candidates().get(offer.candidate());
                if (candidate.durable() && quantities[offer.candidate()] > 0) {
                    effects[p] = Math.max(effects[p], offer.effect());
                }
            }
        }
        return effects;
    }

    private Allocation allocation(int[] quantities, double[] byDurables, AllocationNetwork network) {
        int uses = choice.uses().size();
        Double[] worth = new Double[uses];
        Integer[] served = new Integer[uses];
        double[] durable = new double[uses];
        Arrays.fill(worth, 0.0);
        Arrays.fill(served, 0);
        for (int p = 0; p < byDurables.length; p++) {
            for (Slot slot : pools.get(p).slots()) {
                durable[slot.use()] = byDurables[p];
                worth[slot.use()] += byDurables[p] * slot.worth();
                served[slot.use()] += byDurables[p] > 0 ? 1 : 0;
            }
        }
        Map<Share, Integer> shares = new LinkedHashMap<>();
        for (Served one : network.served()) {
            int use = one.slot().use();
            worth[use] += one.slot().worth() * (one.effect() - durable[use]);
            served[use] += durable[use] > 0 ? 0 : 1;
            shares.merge(new Share(one.candidate(), use, 1), 1, Integer::sum);
        }
        List<Share> together = new ArrayList<>();
        shares.forEach((share, n) -> together.add(new Share(share.candidate(), share.use(), n)));
        return new Allocation(
                Arrays.stream(quantities).boxed().toList(), together, Arrays.asList(worth), Arrays.asList(served));
    }
}
