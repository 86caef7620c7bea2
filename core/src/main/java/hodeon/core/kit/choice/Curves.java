package hodeon.core.kit.choice;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;

/** The same choice for a row of values of its first limit. */
public final class Curves {

    /** Near enough for a curve, as a share of the bound. */
    private static final double GAP = 0.015;

    private Curves() {}

    /** So many values of the first limit, 2 or more, from what must come to where nothing useful is left to add. */
    public static List<Double> limits(Choice choice, int points, Duration patience) {
        double least = lightest(choice, patience);
        Choice free = choice.withFirstLimit(1e12);
        double most = new Optimiser(free).quick(patience) instanceof Solution.Found all
                ? choice.limits().getFirst().taken(all.array())
                : least;
        double from = Math.max(Math.ceil(least), Math.max(1, most / 100));
        double to = Math.max(Math.ceil(most), from);
        List<Double> limits = new ArrayList<>();
        for (int i = 0; i < points; i++) {
            double limit = from * Math.pow(to / from, i / (points - 1.0));
            limits.add(i == points - 1 ? to : Math.ceil(limit));
        }
        return limits.stream().distinct().toList();
    }

    /**
     * A first answer for each value, with its bound; values rise. A kit within a smaller limit is within a larger one too,
     * so worth never falls.
     */
    public static List<Solution> along(Choice choice, List<Double> limits, Duration patience) {
        List<Solution> each = limits.parallelStream()
                .map(most -> new Optimiser(choice.withFirstLimit(most)).within(GAP, patience))
                .toList();
        List<Solution> rising = new ArrayList<>();
        Solution.Found best = null;
        for (Solution solution : each) {
            if (solution instanceof Solution.Found found) {
                best = best == null || found.worth() >= best.worth()
                        ? found
                        : new Solution.Found(best.quantities(), best.worth(), Math.max(best.worth(), found.bound()));
                rising.add(best);
            } else {
                rising.add(solution);
            }
        }
        return List.copyOf(rising);
    }

    private static double lightest(Choice choice, Duration patience) {
        List<Integer> lightest = new Conflict(choice, new OrTools(), patience).lightest();
        return choice.limits()
                .getFirst()
                .taken(
                        lightest.isEmpty()
                                ? new int[choice.candidates().size()]
                                : lightest.stream().mapToInt(Integer::intValue).toArray());
    }
}
