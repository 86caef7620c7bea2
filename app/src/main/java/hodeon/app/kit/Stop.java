package hodeon.app.kit;

import hodeon.app.kit.KitCalculator.Weighing;
import hodeon.app.shell.Figures;
import hodeon.core.catalogue.Supply;
import hodeon.core.kit.choice.Marginal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** Where a kit stopped, and what the next hundred grams would buy, in words. */
final class Stop {

    private static final double NEXT_GRAMS = 100;
    private static final int NAMED = 3;

    private Stop() {}

    /** A supply of which one more piece would come, with what it adds. */
    private record Next(Supply supply, double worth) {

        double grams() {
            return Math.max(1e-3, supply.mass().grams());
        }

        double perGram() {
            return worth / grams();
        }
    }

    /**
     * Adding more of anything only lowers what the next piece adds, so the best hundred grams, the last piece by parts, are what no
     * hundred grams exceed.
     */
    static String of(Mat mat, Weighing weighing) {
        List<Next> all = new ArrayList<>();
        for (Supply supply : mat.known().catalogue().supplies()) {
            double worth = Optional.ofNullable(weighing.marginals().get(supply.id()))
                    .map(Marginal::oneMore)
                    .orElse(0.0);
            if (worth > 0) {
                all.add(new Next(supply, worth));
            }
        }
        all.sort(Comparator.comparingDouble(Next::perGram).reversed());
        double left = NEXT_GRAMS;
        double gain = 0;
        List<String> named = new ArrayList<>();
        for (Next next : all) {
            if (left <= 0) {
                break;
            }
            gain += next.worth() * Math.min(1, left / next.grams());
            left -= next.grams();
            if (named.size() < NAMED) {
                named.add(next.supply().name());
            }
        }
        String here = Figures.grams(weighing.plan().mass());
        double ideal = weighing.plan().ideal();
        return gain <= 0 || ideal <= 0
                ? here + " is enough: nothing more would help."
                : "Stops at " + here + ". The next " + Figures.grams(NEXT_GRAMS) + " would buy at most "
                        + Figures.percent(gain / ideal) + ": " + String.join(", ", named) + ".";
    }
}
