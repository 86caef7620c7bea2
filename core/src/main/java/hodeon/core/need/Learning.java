package hodeon.core.need;

import hodeon.core.brief.Trip;
import hodeon.core.catalogue.Catalogue;
import hodeon.core.catalogue.Problem;
import hodeon.core.evidence.Rate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Learns rates from a household's own log: with n events logged in E′ adjusted person-days, α ← α + n and S ← S + E′ (the
 * gamma distribution is conjugate to the Poisson). A little for strong evidence, much for weak.
 *
 * <p>Worked example, a test: 7.4 per 1,000 worth 2,000 person-days and three events in 60 person-days give
 * (14.8 + 3) ÷ 2,060 = 8.641 per 1,000; 12 per 1,000 worth 500 give (6 + 3) ÷ 560 = 16.071.
 *
 * @param byProblem what was learned, by problem id; only problems that could have happened on a logged trip
 */
public record Learning(Map<String, Learned> byProblem) {

    /**
     * A trip whose log is complete, so that what is not in it did not happen.
     *
     * @param events how often each problem happened, by problem id
     */
    public record LoggedTrip(Trip trip, Map<String, Integer> events) {}

    /** A rate before and after the log. */
    public record Learned(Rate before, Rate after, int events, double personDays) {}

    public static Learning of(Catalogue catalogue, List<LoggedTrip> log) {
        Map<String, Learned> byProblem = new LinkedHashMap<>();
        for (Problem problem : catalogue.problems()) {
            int events = 0;
            double personDays = 0;
            for (LoggedTrip logged : log) {
                events += logged.events().getOrDefault(problem.id(), 0);
                personDays += Exposure.of(problem, logged.trip()).personDays();
            }
            if (personDays > 0) {
                Rate after = problem.rate().learned(events, personDays);
                byProblem.put(problem.id(), new Learned(problem.rate(), after, events, personDays));
            }
        }
        return new Learning(byProblem);
    }

    /** The same catalogue with the learned rates. */
    public Catalogue applied(Catalogue catalogue) {
        Map<String, Rate> rates = new LinkedHashMap<>();
        byProblem.forEach((problem, learned) -> rates.put(problem, learned.after()));
        return catalogue.withRates(rates);
    }
}
