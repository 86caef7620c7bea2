package hodeon.core.kit;

import hodeon.core.kit.choice.Choice;
import hodeon.core.kit.choice.Curves;
import hodeon.core.kit.choice.Solution;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/**
 * Weight against coverage: the best kit for a row of mass limits, from what must come to everything useful.
 *
 * @param points lightest first; worth never falls along them
 */
public record Curve(List<Point> points) {

    /** How many points a curve has unless told otherwise. */
    public static final int POINTS = 14;

    /**
     * @param limitGrams the mass limit
     * @param grams what the kit weighs
     * @param coverage worth as a share of meeting every need
     * @param gap how far below the proven best its worth may be, as a share
     * @param pieces by supply id
     */
    public record Point(double limitGrams, double grams, double coverage, double gap, Map<String, Integer> pieces) {}

    public Curve {
        points = List.copyOf(points);
    }

    /** Limits spaced evenly by ratio, because the first grams earn most. */
    public static Curve of(KitQuestion question, int points, Duration patience) {
        Choice choice = question.choice();
        Planner planner = new Planner(question);
        double ideal = choice.uses().stream().mapToDouble(Choice.Use::ideal).sum();
        List<Point> found = new ArrayList<>();
        List<Double> limits = Curves.limits(choice, points, patience);
        List<Solution> solutions = Curves.along(choice, limits, patience);
        for (int i = 0; i < limits.size(); i++) {
            if (solutions.get(i) instanceof Solution.Found kit) {
                found.add(new Point(
                        limits.get(i),
                        choice.limits().getFirst().taken(kit.array()),
                        ideal == 0 ? 1 : kit.worth() / ideal,
                        kit.gap(),
                        planner.contents(kit.quantities())));
            }
        }
        return new Curve(found);
    }
}
