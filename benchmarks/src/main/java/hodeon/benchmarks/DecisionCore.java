package hodeon.benchmarks;

import hodeon.core.brief.Stance;
import hodeon.core.brief.Trip;
import hodeon.core.catalogue.Catalogue;
import hodeon.core.catalogue.file.CatalogueReader;
import hodeon.core.choice.Solution;
import hodeon.core.medication.Suitability;
import hodeon.core.need.Drivers;
import hodeon.core.need.Forecast;
import hodeon.core.plan.Holds;
import hodeon.core.plan.KitQuestion;
import hodeon.core.plan.Plan;
import hodeon.core.plan.Planner;
import hodeon.core.plan.tradeoff.Curve;
import hodeon.core.plan.tradeoff.Rehearsal;
import hodeon.core.plan.tradeoff.RehearsalResult;
import java.time.Duration;
import java.util.HashMap;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** The decision core, warm, on the whole catalogue; by default eight people and six days. */
@SuppressWarnings("NullAway.Init") // JMH and ask() fill the fields.
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(value = 1, jvmArgsAppend = "--enable-native-access=ALL-UNNAMED")
@Warmup(iterations = 3, time = 3)
@Measurement(iterations = 3, time = 4)
public class DecisionCore {

    private static final Duration PATIENCE = Duration.ofSeconds(30);
    private static final Catalogue CATALOGUE = CatalogueReader.shipped(Drivers.vocabulary());

    @Param({"HOLD_UNTIL_HELP", "FIX_THE_LIKELY", "FIRST_MINUTES"})
    Stance stance;

    /** How many times the sample party, and how many days. */
    @Param("1x6")
    String size;

    private Trip trip;
    private KitQuestion question;
    private Planner planner;
    private Map<String, Integer> kit;
    private boolean odd;

    @Setup
    public void ask() {
        String[] words = size.split("x");
        trip = SampleTrip.of(stance, Integer.parseInt(words[0]), Integer.parseInt(words[1]));
        question = KitQuestion.of(trip, CATALOGUE, Forecast.of(trip, CATALOGUE), Holds.NONE, Suitability.OF_NOBODY);
        planner = new Planner(question);
        Solution.Found found = (Solution.Found) planner.recommend(PATIENCE);
        kit = new HashMap<>(planner.contents(found.quantities()));
        System.out.printf(
                "%n# %s %s: first answer within %.3f %%, curve within %.3f %%%n",
                stance,
                size,
                100 * found.gap(),
                100
                        * Curve.of(question, 12, Map.of(), PATIENCE).points().stream()
                                .mapToDouble(Curve.Point::gap)
                                .max()
                                .orElse(0));
    }

    @Benchmark
    public Forecast forecast() {
        return Forecast.of(trip, CATALOGUE);
    }

    /** From the forecast to a kit with its certified gap. */
    @Benchmark
    public Solution firstAnswer() {
        return new Planner(KitQuestion.of(
                        trip, CATALOGUE, Forecast.of(trip, CATALOGUE), Holds.NONE, Suitability.OF_NOBODY))
                .recommend(PATIENCE);
    }

    @Benchmark
    public Solution proof() {
        return planner.prove(PATIENCE);
    }

    @Benchmark
    public Curve curveOfTwelve() {
        return Curve.of(question, 12, Map.of(), PATIENCE);
    }

    /** One plus or minus: the same kit with one pad more or less, set aside anew. */
    @Benchmark
    public Plan plusOrMinus() {
        odd = !odd;
        kit.merge("hydrocolloid-pad", odd ? 1 : -1, Integer::sum);
        return planner.weigh(kit);
    }

    @Benchmark
    public RehearsalResult rehearsal() {
        return Rehearsal.of(question, kit).run(Rehearsal.TRIPS, 1);
    }
}
