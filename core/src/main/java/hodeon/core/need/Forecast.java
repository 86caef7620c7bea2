package hodeon.core.need;

import hodeon.core.brief.Adjustments;
import hodeon.core.brief.Standing;
import hodeon.core.brief.Trip;
import hodeon.core.catalogue.Catalogue;
import hodeon.core.catalogue.Problem;
import hodeon.core.catalogue.Step;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What could happen on a trip and what it would use up, problem by problem.
 *
 * <p>Worked example, checked by a test: {@link PiecesOnTrip}.
 *
 * @param problems those that can happen, in catalogue order
 * @param impossible those that cannot: no leg or no person for them
 */
public record Forecast(List<ProblemForecast> problems, List<Problem> impossible) {

    public Forecast {
        problems = List.copyOf(problems);
        impossible = List.copyOf(impossible);
    }

    public static Forecast of(Trip trip, Catalogue catalogue) {
        List<ProblemForecast> possible = new ArrayList<>();
        List<Problem> impossible = new ArrayList<>();
        for (Problem problem : catalogue.problems()) {
            OptionalDouble rate = trip.adjustments().of(problem.id(), Adjustments.RATE);
            Exposure exposure = Exposure.of(
                    rate.isPresent() ? problem.withRate(problem.rate().forTrip(rate.getAsDouble())) : problem, trip);
            if (exposure.personDays() > 0) {
                boolean goesOn = trip.standing().map(Standing::goesOnDressing).orElse(true);
                possible.add(of(exposure, goesOn, trip.hoursToCare(), catalogue));
            } else {
                impossible.add(problem);
            }
        }
        return new Forecast(possible, impossible);
    }

    public Optional<ProblemForecast> problem(String id) {
        return problems.stream().filter(p -> p.problem().id().equals(id)).findFirst();
    }

    /** @param goesOn whether what began is looked after from the same kit on the days after */
    private static ProblemForecast of(Exposure exposure, boolean goesOn, int hoursToCare, Catalogue catalogue) {
        List<Double> days = goesOn ? exposure.byDay() : List.of(exposure.personDays());
        EventCount events = EventCount.of(exposure.problem().rate(), exposure.personDays());
        List<StepForecast> steps = new ArrayList<>();
        for (Step step : exposure.problem().steps()) {
            Distribution perEvent = PiecesPerEvent.of(step, days, hoursToCare);
            steps.add(new StepForecast(
                    step, catalogue.capability(step.capability()), perEvent, PiecesOnTrip.of(events, perEvent)));
        }
        return new ProblemForecast(exposure, events, List.copyOf(steps));
    }
}
