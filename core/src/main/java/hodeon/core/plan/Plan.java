package hodeon.core.plan;

import hodeon.core.catalogue.Supply;
import hodeon.core.units.Mass;
import hodeon.core.units.Money;
import hodeon.core.units.Volume;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A kit weighed against what a trip could need: what it holds, what it weighs, and how much of each need it meets.
 * Coverage is the worth of what the kit can do as a share of the worth of meeting every need with the thing made for it.
 *
 * @param pieces by supply id, only those with at least one, in catalogue order
 * @param steps how each needed step is served, in forecast order
 * @param worth what the kit earns
 * @param burden what its grams and kinds cost, in worth
 * @param ideal what meeting every need would earn
 * @param broken reasons of floors this kit does not keep although it could
 * @param givenUp reasons of floors that no kit could keep here, the most needed first
 */
public record Plan(
        Map<String, Integer> pieces,
        Mass mass,
        Volume volume,
        Money price,
        List<ServedStep> steps,
        double worth,
        double burden,
        double ideal,
        List<String> broken,
        List<String> givenUp) {

    /** What is left of the worth when the burden is taken off. */
    public double net() {
        return worth - burden;
    }

    /** How far one step is served. */
    public record ServedStep(NeededStep needed, double worth, double ideal, List<By> by) {

        public double coverage() {
            return ideal == 0 ? 1 : worth / ideal;
        }
    }

    /**
     * What serves a step: so many uses set aside, or a durable for all of them.
     *
     * @param after how many uses what does it better takes first
     */
    public record By(String supply, int uses, boolean always, int after) {}

    public double coverage() {
        return ideal == 0 ? 1 : worth / ideal;
    }

    /** Share of a problem's worth that is met; 1 for a problem that asks for nothing. */
    public double coverage(String problem) {
        double met = 0;
        double all = 0;
        for (ServedStep step : steps) {
            if (step.needed().problem().problem().id().equals(problem)) {
                met += step.worth();
                all += step.ideal();
            }
        }
        return all == 0 ? 1 : met / all;
    }

    /** Share of the worth of all problems of one severity, 1 to 5, that is met; 1 where none can happen. */
    public double coverageOf(int severity) {
        double met = 0;
        double all = 0;
        for (ServedStep step : steps) {
            if (step.needed().problem().problem().severity() == severity) {
                met += step.worth();
                all += step.ideal();
            }
        }
        return all == 0 ? 1 : met / all;
    }

    /** The step of a problem that loses most worth; empty for a problem that asks for nothing. */
    public Optional<ServedStep> weakest(String problem) {
        return steps.stream()
                .filter(s -> s.needed().problem().problem().id().equals(problem))
                .max(Comparator.comparingDouble(s -> s.ideal() - s.worth()));
    }

    /** The chance that a trip uses any piece of a supply, what does a thing better being used first. */
    public double used(String supply) {
        double unused = 1;
        for (ServedStep step : steps) {
            for (By by : step.by()) {
                if (by.supply().equals(supply)) {
                    unused *= 1 - step.needed().step().onTrip().atLeast(by.after() + 1);
                }
            }
        }
        return 1 - unused;
    }

    /** The chance that a trip uses the last piece of a supply, its likeliest uses being served first. */
    public double lastUsed(Supply of) {
        String supply = of.id();
        List<Double> uses = new ArrayList<>();
        for (ServedStep step : steps) {
            for (By by : step.by()) {
                if (by.supply().equals(supply) && by.always()) {
                    return used(supply);
                }
                for (int k = 1; by.supply().equals(supply) && k <= by.uses(); k++) {
                    uses.add(step.needed().step().onTrip().atLeast(by.after() + k));
                }
            }
        }
        uses.sort(Comparator.reverseOrder());
        int first = of.uses(pieces.getOrDefault(supply, 0) - 1);
        return first >= 0 && first < uses.size() ? uses.get(first) : 0;
    }

    /** Pieces of a supply a trip is expected to use up, its uses set aside by this plan; 0 for what serves again and again. */
    public double expectedUsed(Supply of) {
        String supply = of.id();
        double uses = 0;
        for (ServedStep step : steps) {
            for (By by : step.by()) {
                for (int k = 1; by.supply().equals(supply) && !by.always() && k <= by.uses(); k++) {
                    uses += step.needed().step().onTrip().atLeast(by.after() + k);
                }
            }
        }
        return uses / of.usesPerPiece();
    }

    public List<ServedStep> stepsServedBy(String supply) {
        return steps.stream()
                .filter(s -> s.by().stream().anyMatch(b -> b.supply().equals(supply)))
                .toList();
    }
}
