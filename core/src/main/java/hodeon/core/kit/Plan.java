package hodeon.core.kit;

import hodeon.core.units.Mass;
import hodeon.core.units.Money;
import hodeon.core.units.Volume;
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
 * @param ideal what meeting every need would earn
 * @param broken reasons of floors this kit does not keep
 */
public record Plan(
        Map<String, Integer> pieces,
        Mass mass,
        Volume volume,
        Money price,
        List<ServedStep> steps,
        double worth,
        double ideal,
        List<String> broken) {

    /** How far one step is served. */
    public record ServedStep(KitQuestion.NeededStep needed, double worth, double ideal, List<By> by) {

        public double coverage() {
            return ideal == 0 ? 1 : worth / ideal;
        }
    }

    /** What serves a step: so many uses set aside, or a durable for all of them. */
    public record By(String supply, int uses, boolean always) {}

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

    /** The step of a problem that loses most worth; empty for a problem that asks for nothing. */
    public Optional<ServedStep> weakest(String problem) {
        return steps.stream()
                .filter(s -> s.needed().problem().problem().id().equals(problem))
                .max(Comparator.comparingDouble(s -> s.ideal() - s.worth()));
    }

    public List<ServedStep> stepsServedBy(String supply) {
        return steps.stream()
                .filter(s -> s.by().stream().anyMatch(b -> b.supply().equals(supply)))
                .toList();
    }
}
