package hodeon.core.need;

import hodeon.core.catalogue.Repeat;
import hodeon.core.catalogue.Step;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;

/**
 * Draws trips at random: how many events of each problem, on which days, and what each step of each event wants when.
 * The number of events is drawn from the negative binomial, which is a Poisson number whose rate was drawn from its gamma
 * distribution. A trip is drawn by its seed and number alone, so any trip can be drawn again.
 */
public final class TripDraws {

    /** Odd, and not the step of SplittableRandom itself, which would make each trip a shifted copy of its neighbour. */
    private static final long SPREAD = 0xD1342543DE82EF95L;

    private static final double TAIL = 1e-13;

    /**
     * A problem to draw.
     *
     * @param exposureByDay adjusted person-days on each trip day
     * @param hoursToCare hours until steps that repeat until care end
     */
    public record Source(EventCount events, List<Double> exposureByDay, List<Step> steps, int hoursToCare) {

        public static Source of(ProblemForecast forecast, int hoursToCare) {
            return new Source(
                    forecast.events(),
                    forecast.exposure().byDay(),
                    forecast.problem().steps(),
                    hoursToCare);
        }
    }

    /**
     * So many pieces wanted.
     *
     * @param problem index into the sources
     * @param step index into the problem's steps
     * @param event counts the events of the trip from 0
     * @param day of the trip from 1
     */
    public record Want(int problem, int step, int event, int day, int pieces) {}

    private record Prepared(Source source, double[] atMost, double[] throughDay) {}

    private final List<Prepared> problems;

    public TripDraws(List<Source> sources) {
        this.problems = sources.stream()
                .map(s -> new Prepared(s, atMost(s.events()), throughDay(s.exposureByDay())))
                .toList();
    }

    /** What the numbered trip wants, by day, within a day event by event and step by step. */
    public List<Want> draw(long seed, long trip) {
        SplittableRandom random = new SplittableRandom(new SplittableRandom(seed + SPREAD * (trip + 1)).nextLong());
        List<Want> wants = new ArrayList<>();
        int event = 0;
        for (int p = 0; p < problems.size(); p++) {
            Prepared problem = problems.get(p);
            for (int n = first(problem.atMost(), random.nextDouble()); n > 0; n--) {
                int day = 1 + first(problem.throughDay(), random.nextDouble());
                event(problem.source(), p, event++, day, random, wants);
            }
        }
        wants.sort(Comparator.comparingInt(Want::day));
        return wants;
    }

    private static void event(
            Source source, int problem, int event, int day, SplittableRandom random, List<Want> wants) {
        for (int s = 0; s < source.steps().size(); s++) {
            Step step = source.steps().get(s);
            int first = pieces(step, random);
            if (first == 0) {
                continue;
            }
            wants.add(new Want(problem, s, event, day, first));
            switch (step.repeat()) {
                case Repeat.Once() -> {}
                case Repeat.Redress redress -> {
                    int last = Math.min(
                            day + redress.healingDays(), source.exposureByDay().size());
                    for (int d = day + redress.everyDays(); d <= last; d += redress.everyDays()) {
                        wants.add(new Want(problem, s, event, d, redress.pieces()));
                    }
                }
                case Repeat.UntilCare untilCare -> {
                    int later = untilCare.piecesWithin(source.hoursToCare());
                    if (later > 0) {
                        wants.add(new Want(problem, s, event, day, later));
                    }
                }
            }
        }
    }

    private static int pieces(Step step, SplittableRandom random) {
        if (step.first().size() == 1) {
            return step.first().firstKey();
        }
        double left = random.nextDouble();
        int last = 0;
        for (Map.Entry<Integer, Double> pieces : step.first().entrySet()) {
            last = pieces.getKey();
            left -= pieces.getValue();
            if (left < 0) {
                break;
            }
        }
        return last;
    }

    /** The first index whose value is above {@code uniform}, or the last. */
    private static int first(double[] rising, double uniform) {
        int i = 0;
        while (i < rising.length - 1 && uniform >= rising[i]) {
            i++;
        }
        return i;
    }

    private static double[] atMost(EventCount events) {
        List<Double> rising = new ArrayList<>();
        double sum = 0;
        Distribution one = Distribution.of(0, 1);
        Distribution count = PiecesOnTrip.of(events, one);
        for (int n = 0; n <= count.largest() && sum < 1 - TAIL; n++) {
            sum += count.at(n);
            rising.add(sum);
        }
        return rising.stream().mapToDouble(Double::doubleValue).toArray();
    }

    private static double[] throughDay(List<Double> exposureByDay) {
        double total = exposureByDay.stream().mapToDouble(Double::doubleValue).sum();
        double[] rising = new double[exposureByDay.size()];
        double sum = 0;
        for (int d = 0; d < rising.length; d++) {
            sum += exposureByDay.get(d);
            rising[d] = sum / total;
        }
        return rising;
    }
}
