package hodeon.benchmarks;

import hodeon.core.catalogue.Catalogue;
import hodeon.core.catalogue.CatalogueReader;
import hodeon.core.kit.Holds;
import hodeon.core.kit.KitQuestion;
import hodeon.core.kit.Plan;
import hodeon.core.kit.Planner;
import hodeon.core.kit.choice.Marginal;
import hodeon.core.kit.choice.Solution;
import hodeon.core.need.Drivers;
import hodeon.core.need.Forecast;
import hodeon.core.trip.Stance;
import hodeon.core.trip.Trip;
import java.time.Duration;
import java.util.Map;
import org.HdrHistogram.Histogram;

/** How long the core takes for the sample trip, warm: forecast, the question, the optimiser, weighing, marginals. */
public final class CoreTimes {

    private static final int WARM_UP = 5;
    private static final int RUNS = 40;

    private CoreTimes() {}

    public static void main(String[] arguments) {
        Catalogue catalogue = CatalogueReader.shipped(Drivers.vocabulary());
        for (Stance stance : Stance.values()) {
            Trip trip = SampleTrip.of(stance);
            Histogram forecast = new Histogram(3);
            Histogram solve = new Histogram(3);
            Histogram both = new Histogram(3);
            Histogram weigh = new Histogram(3);
            Histogram marginals = new Histogram(3);
            double gap = 0;
            double coverage = 0;
            double oneLess = 0;
            for (int run = -WARM_UP; run < RUNS; run++) {
                long start = System.nanoTime();
                Forecast odds = Forecast.of(trip, catalogue);
                long forecasted = System.nanoTime();
                Planner planner = new Planner(KitQuestion.of(trip, catalogue, odds, Holds.NONE));
                Solution.Found found = (Solution.Found) planner.recommend(Duration.ofSeconds(30));
                long solved = System.nanoTime();
                Map<String, Integer> kit = planner.contents(found.quantities());
                Plan plan = planner.weigh(kit);
                long weighed = System.nanoTime();
                Marginal one = planner.marginals(kit).apply("hydrocolloid-pad");
                long done = System.nanoTime();
                gap = found.gap();
                coverage = plan.coverage();
                oneLess = one.oneLess() / plan.ideal();
                if (run >= 0) {
                    forecast.recordValue((forecasted - start) / 1000);
                    solve.recordValue((solved - forecasted) / 1000);
                    both.recordValue((solved - start) / 1000);
                    weigh.recordValue((weighed - solved) / 1000);
                    marginals.recordValue((done - weighed) / 1000);
                }
            }
            System.out.printf(
                    "%s, %d runs: gap %.4f %%, coverage %.1f %%, one blister pad less costs %.4f %%%n",
                    stance.label(), RUNS, 100 * gap, 100 * coverage, 100 * oneLess);
            print("  forecast", forecast);
            print("  question and optimiser", solve);
            print("  forecast and optimiser together", both);
            print("  weighing given contents", weigh);
            print("  one supply's marginals", marginals);
        }
    }

    private static void print(String what, Histogram micros) {
        System.out.printf(
                "%-34s median %8.1f ms   95th percentile %8.1f ms%n",
                what, micros.getValueAtPercentile(50) / 1000.0, micros.getValueAtPercentile(95) / 1000.0);
    }
}
