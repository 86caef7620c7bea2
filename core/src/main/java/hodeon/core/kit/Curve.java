package hodeon.core.kit;

import hodeon.core.catalogue.Severity;
import hodeon.core.kit.choice.Choice;
import hodeon.core.kit.choice.Curves;
import hodeon.core.kit.choice.Solution;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * Weight against coverage: the best kit for a row of mass limits, from what must come to everything useful.
 *
 * @param points lightest first; worth never falls along them
 */
public record Curve(List<Point> points) {

    /** How many points a curve has unless told otherwise. */
    public static final int POINTS = 14;

    /** What counts as all that can be done: the last per cent never ends. */
    public static final double NEARLY = 0.99;

    /**
     * @param limitGrams the mass limit
     * @param grams what the kit weighs
     * @param coverage worth as a share of meeting every need
     * @param gap how far below the proven best its worth may be, as a share
     * @param pieces by supply id
     * @param bySeverity the same share for the problems of severity 1 to 5 alone
     * @param ifItHappens what the kit can do about one event of each grave problem, the worst unanswered first
     */
    public record Point(
            double limitGrams,
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

    /** Limits spaced evenly by ratio, because the first grams earn most. */
    public static Curve of(KitQuestion question, int points, Duration patience) {
        Choice choice = question.choice();
        Planner planner = new Planner(question);
        List<Double> limits = Curves.limits(choice, points, patience);
        List<Solution> solutions = Curves.along(choice, limits, patience);
        return new Curve(IntStream.range(0, limits.size())
                .parallel()
                .boxed()
                .flatMap(i -> solutions.get(i) instanceof Solution.Found kit
                        ? Stream.of(point(question, planner, limits.get(i), kit))
                        : Stream.empty())
                .toList());
    }

    private static Point point(KitQuestion question, Planner planner, double limit, Solution.Found kit) {
        Map<String, Integer> pieces = planner.contents(kit.quantities());
        Plan plan = planner.weigh(pieces);
        return new Point(
                limit,
                question.choice().limits().getFirst().taken(kit.array()),
                plan.coverage(),
                kit.gap(),
                pieces,
                IntStream.rangeClosed(1, Severity.WORST)
                        .mapToObj(plan::coverageOf)
                        .toList(),
                IfItHappens.of(question, pieces, IfItHappens.GRAVE));
    }
}
