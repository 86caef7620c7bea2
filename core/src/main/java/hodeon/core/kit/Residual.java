package hodeon.core.kit;

import java.util.ArrayDeque;
import java.util.Arrays;
import java.util.BitSet;
import java.util.Map;

/**
 * The residual network of an optimal flow: every arc may take what capacity is left, and give back what it carries.
 * Sending one unit along a cheapest path keeps the flow optimal. Paths are found by Bellman and Ford's method with a
 * queue; an optimal flow has no negative cycle.
 */
final class Residual {

    private static final long UNREACHED = Long.MAX_VALUE / 4;

    private final int sink;
    private final Map<Integer, Integer> nodeOfCandidate;
    private final int[] first;
    private final int[] next;
    private final int[] to;
    private final long[] cost;
    private final int[] left;

    private Residual(
            int sink,
            Map<Integer, Integer> nodeOfCandidate,
            int[] first,
            int[] next,
            int[] to,
            long[] cost,
            int[] left) {
        this.sink = sink;
        this.nodeOfCandidate = nodeOfCandidate;
        this.first = first;
        this.next = next;
        this.to = to;
        this.cost = cost;
        this.left = left;
    }

    /** An arc of the solved network. */
    record Arc(int from, int to, int capacity, int flow, long cost) {}

    static Residual of(int nodes, int sink, java.util.List<Arc> arcs, Map<Integer, Integer> nodeOfCandidate) {
        int[] first = new int[nodes];
        Arrays.fill(first, -1);
        int n = 2 * arcs.size();
        int[] next = new int[n];
        int[] to = new int[n];
        long[] cost = new long[n];
        int[] left = new int[n];
        for (int i = 0; i < arcs.size(); i++) {
            Arc arc = arcs.get(i);
            // Pairs: an even arc forwards, the odd one behind it backwards.
            to[2 * i] = arc.to();
            cost[2 * i] = arc.cost();
            left[2 * i] = arc.capacity() - arc.flow();
            next[2 * i] = first[arc.from()];
            first[arc.from()] = 2 * i;
            to[2 * i + 1] = arc.from();
            cost[2 * i + 1] = -arc.cost();
            left[2 * i + 1] = arc.flow();
            next[2 * i + 1] = first[arc.to()];
            first[arc.to()] = 2 * i + 1;
        }
        return new Residual(sink, nodeOfCandidate, first, next, to, cost, left);
    }

    Residual copy() {
        return new Residual(sink, nodeOfCandidate, first, next, to, cost, left.clone());
    }

    /** Adds uses of a candidate and answers the change of cost, 0 or less. */
    double added(int candidate, int uses) {
        Integer node = nodeOfCandidate.get(candidate);
        return node == null ? 0 : send(node, sink, uses);
    }

    /** Takes uses of a candidate away and answers the change of cost, 0 or more. */
    double removed(int candidate, int uses) {
        Integer node = nodeOfCandidate.get(candidate);
        return node == null ? 0 : send(sink, node, uses);
    }

    private double send(int from, int target, int units) {
        double sum = 0;
        for (int i = 0; i < units; i++) {
            long step = sendOne(from, target);
            if (step == 0 && from != sink) {
                break;
            }
            sum += step;
        }
        return sum;
    }

    private long sendOne(int from, int target) {
        long[] distance = new long[first.length];
        Arrays.fill(distance, UNREACHED);
        int[] by = new int[first.length];
        BitSet queued = new BitSet(first.length);
        ArrayDeque<Integer> queue = new ArrayDeque<>();
        distance[from] = 0;
        queue.add(from);
        while (!queue.isEmpty()) {
            int node = queue.remove();
            queued.clear(node);
            for (int arc = first[node]; arc >= 0; arc = next[arc]) {
                long reached = distance[node] + cost[arc];
                if (left[arc] > 0 && reached < distance[to[arc]]) {
                    distance[to[arc]] = reached;
                    by[to[arc]] = arc;
                    if (!queued.get(to[arc])) {
                        queued.set(to[arc]);
                        queue.add(to[arc]);
                    }
                }
            }
        }
        if (distance[target] >= UNREACHED / 2) {
            throw new IllegalStateException("No path from " + from + " to " + target + " in the allocation.");
        }
        for (int node = target; node != from; node = to[by[node] ^ 1]) {
            left[by[node]]--;
            left[by[node] ^ 1]++;
        }
        return distance[target];
    }
}
