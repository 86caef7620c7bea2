package hodeon.core.choice;

import hodeon.core.choice.linear.Model;
import hodeon.core.choice.linear.Solver;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;

/**
 * Shares modules out over carriers: nobody over their limit if that can be, loads as even as can be, modules and kinds in one place
 * unless evenness or safety is worth opening them, and in every group of carriers that may separate at least one of what nobody may be
 * without. What somebody gave to a carrier by hand stays there.
 *
 * @param items what is carried
 * @param carriers who carries
 * @param musts what every group needs
 * @param fixed what stays where it was given
 * @param together what keeping things together is worth
 */
public record Loads(List<Item> items, List<Carrier> carriers, List<Must> musts, List<Fixed> fixed, Together together) {

    /** A gram over somebody's limit costs as much as so many grams of unevenness. */
    private static final double OVER = 100;

    /** A group without what guards life costs more than any load. */
    private static final double WITHOUT = 1e6;

    private static final double GAP = 0.02;

    /**
     * @param grams of one piece
     * @param module it lies in
     */
    public record Item(String id, double grams, int pieces, String module) {}

    /**
     * @param group carriers of the same number stay together
     * @param most grams; infinite for no limit
     */
    public record Carrier(int group, double most) {}

    /** At least so many pieces of an item with a carrier, both by index. */
    public record Fixed(int item, int carrier, int pieces) {}

    /** How many grams of unevenness it is worth to keep a kind with one carrier, and a module with one; 0 or more. */
    public record Together(double kind, double module) {}

    /** At least one of these items, by index, in every group. */
    public record Must(String reason, List<Integer> items) {}

    /**
     * Pieces of each item by carrier; and the musts that cannot be kept because there are too few pieces.
     *
     * @param gap how far this may be from the best, in grams of unevenness
     */
    public record Shared(List<List<Integer>> piecesByCarrier, List<String> tooFew, double gap) {}

    /** Throws {@link IllegalStateException} if nothing is found in that time. */
    public Shared share(Duration patience) {
        Model model = new Model();
        int[][] pieces = new int[items.size()][carriers.size()];
        int[][] given = given();
        int heaviest = model.variable(0, 1e9, false, -1);
        int lightest = model.variable(0, 1e9, false, 1);
        for (int i = 0; i < items.size(); i++) {
            Model.Sum all = model.sum();
            for (int c = 0; c < carriers.size(); c++) {
                pieces[i][c] = model.variable(given[i][c], items.get(i).pieces(), true, 0);
                int any = model.variable(0, 1, true, -together.kind());
                model.sum()
                        .add(pieces[i][c], 1)
                        .add(any, -items.get(i).pieces())
                        .atMost(0);
                all.add(pieces[i][c], 1);
            }
            all.between(items.get(i).pieces(), items.get(i).pieces());
        }
        keepModulesTogether(model, pieces);
        for (int c = 0; c < carriers.size(); c++) {
            Model.Sum notAbove = model.sum().add(heaviest, -1);
            Model.Sum notBelow = model.sum().add(lightest, -1);
            Model.Sum limit = model.sum();
            for (int i = 0; i < items.size(); i++) {
                notAbove.add(pieces[i][c], items.get(i).grams());
                notBelow.add(pieces[i][c], items.get(i).grams());
                limit.add(pieces[i][c], items.get(i).grams());
            }
            notAbove.atMost(0);
            notBelow.atLeast(0);
            if (carriers.get(c).most() < Double.POSITIVE_INFINITY) {
                limit.add(model.variable(0, 1e9, false, -OVER), -1)
                        .atMost(carriers.get(c).most());
            }
        }
        List<String> tooFew = musts(model, pieces);
        Solver.Answer answer = Solver.shipped().maximise(model, GAP, patience);
        if (answer.values().length == 0) {
            throw new IllegalStateException(
                    "No way to share the load was found within " + patience.toMillis() + " ms.");
        }
        int[][] shared = new int[items.size()][carriers.size()];
        for (int i = 0; i < items.size(); i++) {
            for (int c = 0; c < carriers.size(); c++) {
                shared[i][c] = (int) Math.rint(answer.values()[pieces[i][c]]);
            }
        }
        tidy(shared, given, tooFew);
        List<List<Integer>> byCarrier = new ArrayList<>();
        for (int c = 0; c < carriers.size(); c++) {
            int carrier = c;
            byCarrier.add(Arrays.stream(shared).map(item -> item[carrier]).toList());
        }
        return new Shared(byCarrier, List.copyOf(tooFew), Math.max(0, answer.bound() + cost(shared, tooFew)));
    }

    /** What the search left apart for nothing comes together: kind by kind, as long as that is better. */
    private void tidy(int[][] shared, int[][] given, List<String> tooFew) {
        double best = cost(shared, tooFew);
        boolean better = true;
        while (better) {
            better = false;
            for (int i = 0; i < items.size(); i++) {
                for (int from = 0; from < carriers.size(); from++) {
                    for (int to = 0; to < carriers.size(); to++) {
                        int some = shared[i][from] - given[i][from];
                        if (from == to || some <= 0) {
                            continue;
                        }
                        shared[i][from] -= some;
                        shared[i][to] += some;
                        double cost = cost(shared, tooFew);
                        if (cost < best - 1e-9) {
                            best = cost;
                            better = true;
                        } else {
                            shared[i][from] += some;
                            shared[i][to] -= some;
                        }
                    }
                }
            }
        }
    }

    /** In grams of unevenness: the same as the model is made small by. */
    double cost(int[][] shared, List<String> tooFew) {
        double[] loads = new double[carriers.size()];
        double cost = 0;
        Set<String> opened = new HashSet<>();
        for (int i = 0; i < items.size(); i++) {
            for (int c = 0; c < carriers.size(); c++) {
                if (shared[i][c] > 0) {
                    loads[c] += shared[i][c] * items.get(i).grams();
                    cost += together.kind();
                    cost += opened.add(items.get(i).module() + " " + c) ? together.module() : 0;
                }
            }
        }
        for (int c = 0; c < loads.length; c++) {
            cost += OVER * Math.max(0, loads[c] - carriers.get(c).most());
        }
        double heaviest = Arrays.stream(loads).max().orElse(0);
        double lightest = Arrays.stream(loads).min().orElse(0);
        return cost + heaviest - lightest + WITHOUT * without(shared, tooFew);
    }

    private long without(int[][] shared, List<String> tooFew) {
        return musts.stream()
                .filter(m -> !tooFew.contains(m.reason()))
                .mapToLong(m -> carriers.stream()
                        .map(Carrier::group)
                        .distinct()
                        .filter(g -> m.items().stream().noneMatch(i -> carries(shared[i], g)))
                        .count())
                .sum();
    }

    private boolean carries(int[] item, int group) {
        return IntStream.range(0, item.length)
                .anyMatch(c -> item[c] > 0 && carriers.get(c).group() == group);
    }

    /** Pieces that stay where they were given, as long as there are so many. */
    private int[][] given() {
        int[][] given = new int[items.size()][carriers.size()];
        int[] left = items.stream().mapToInt(Item::pieces).toArray();
        for (Fixed f : fixed) {
            int some = Math.min(f.pieces(), left[f.item()]);
            given[f.item()][f.carrier()] += some;
            left[f.item()] -= some;
        }
        return given;
    }

    private List<String> musts(Model model, int[][] pieces) {
        List<Integer> groups = carriers.stream().map(Carrier::group).distinct().toList();
        List<String> tooFew = new ArrayList<>();
        for (Must must : musts) {
            int there =
                    must.items().stream().mapToInt(i -> items.get(i).pieces()).sum();
            if (there < groups.size()) {
                tooFew.add(must.reason());
                continue;
            }
            for (int group : groups) {
                Model.Sum enough = model.sum();
                // What was given away by hand may leave a group without: that is told, not forbidden.
                enough.add(model.variable(0, 1, true, -WITHOUT), 1);
                must.items().forEach(i -> IntStream.range(0, carriers.size())
                        .filter(c -> carriers.get(c).group() == group)
                        .forEach(c -> enough.add(pieces[i][c], 1)));
                enough.atLeast(1);
            }
        }
        return tooFew;
    }

    private void keepModulesTogether(Model model, int[][] pieces) {
        for (String module : items.stream().map(Item::module).distinct().toList()) {
            for (int c = 0; c < carriers.size(); c++) {
                int any = model.variable(0, 1, true, -together.module());
                for (int i = 0; i < items.size(); i++) {
                    if (items.get(i).module().equals(module)) {
                        model.sum()
                                .add(pieces[i][c], 1)
                                .add(any, -items.get(i).pieces())
                                .atMost(0);
                    }
                }
            }
        }
    }
}
