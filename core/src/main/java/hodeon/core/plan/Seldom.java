package hodeon.core.plan;

import hodeon.core.brief.Stance;
import hodeon.core.brief.Trip;
import hodeon.core.need.Forecast;
import hodeon.core.need.StepForecast;
import java.util.HashMap;
import java.util.Map;

/**
 * What is too seldom needed on a trip to be planned for: grave and rare trouble has its words, and the tools that only it
 * asks for come where the odds are there. Worked example, a test: an eye shield is asked for from 1 in 200 trips on; for one
 * person on a day's walk a pierced eye comes once in 100,000.
 */
final class Seldom {

    private Seldom() {}

    /** The chance of needing each capability that is needed less often than it must be, by its id. */
    static Map<String, Double> of(Trip trip, Forecast forecast) {
        Map<String, Double> never = new HashMap<>();
        Map<String, Double> least = new HashMap<>();
        forecast.problems().stream().flatMap(p -> p.steps().stream()).forEach(s -> {
            never.merge(s.capability().id(), 1 - s.onTrip().atLeast(1), (a, b) -> a * b);
            least.put(s.capability().id(), leastChance(trip, s));
        });
        Map<String, Double> seldom = new HashMap<>();
        never.forEach((capability, chance) -> {
            if (1 - chance < least.getOrDefault(capability, 0.0)) {
                seldom.put(capability, 1 - chance);
            }
        });
        return Map.copyOf(seldom);
    }

    /** Whoever asks for the first minutes whatever the odds gets a tenth of the bar. */
    private static double leastChance(Trip trip, StepForecast step) {
        double least = step.capability().leastChance();
        return trip.stance() == Stance.FIRST_MINUTES ? least / 10 : least;
    }
}
