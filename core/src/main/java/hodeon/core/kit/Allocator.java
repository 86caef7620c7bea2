package hodeon.core.kit;

import com.google.ortools.graph.MinCostFlow;
import com.google.ortools.graph.MinCostFlowBase;
import hodeon.core.kit.Allocation.Share;
import hodeon.core.kit.Choice.Candidate;
import hodeon.core.kit.Choice.Service;
import hodeon.core.kit.Choice.Use;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * Sets given pieces aside for the uses where together they are worth most: an exact minimum-cost flow from pieces over
 * (use, effect) to the single k-th uses. A durable serves all its uses at once, so consumables add only what they do better.
 */
public final class Allocator {

    /** Worths become whole numbers for the flow: the largest is this many units, so ties differ by under 1e-8 of it. */
    private static final double UNITS = 1e8;
    /** A k-th use worth less than this share of the most valuable one cannot change a plan that people could tell apart. */
    private static final double NEGLIGIBLE = 1e-8;

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
        double[] byDurables = durableEffects(quantities);
        Network network = new Network(byDurables);
        for (int i = 0; i < quantities.length; i++) {
            Candidate candidate = choice.candidates().get(i);
            if (quantities[i] > 0 && !candidate.durable()) {
                network.add(i, quantities[i] * candidate.usesPerPiece(), candidate.serves());
            }
        }
        List<Share> shares = network.solve();
        return new Allocation(
                Arrays.stream(quantities).boxed().toList(), shares, worthByUse(choice, byDurables, shares));
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

    /** Nodes: 0 source, 1 sink, then candidates, (use, effect) pairs and k-th uses as they turn up. */
    private final class Network {

        private record Arc(int candidate, int use) {}

        private final MinCostFlow flow = new MinCostFlow();
        private final double[] byDurables;
        private final Map<Integer, int[]> slots = new TreeMap<>();
        private final Map<String, Integer> levels = new TreeMap<>();
        private final Map<Integer, Arc> setAside = new TreeMap<>();
        private int nodes = 2;
        private int supply;

        Network(double[] byDurables) {
            this.byDurables = byDurables;
        }

        void add(int candidate, int uses, List<Service> serves) {
            int node = nodes++;
            supply += uses;
            flow.addArcWithCapacityAndUnitCost(0, node, uses, 0);
            flow.addArcWithCapacityAndUnitCost(node, 1, uses, 0);
            for (Service service : serves) {
                double gain = service.effect() - byDurables[service.use()];
                if (gain > 0) {
                    int level = level(service, gain);
                    int arc = flow.addArcWithCapacityAndUnitCost(node, level, uses, 0);
                    setAside.put(arc, new Arc(candidate, service.use()));
                }
            }
        }

        private int level(Service service, double gain) {
            String key = service.use() + "@" + service.effect();
            Integer known = levels.get(key);
            if (known != null) {
                return known;
            }
            int level = nodes++;
            levels.put(key, level);
            Use use = choice.uses().get(service.use());
            int[] kth = slots.computeIfAbsent(service.use(), u -> slots(use));
            for (int k = 0; k < kth.length; k++) {
                long profit = Math.round(use.worth() * use.atLeast().get(k) * gain * unit);
                flow.addArcWithCapacityAndUnitCost(level, kth[k], 1, -profit);
            }
            return level;
        }

        private int[] slots(Use use) {
            int kept = 0;
            while (kept < use.atLeast().size() && use.worth() * use.atLeast().get(kept) * unit > UNITS * NEGLIGIBLE) {
                kept++;
            }
            int[] kth = new int[kept];
            for (int k = 0; k < kept; k++) {
                kth[k] = nodes++;
                flow.addArcWithCapacityAndUnitCost(kth[k], 1, 1, 0);
            }
            return kth;
        }

        List<Share> solve() {
            if (supply == 0) {
                return List.of();
            }
            flow.setNodeSupply(0, supply);
            flow.setNodeSupply(1, -supply);
            MinCostFlowBase.Status status = flow.solve();
            if (status != MinCostFlowBase.Status.OPTIMAL) {
                throw new IllegalStateException("The allocation ended as " + status + ".");
            }
            List<Share> shares = new ArrayList<>();
            setAside.forEach((arc, of) -> {
                int uses = Math.toIntExact(flow.getFlow(arc));
                if (uses > 0) {
                    shares.add(new Share(of.candidate(), of.use(), uses));
                }
            });
            return shares;
        }
    }
}
