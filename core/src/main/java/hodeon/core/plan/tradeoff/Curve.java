package hodeon.core.plan.tradeoff;

import hodeon.core.catalogue.Severity;
import hodeon.core.choice.Curves;
import hodeon.core.choice.Solution;
import hodeon.core.plan.KitQuestion;
import hodeon.core.plan.Plan;
import hodeon.core.plan.Planner;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * Weight against coverage: the best kit for a row of prices of a gram and a kind, from so dear that hardly more than what must come
 * does to so cheap that nearly everything useful comes.
 *
 * @param points the dearest grams first; worth never falls along them
 * @param recommended index of the point at the trip's own price, where its kit stops; −1 if nothing fits
 */
public record Curve(List<Point> points, int recommended) {

    /** How many points a curve has unless told otherwise. */
    public static final int POINTS = 14;

    /** What counts as all that can be done: the last per cent never ends. */
    public static final double NEARLY = 0.99;

    /** So many points further on a gram and a kind cost a tenth. */
    private static final double POINTS_PER_TENTH = 3;

    /** The share of the points that stand before the recommended one. */
    private static final double BEFORE = 0.45;

    /**
     * @param price of a gram, and of a kind, as a multiple of the trip's own
     * @param grams what the kit weighs
     * @param coverage worth as a share of meeting every need
     * @param gap how far below the proven best its worth may be, as a share
     * @param pieces by supply id
     * @param bySeverity the same share for the problems of severity 1 to 5 alone
     * @param ifItHappens what the kit can do about one event of each grave problem, the worst unanswered first
     */
    public record Point(
            double price,
            double grams,
            double coverage,
            double gap,
            Map<String, Integer> pieces,
            List<Double> bySeverity,
            List<IfItHappens> ifItHappens) {}

    public Curve {
        points = List.copyOf(points);
    }

    /**
     * The lightest point from which on nothing that can be carried does much more about problems of one severity, 1 to 5:
     * it meets {@value #NEARLY} or more of what the best point for them meets, which may be little. Empty for a curve without points.
     */
    public OptionalInt nothingMoreFor(int severity) {
        double most = points.stream()
                .mapToDouble(p -> p.bySeverity().get(severity - 1))
                .max()
                .orElse(0);
        return IntStream.range(0, points.size())
                .filter(i -> points.get(i).bySeverity().get(severity - 1) >= NEARLY * most)
                .findFirst();
    }

    /**
     * Prices spaced evenly by ratio; the trip's own is one of them.
     *
     * @param recommended the best kit known at the trip's own price, by supply id; empty if none is
     */
    public static Curve of(KitQuestion question, int points, Map<String, Integer> recommended, Duration patience) {
        Planner planner = new Planner(question);
        int own = (int) Math.round(BEFORE * points);
        List<Double> prices = IntStream.range(0, points)
                .mapToObj(i -> Math.pow(10, (own - i) / POINTS_PER_TENTH))
                .toList();
        List<Solution> solutions = Curves.priced(
                question.choice(),
                prices,
                recommended.isEmpty() ? List.of() : List.of(question.quantities(recommended)),
                patience);
        boolean fits = solutions.stream().allMatch(Solution.Found.class::isInstance);
        return new Curve(
                IntStream.range(0, prices.size())
                        .parallel()
                        .boxed()
                        .flatMap(i -> solutions.get(i) instanceof Solution.Found kit
                                ? Stream.of(point(question, planner, prices.get(i), kit))
                                : Stream.empty())
                        .toList(),
                fits ? own : -1);
    }

    private static Point point(KitQuestion question, Planner planner, double price, Solution.Found kit) {
        Map<String, Integer> pieces = planner.contents(kit.quantities());
        Plan plan = planner.weigh(pieces);
        return new Point(
                price,
                plan.mass().grams(),
                plan.coverage(),
                kit.gap(),
                pieces,
                IntStream.rangeClosed(1, Severity.WORST)
                        .mapToObj(plan::coverageOf)
                        .toList(),
                IfItHappens.of(question, pieces, IfItHappens.GRAVE));
    }
}
