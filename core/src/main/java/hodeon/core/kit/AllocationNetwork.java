package hodeon.core.kit;

import com.google.ortools.graph.MinCostFlow;
import com.google.ortools.graph.MinCostFlowBase;
import hodeon.core.kit.Allocation.Share;
import hodeon.core.kit.Choice.Candidate;
import hodeon.core.kit.Choice.Service;
import hodeon.core.kit.Choice.Use;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * The allocation as a flow: source → consumables → (use, effect) → k-th uses → sink, and straight from a consumable to
 * the sink for uses that stay idle. A k-th use costs minus what it gains over what durables do already.
 */
final class AllocationNetwork {

    /** A k-th use worth less than this many units cannot change a plan that people could tell apart. */
    private static final double NEGLIGIBLE_UNITS = 1;

    private static final int SOURCE = 0;
    private static final int SINK = 1;
    private static final int IDLE_CAPACITY = 1_000_000;

    private record Level(int use, double effect) {}

    private record SetAside(int arc, int candidate, int use) {}

    private final Choice choice;
    private final double[] byDurables;
    private final double unit;
    private final MinCostFlow flow = new MinCostFlow();
    private final List<Residual.Arc> arcs = new ArrayList<>();
    private final Map<Integer, Integer> nodeOfCandidate = new HashMap<>();
    private final Map<Level, Integer> levels = new HashMap<>();
    private final Map<Integer, int[]> slots = new HashMap<>();
    private final List<SetAside> setAside = new ArrayList<>();
    private int nodes = 2;
    private boolean solved;

    AllocationNetwork(Choice choice, int[] quantities, double[] byDurables, double unit) {
        this.choice = choice;
        this.byDurables = byDurables;
        this.unit = unit;
        int uses = 0;
        for (int i = 0; i < quantities.length; i++) {
            Candidate candidate = choice.candidates().get(i);
            if (!candidate.durable()) {
                uses += add(i, quantities[i] * candidate.usesPerPiece(), candidate.serves());
            }
        }
        solve(uses);
    }

    /** Without uses there may be no node to give a supply to, which the native solver does not forgive. */
    private void solve(int uses) {
        if (uses == 0) {
            return;
        }
        flow.setNodeSupply(SOURCE, uses);
        flow.setNodeSupply(SINK, -uses);
        if (flow.solve() != MinCostFlowBase.Status.OPTIMAL) {
            throw new IllegalStateException("The allocation of " + uses + " uses found no optimum.");
        }
        solved = true;
    }

    List<Share> shares() {
        List<Share> shares = new ArrayList<>();
        for (SetAside s : setAside) {
            int uses = carried(s.arc());
            if (uses > 0) {
                shares.add(new Share(s.candidate(), s.use(), uses));
            }
        }
        return shares;
    }

    Residual residual() {
        List<Residual.Arc> solved = new ArrayList<>();
        for (int i = 0; i < arcs.size(); i++) {
            Residual.Arc arc = arcs.get(i);
            if (arc.from() != SOURCE) {
                solved.add(new Residual.Arc(arc.from(), arc.to(), arc.capacity(), carried(i), arc.cost()));
            }
        }
        return Residual.of(nodes, SINK, solved, nodeOfCandidate);
    }

    private int carried(int arc) {
        return solved ? Math.toIntExact(flow.getFlow(arc)) : 0;
    }

    private int add(int candidate, int uses, List<Service> serves) {
        int node = nodes++;
        nodeOfCandidate.put(candidate, node);
        arc(SOURCE, node, uses, 0);
        arc(node, SINK, IDLE_CAPACITY, 0);
        for (Service service : serves) {
            double gain = service.effect() - byDurables[service.use()];
            if (gain > 0) {
                int arc = arc(node, level(service, gain), IDLE_CAPACITY, 0);
                setAside.add(new SetAside(arc, candidate, service.use()));
            }
        }
        return uses;
    }

    private int level(Service service, double gain) {
        Level key = new Level(service.use(), service.effect());
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
            arc(level, kth[k], 1, -profit);
        }
        return level;
    }

    private int[] slots(Use use) {
        int kept = 0;
        while (kept < use.atLeast().size() && use.worth() * use.atLeast().get(kept) * unit > NEGLIGIBLE_UNITS) {
            kept++;
        }
        int[] kth = new int[kept];
        for (int k = 0; k < kept; k++) {
            kth[k] = nodes++;
            arc(kth[k], SINK, 1, 0);
        }
        return kth;
    }

    private int arc(int from, int to, int capacity, long cost) {
        arcs.add(new Residual.Arc(from, to, capacity, 0, cost));
        return flow.addArcWithCapacityAndUnitCost(from, to, capacity, cost);
    }
}
