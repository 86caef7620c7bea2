package hodeon.core.choice;

import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
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

    static Residual of(int nodes, int sink, List<Arc> arcs, Map<Integer, Integer> nodeOfCandidate) {
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
        return added(candidate, uses, Double.POSITIVE_INFINITY);
    }

    /**
     * The same, but stops as soon as the change is sure to be no better than {@code hopeless}, because each path is worse
     * than the one before, and answers what it could be at best.
     */
    double added(int candidate, int uses, double hopeless) {
        return send(candidate, uses, true, hopeless);
    }

    /** Takes uses of a candidate away and answers the change of cost, 0 or more; may stop once that is over {@code enough}. */
    double removed(int candidate, int uses, double enough) {
        return send(candidate, uses, false, enough);
    }

    /** Cost of the cheapest path from each candidate to the sink, by candidate: what its first further use would change. */
    Map<Integer, Long> firstAdded() {
        Paths paths = cheapest(true);
        Map<Integer, Long> costs = new HashMap<>();
        nodeOfCandidate.forEach((candidate, node) -> costs.put(candidate, paths.distance()[node]));
        return costs;
    }

    /**
     * Sends units along cheapest paths, as many at once as a path has room for, from the candidate to the sink or from the
     * sink to the candidate, and answers the change of cost; stops when it is sure to end above {@code enough}, and answers
     * the least it could be.
     */
    private double send(int candidate, int units, boolean toSink, double enough) {
        Integer node = nodeOfCandidate.get(candidate);
        if (node == null) {
            return 0;
        }
        double sum = 0;
        int sent = 0;
        while (sent < units) {
            Paths paths = cheapest(toSink);
            long cost = paths.distance()[node];
            if (cost >= UNREACHED / 2) {
                throw new IllegalStateException("No path between candidate " + candidate + " and the sink.");
            }
            double atBest = sum + (double) (units - sent) * cost;
            if ((cost == 0 && toSink) || atBest > enough) {
                return atBest;
            }
            int room = paths.room(node, units - sent);
            paths.move(node, room);
            sum += (double) room * cost;
            sent += room;
        }
        return sum;
    }

    /** Cheapest paths between every node and the sink; the arc a node was reached by, as taken, leads on to the sink's side. */
    private final class Paths {

        private final long[] distance = new long[first.length];
        private final int[] by = new int[first.length];
        private final boolean toSink;

        Paths(boolean toSink) {
            this.toSink = toSink;
            Arrays.fill(distance, UNREACHED);
            distance[sink] = 0;
        }

        long[] distance() {
            return distance;
        }

        private int nearer(int node) {
            return toSink ? to[by[node]] : to[by[node] ^ 1];
        }

        int room(int from, int most) {
            int room = most;
            for (int node = from; node != sink; node = nearer(node)) {
                room = Math.min(room, left[by[node]]);
            }
            return room;
        }

        void move(int from, int units) {
            for (int node = from; node != sink; node = nearer(node)) {
                left[by[node]] -= units;
                left[by[node] ^ 1] += units;
            }
        }
    }

    private Paths cheapest(boolean toSink) {
        Paths paths = new Paths(toSink);
        long[] distance = paths.distance;
        boolean[] queued = new boolean[first.length];
        int[] queue = new int[first.length]; // A ring: no node stands in it twice.
        queue[0] = sink;
        int head = 0;
        for (int waiting = 1; waiting > 0; waiting--) {
            int node = queue[head];
            head = head + 1 == queue.length ? 0 : head + 1;
            queued[node] = false;
            long here = distance[node];
            for (int arc = first[node]; arc >= 0; arc = next[arc]) {
                int taken = toSink ? arc ^ 1 : arc;
                int other = to[arc];
                if (left[taken] > 0 && here + cost[taken] < distance[other]) {
                    distance[other] = here + cost[taken];
                    paths.by[other] = taken;
                    if (!queued[other]) {
                        queued[other] = true;
                        queue[(head + waiting - 1) % queue.length] = other;
                        waiting++;
                    }
                }
            }
        }
        return paths;
    }
}
