package hodeon.core.plan;

import hodeon.core.Samples;
import hodeon.core.brief.Trip;
import hodeon.core.choice.Solution;
import hodeon.core.need.Forecast;
import hodeon.core.party.Party;
import hodeon.core.party.Training;
import java.time.Duration;
import java.util.Map;
import java.util.stream.IntStream;

/** Kits that tests lay out and weigh. */
public final class Kits {

    private static final Duration PATIENCE = Duration.ofSeconds(10);

    private Kits() {}

    public static KitQuestion question(Trip trip) {
        return KitQuestion.of(
                trip, Samples.CATALOGUE, Forecast.of(trip, Samples.CATALOGUE), Holds.NONE, Samples.suitability(trip));
    }

    public static Map<String, Integer> best(Trip trip) {
        return best(question(trip));
    }

    public static Map<String, Integer> best(KitQuestion question) {
        Planner planner = new Planner(question);
        return planner.contents(((Solution.Found) planner.prove(PATIENCE)).quantities());
    }

    public static double grams(Map<String, Integer> kit) {
        return kit.entrySet().stream()
                .mapToDouble(e -> e.getValue()
                        * Samples.CATALOGUE
                                .supply(e.getKey())
                                .orElseThrow()
                                .mass()
                                .grams())
                .sum();
    }

    public static boolean does(Map<String, Integer> kit, String capability) {
        return kit.keySet().stream()
                .anyMatch(id ->
                        Samples.CATALOGUE.supply(id).orElseThrow().serves().containsKey(capability));
    }

    /** So many grown-ups, all of one training. */
    public static Party trained(int people, Training training) {
        return new Party(IntStream.rangeClosed(1, people)
                .mapToObj(i -> Samples.adult("Person " + i, training))
                .toList());
    }
}
