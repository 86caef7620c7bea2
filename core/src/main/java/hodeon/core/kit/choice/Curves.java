package hodeon.core.kit.choice;

import hodeon.core.kit.choice.Choice.Limit;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;

/** The same choice for a row of values of its first limit. */
public final class Curves {

    /** Near enough for a curve, as a share of the bound. */
    private static final double GAP = 0.019;

    private Curves() {}

    /** So many values of the first limit, 2 or more, from what must come to where nothing useful is left to add. */
    public static List<Double> limits(Choice choice, int points, Duration patience) {
        double least = lightest(choice, patience);
        double most = heaviestUseful(choice, patience);
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
        List<Future<Solution>> each;
        // Small limits take longest and stand side by side, so every point is a task of its own.
        try (ExecutorService threads =
                Executors.newFixedThreadPool(Runtime.getRuntime().availableProcessors())) {
            each = limits.stream()
                    .map(most -> threads.submit(() -> new Optimiser(choice.withFirstLimit(most)).within(GAP, patience)))
                    .toList();
        }
        List<Solution> rising = new ArrayList<>();
        Solution.Found best = null;
        for (Future<Solution> answer : each) {
            Solution solution = answer.resultNow();
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

    /** What the first limit would let everything useful take, each piece of the relaxation rounded up. */
    private static double heaviestUseful(Choice choice, Duration patience) {
        Limit first = choice.limits().getFirst();
        List<Limit> others = choice.limits().subList(1, choice.limits().size());
        Choice free = new Choice(choice.candidates(), choice.uses(), choice.floors(), others, choice.mostKinds());
        Formulation formulation = Formulation.earningSparingly(free, first);
        Solver.Answer relaxed = Solver.shipped().relax(formulation.model(), patience);
        if (relaxed.values().length == 0) {
            return 0;
        }
        double[] pieces = formulation.pieces(relaxed.values());
        return first.taken(
                Arrays.stream(pieces).mapToInt(p -> (int) Math.ceil(p - 1e-6)).toArray());
    }

    private static double lightest(Choice choice, Duration patience) {
        List<Integer> lightest = new Conflict(choice, Solver.shipped(), patience).lightest();
        return choice.limits()
                .getFirst()
                .taken(
                        lightest.isEmpty()
                                ? new int[choice.candidates().size()]
                                : lightest.stream().mapToInt(Integer::intValue).toArray());
    }
}
