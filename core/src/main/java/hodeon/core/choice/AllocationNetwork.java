package hodeon.core.choice;

import hodeon.core.choice.Pools.Offer;
import hodeon.core.choice.Pools.Pool;
import hodeon.core.choice.Pools.Slot;
import hodeon.core.choice.linear.Solver;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;

/**
 * The allocation as a flow: source → consumables → (pool, effect) → slots → sink, and straight from a consumable to the
 * sink for uses that stay idle. A slot costs minus what it gains over what durables do already.
 */
final class AllocationNetwork {

    /** A slot worth less than this many units cannot change a plan that people could tell apart. */
    private static final double NEGLIGIBLE_UNITS = 1;
    /** More than all worths together, so that a floor is served before anything else; see {@link Allocator} for units. */
    private static final long FLOOR_UNITS = 1_000_000_000_000L;

    private static final int SOURCE = 0;
    private static final int SINK = 1;
    private static final int IDLE_CAPACITY = 1_000_000;

    /** A slot served by a consumable with some effect. */
    record Served(int candidate, Slot slot, double effect) {}

    private record Given(int arc, int candidate) {}

    private record Filled(int arc, Slot slot) {}

    /** Everything of one effect that one pool gets: from whom, and for which slots. */
    private record Level(double effect, int node, List<Given> given, List<Filled> filled) {}

    private final double unit;
    private final boolean roomForMore;
    private final List<Solver.Arc> arcs = new ArrayList<>();
    private final Map<Integer, Integer> nodeOfCandidate = new HashMap<>();
    private final List<Level> levels = new ArrayList<>();
    private int nodes = 2;
    private final int[] carried;

    /** @param roomForMore whether pieces could be added later: candidates of which there are none take part too */
    AllocationNetwork(
            Choice choice, List<Pool> pools, int[] quantities, double[] byDurables, double unit, boolean roomForMore) {
        this.unit = unit;
        this.roomForMore = roomForMore;
        int uses = 0;
        for (int i = 0; i < quantities.length; i++) {
            Candidate candidate = choice.candidates().get(i);
            if (!candidate.durable() && (roomForMore || quantities[i] > 0)) {
                int node = nodes++;
                nodeOfCandidate.put(i, node);
                arc(SOURCE, node, candidate.uses(quantities[i]), 0);
                arc(node, SINK, IDLE_CAPACITY, 0);
                uses += candidate.uses(quantities[i]);
            }
        }
        for (int p = 0; p < pools.size(); p++) {
            add(choice, pools.get(p), quantities, byDurables[p]);
        }
        carried = uses == 0 ? new int[arcs.size()] : Solver.shipped().cheapestFlow(arcs, SOURCE, SINK, uses);
    }

    /** Every slot that is served, by whom. Who of those with one effect serves which slot makes no difference. */
    List<Served> served() {
        List<Served> served = new ArrayList<>();
        for (Level level : levels) {
            int next = 0;
            List<Slot> slots = level.filled().stream()
                    .filter(f -> carried[f.arc()] > 0)
                    .map(Filled::slot)
                    .toList();
            for (Given given : level.given()) {
                for (int n = carried[given.arc()]; n > 0; n--) {
                    served.add(new Served(given.candidate(), slots.get(next++), level.effect()));
                }
            }
        }
        return served;
    }

    Residual residual() {
        List<Residual.Arc> carrying = new ArrayList<>(arcs.size());
        for (int i = 0; i < arcs.size(); i++) {
            Solver.Arc arc = arcs.get(i);
            if (arc.from() != SOURCE) {
                carrying.add(new Residual.Arc(arc.from(), arc.to(), arc.capacity(), carried[i], arc.cost()));
            }
        }
        return Residual.of(nodes, SINK, carrying, nodeOfCandidate);
    }

    private void add(Choice choice, Pool pool, int[] quantities, double byDurables) {
        List<Offer> better = pool.offers().stream()
                .filter(o -> nodeOfCandidate.containsKey(o.candidate()) && o.effect() > byDurables)
                .toList();
        if (better.isEmpty()) {
            return;
        }
        int forced = byDurables > 0 ? 0 : pool.floor();
        int[] slotNodes = slots(pool, forced, within(choice, better, quantities));
        better.stream().map(Offer::effect).distinct().forEach(effect -> {
            Level level = new Level(effect, nodes++, new ArrayList<>(), new ArrayList<>());
            levels.add(level);
            for (Offer offer : better) {
                if (offer.effect() == effect) {
                    int from = Objects.requireNonNull(nodeOfCandidate.get(offer.candidate()));
                    level.given().add(new Given(arc(from, level.node(), IDLE_CAPACITY, 0), offer.candidate()));
                }
            }
            for (int k = 0; k < slotNodes.length; k++) {
                Slot slot = pool.slots().get(k);
                long profit = Math.round(slot.worth() * (effect - byDurables) * unit) + (k < forced ? FLOOR_UNITS : 0);
                level.filled().add(new Filled(arc(level.node(), slotNodes[k], 1, -profit), slot));
            }
        });
    }

    /** No more slots can be served than the pieces there are, and one more, have uses. */
    private int within(Choice choice, List<Offer> offers, int[] quantities) {
        long uses = 0;
        int more = 0;
        for (Offer offer : offers) {
            Candidate candidate = choice.candidates().get(offer.candidate());
            int there = quantities[offer.candidate()];
            uses += candidate.uses(there);
            more = roomForMore
                    ? Math.max(more, candidate.uses(there + candidate.up(there)) - candidate.uses(there))
                    : 0;
        }
        return (int) Math.min(IDLE_CAPACITY, uses + more);
    }

    private int[] slots(Pool pool, int forced, int most) {
        int kept = 0;
        while (kept < Math.min(most, pool.slots().size())
                && (kept < forced || pool.slots().get(kept).worth() * unit > NEGLIGIBLE_UNITS)) {
            kept++;
        }
        int[] slots = new int[kept];
        for (int k = 0; k < kept; k++) {
            slots[k] = nodes++;
            arc(slots[k], SINK, 1, 0);
        }
        return slots;
    }

    private int arc(int from, int to, int capacity, long cost) {
        arcs.add(new Solver.Arc(from, to, capacity, cost));
        return arcs.size() - 1;
    }
}
