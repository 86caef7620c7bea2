package hodeon.core.kit.choice;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;

/** The same choice for a row of values of its first limit, or of the price of what it burdens. */
public final class Curves {

    /** Near enough for a curve, as a share of the bound. */
    private static final double GAP = 0.019;

    private Curves() {}

    /**
     * A first answer for each value, with its bound; values rise. A kit within a smaller limit is within a larger one too,
     * so worth never falls.
     */
    public static List<Solution> along(Choice choice, List<Double> limits, Duration patience) {
        List<Solution> rising = new ArrayList<>();
        Solution.Found best = null;
        for (Solution solution :
                each(limits.stream().map(choice::withFirstLimit).toList(), patience)) {
            if (solution instanceof Solution.Found found) {
                best = best == null || found.net() >= best.net()
                        ? found
                        : new Solution.Found(
                                best.quantities(), best.worth(), best.burden(), Math.max(best.net(), found.bound()));
                rising.add(best);
            } else {
                rising.add(solution);
            }
        }
        return List.copyOf(rising);
    }

    /**
     * A first answer for each factor by which the burden is multiplied, with its bound; factors fall. What was best where everything
     * is dearer is taken again where it still is, so worth hardly ever falls.
     *
     * @param factors above 0
     */
    public static List<Solution> priced(Choice choice, List<Double> factors, Duration patience) {
        List<Choice> choices = factors.stream()
                .map(f -> choice.withBurden(choice.burden().times(f)))
                .toList();
        List<Solution> rising = new ArrayList<>();
        Solution.Found before = null;
        List<Solution> each = each(choices, patience);
        for (int i = 0; i < each.size(); i++) {
            if (each.get(i) instanceof Solution.Found found) {
                if (before != null) {
                    double burden = choices.get(i).burden().of(before.array());
                    found = before.worth() - burden >= found.net()
                            ? new Solution.Found(
                                    before.quantities(),
                                    before.worth(),
                                    burden,
                                    Math.max(before.worth() - burden, found.bound()))
                            : found;
                }
                before = found;
                rising.add(found);
            } else {
                rising.add(each.get(i));
            }
        }
        return List.copyOf(rising);
    }

    private static List<Solution> each(List<Choice> choices, Duration patience) {
        List<Future<Solution>> each;
        // Some take far longer than others and those stand side by side, so every point is a task of its own.
        try (ExecutorService threads =
                Executors.newFixedThreadPool(Runtime.getRuntime().availableProcessors())) {
            each = choices.stream()
                    .map(one -> threads.submit(() -> new Optimiser(one).within(GAP, patience)))
                    .toList();
        }
        return each.stream().map(Future::resultNow).toList();
    }
}
