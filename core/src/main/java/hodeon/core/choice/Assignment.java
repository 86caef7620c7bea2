package hodeon.core.choice;

import hodeon.core.choice.linear.Model;
import hodeon.core.choice.linear.Solver;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.IntStream;

/**
 * Puts items into bins of limited room at the least cost (the generalised assignment problem): each into one bin, or into none at a
 * price; some pairs rather into the same. Exact, with its bound, and never worse than putting them in one by one.
 *
 * <p>Worked example: two bins of 3 and 10, three items of 2 that cost 0 in the first and 5, 1, 1 in the second. The first bin holds one:
 * the item that costs 5 elsewhere; in all 2.
 *
 * @param sizes of the items, 0 or more
 * @param room of the bins, 0 or more
 * @param costs of each item in each bin, 0 or more
 * @param left what it costs to leave an item out
 * @param pairs that belong together
 */
public record Assignment(List<Double> sizes, List<Double> room, double[][] costs, double[] left, List<Pair> pairs) {

    private static final double GAP = 0.001;
    private static final double ROUNDING = 1e-9;

    /** So many bins are rearranged at a time; fewer hardly ever make room for one thing more. */
    private static final int SOME = 9;

    private static final Duration FOR_SOME = Duration.ofMillis(250);

    /** Two items, and what it costs to have them apart. */
    public record Pair(int one, int other, double apart) {}

    /**
     * Where everything is.
     *
     * @param bins of each item; -1 where it is in none
     * @param cost of all of it
     * @param bound no assignment costs less
     */
    public record Assigned(int[] bins, double cost, double bound) {

        /** How far it may be from the best, as a share of its cost; 0 to 1. */
        public double gap() {
            return cost <= ROUNDING ? 0 : Math.max(0, (cost - bound) / cost);
        }
    }

    /** The better of one by one and a search for half the patience; the other half goes to some bins at a time. */
    public Assigned solve(Duration patience) {
        long until = System.nanoTime() + patience.toNanos();
        int[] best = oneByOne();
        improve(best);
        Solver.Answer answer = search(patience.dividedBy(2));
        double bound = Math.max(0, -answer.bound());
        if (answer.values().length > 0) {
            int[] found = bins(answer);
            improve(found);
            best = cost(found) <= cost(best) ? found : best;
        }
        Random random = new Random(sizes.size());
        while (cost(best) - bound > GAP * cost(best) && room.size() > SOME && System.nanoTime() < until) {
            best = rearranged(best, someBins(random), Duration.ofNanos(until - System.nanoTime()));
        }
        return new Assigned(best, cost(best), Math.min(bound, cost(best)));
    }

    private Set<Integer> someBins(Random random) {
        List<Integer> bins =
                new ArrayList<>(IntStream.range(0, room.size()).boxed().toList());
        Collections.shuffle(bins, random);
        return new TreeSet<>(bins.subList(0, SOME));
    }

    /** What lies in some of the bins, and in none, put into those bins at the least cost; the same if that is no better. */
    int[] rearranged(int[] bins, Set<Integer> some, Duration patience) {
        List<Integer> there = List.copyOf(some);
        List<Integer> items = IntStream.range(0, bins.length)
                .filter(i -> bins[i] < 0 || some.contains(bins[i]))
                .boxed()
                .toList();
        Assignment part = new Assignment(
                items.stream().map(sizes::get).toList(),
                there.stream().map(room::get).toList(),
                items.stream()
                        .map(i -> there.stream().mapToDouble(b -> costs[i][b]).toArray())
                        .toArray(double[][]::new),
                items.stream().mapToDouble(i -> left[i]).toArray(),
                pairs.stream()
                        .filter(p -> items.contains(p.one()) && items.contains(p.other()))
                        .map(p -> new Pair(items.indexOf(p.one()), items.indexOf(p.other()), p.apart()))
                        .toList());
        Solver.Answer answer = part.search(patience.compareTo(FOR_SOME) < 0 ? patience : FOR_SOME);
        if (answer.values().length == 0) {
            return bins;
        }
        int[] again = bins.clone();
        int[] found = part.bins(answer);
        for (int i = 0; i < found.length; i++) {
            again[items.get(i)] = found[i] < 0 ? -1 : there.get(found[i]);
        }
        return cost(again) < cost(bins) - ROUNDING ? again : bins;
    }

    private int[] bins(Solver.Answer answer) {
        return IntStream.range(0, sizes.size())
                .map(i -> IntStream.range(0, room.size())
                        .filter(b -> answer.values()[i * (room.size() + 1) + b] > 0.5)
                        .findFirst()
                        .orElse(-1))
                .toArray();
    }

    private Solver.Answer search(Duration patience) {
        Model model = new Model();
        int[][] in = new int[sizes.size()][room.size()];
        int[] out = new int[sizes.size()];
        for (int i = 0; i < sizes.size(); i++) {
            Model.Sum once = model.sum();
            for (int b = 0; b < room.size(); b++) {
                in[i][b] = model.variable(0, sizes.get(i) > room.get(b) ? 0 : 1, true, -costs[i][b]);
                once.add(in[i][b], 1);
            }
            // Left out it counts as well, so that what is made small is the cost itself and the gap is a share of that.
            out[i] = model.variable(0, 1, true, -left[i]);
            once.add(out[i], 1).between(1, 1);
        }
        for (int b = 0; b < room.size(); b++) {
            Model.Sum full = model.sum();
            for (int i = 0; i < sizes.size(); i++) {
                full.add(in[i][b], sizes.get(i));
            }
            full.atMost(room.get(b));
        }
        for (Pair pair : pairs) {
            // Apart unless both are in one bin, said bin by bin: tighter than “in this bin one of them without the
            // other”.
            model.variable(1, 1, false, -pair.apart());
            for (int b = 0; b <= room.size(); b++) {
                int together = model.variable(0, 1, false, pair.apart());
                model.sum()
                        .add(together, 1)
                        .add(b < room.size() ? in[pair.one()][b] : out[pair.one()], -1)
                        .atMost(0);
                model.sum()
                        .add(together, 1)
                        .add(b < room.size() ? in[pair.other()][b] : out[pair.other()], -1)
                        .atMost(0);
            }
        }
        return Solver.shipped().maximise(model, GAP, patience);
    }

    /** An item moved, or two exchanged, as long as that costs less: what a search that was cut short left lying. */
    private void improve(int[] bins) {
        double best = cost(bins);
        boolean better = true;
        while (better) {
            better = false;
            for (int i = 0; i < bins.length; i++) {
                for (int b = -1; b < room.size(); b++) {
                    int was = bins[i];
                    bins[i] = b;
                    double cost = b == was ? best : cost(bins);
                    if (cost < best - ROUNDING && fits(bins)) {
                        best = cost;
                        better = true;
                    } else {
                        bins[i] = was;
                    }
                }
                for (int k = 0; k < i; k++) {
                    exchange(bins, i, k);
                    double cost = bins[i] == bins[k] ? best : cost(bins);
                    if (cost < best - ROUNDING && fits(bins)) {
                        best = cost;
                        better = true;
                    } else {
                        exchange(bins, i, k);
                    }
                }
            }
        }
    }

    private static void exchange(int[] bins, int one, int other) {
        int was = bins[one];
        bins[one] = bins[other];
        bins[other] = was;
    }

    /** The dearest to leave out first, each where it costs least of what still has room. */
    int[] oneByOne() {
        double[] free = room.stream().mapToDouble(Double::doubleValue).toArray();
        int[] bins = new int[sizes.size()];
        List<Integer> order =
                new ArrayList<>(IntStream.range(0, sizes.size()).boxed().toList());
        order.sort(Comparator.comparingDouble((Integer i) -> -left[i]).thenComparing(i -> i));
        for (int i : order) {
            int item = i;
            bins[i] = IntStream.range(0, free.length)
                    .filter(b -> sizes.get(item) <= free[b] + ROUNDING && costs[item][b] < left[item])
                    .boxed()
                    .min(Comparator.comparingDouble(b -> costs[item][b]))
                    .orElse(-1);
            if (bins[i] >= 0) {
                free[bins[i]] -= sizes.get(i);
            }
        }
        return bins;
    }

    /** What an assignment costs; pairs count as apart where they are in different bins, or only one of them is in any. */
    public double cost(int[] bins) {
        double cost = 0;
        for (int i = 0; i < bins.length; i++) {
            cost += bins[i] < 0 ? left[i] : costs[i][bins[i]];
        }
        for (Pair pair : pairs) {
            cost += bins[pair.one()] == bins[pair.other()] ? 0 : pair.apart();
        }
        return cost;
    }

    /** Whether every bin holds no more than it has room for. */
    public boolean fits(int[] bins) {
        double[] used = new double[room.size()];
        for (int i = 0; i < bins.length; i++) {
            if (bins[i] >= 0) {
                used[bins[i]] += sizes.get(i);
            }
        }
        return IntStream.range(0, used.length).allMatch(b -> used[b] <= room.get(b) + 1e-6);
    }
}
