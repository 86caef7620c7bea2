package hodeon.core.choice;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.Stream;

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
     * A first answer for each factor by which the burden is multiplied, with its bound; factors fall. Every kit is tried at every
     * factor. Away from the factor 1, where the burden is what it is, neither the worth nor what is taken of the first limit turns
     * back: where the best kit of a factor would, its neighbour's stands again.
     *
     * @param factors above 0; one of them is 1
     * @param known kits within the limits, in pieces of each candidate, that are tried too
     */
    public static List<Solution> priced(Choice choice, List<Double> factors, List<int[]> known, Duration patience) {
        List<Choice> choices = factors.stream()
                .map(f -> choice.withBurden(choice.burden().times(f)))
                .toList();
        List<Solution> each = each(choices, patience);
        List<Solution.Found> kits = each.stream()
                .filter(Solution.Found.class::isInstance)
                .map(Solution.Found.class::cast)
                .toList();
        if (kits.size() < each.size()) {
            return each;
        }
        Allocator allocator = new Allocator(choice);
        List<Solution.Found> tried = Stream.concat(
                        kits.stream(), known.stream().map(kit -> found(kit, allocator.worth(kit))))
                .toList();
        List<Solution.Found> rising = new ArrayList<>();
        for (int i = 0; i < kits.size(); i++) {
            Solution.Found at = kits.get(i);
            Choice priced = choices.get(i);
            rising.add(tried.stream()
                    .map(kit -> at.replacedBy(kit, priced))
                    .max(Comparator.comparingDouble(Solution.Found::net))
                    .orElseThrow());
        }
        int own = factors.indexOf(1.0);
        for (int i = own + 1; i < kits.size(); i++) {
            if (!rises(choice, rising.get(i - 1), rising.get(i))) {
                rising.set(i, kits.get(i).replacedBy(rising.get(i - 1), choices.get(i)));
            }
        }
        for (int i = own - 1; i >= 0; i--) {
            if (!rises(choice, rising.get(i), rising.get(i + 1))) {
                rising.set(i, kits.get(i).replacedBy(rising.get(i + 1), choices.get(i)));
            }
        }
        return List.copyOf(rising);
    }

    private static boolean rises(Choice choice, Solution.Found dearer, Solution.Found cheaper) {
        return dearer.worth() <= cheaper.worth() && grams(choice, dearer) <= grams(choice, cheaper);
    }

    private static Solution.Found found(int[] kit, double worth) {
        return new Solution.Found(Arrays.stream(kit).boxed().toList(), worth, 0, worth);
    }

    private static double grams(Choice choice, Solution.Found kit) {
        return choice.limits().getFirst().taken(kit.array());
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
