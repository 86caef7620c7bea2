package hodeon.core.need;

import hodeon.core.catalogue.Problem;
import java.util.List;

/** What one problem could do to a trip. */
public record ProblemForecast(Exposure exposure, EventCount events, List<StepForecast> steps) {

    public Problem problem() {
        return exposure.problem();
    }

    /** Chance of at least one times what an event of this severity is worth: the order in which problems are shown. */
    public double concern() {
        return events.atLeastOne() * problem().worth();
    }

    /** The share of trips in which the reported quantity must suffice. */
    public double shareToSuffice() {
        return shareToSuffice(problem().severity());
    }

    /** By default 80 % for severity 1, 90 % for 2, 95 % for 3, 99 % for 4 and 5. */
    public static double shareToSuffice(int severity) {
        return switch (severity) {
            case 1 -> 0.80;
            case 2 -> 0.90;
            case 3 -> 0.95;
            default -> 0.99;
        };
    }
}
