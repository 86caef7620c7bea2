package hodeon.app.api;

import hodeon.core.catalogue.Importance;
import hodeon.core.catalogue.Repeat;
import hodeon.core.catalogue.Step;
import hodeon.core.evidence.Basis;
import hodeon.core.evidence.Rate;
import hodeon.core.need.Distribution;
import hodeon.core.need.EventCount;
import hodeon.core.need.PiecesOnTrip;
import hodeon.core.need.PiecesPerEvent;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.stream.IntStream;

/** {@code POST /api/v1/forecast}: what problems with these rates would use up. */
final class ForecastCall {

    private static final double MOST_MEAN_PIECES = 20_000;

    private ForecastCall() {}

    /** A problem as asked about. */
    public record Asked(String id, EventCount events, List<Double> exposureByDay, int hoursToCare, List<Step> steps) {}

    record Answer(List<ProblemAnswer> problems, List<CapabilityAnswer> capabilities) {}

    record ProblemAnswer(String id, double atLeastOne, double meanEvents, List<StepAnswer> steps) {}

    record StepAnswer(String capability, double mean, List<Double> distribution, List<Quantile> quantiles) {}

    record CapabilityAnswer(String id, double mean, List<Double> distribution, List<Quantile> quantiles) {}

    record Quantile(double probability, int pieces) {}

    static Answer answer(JsonFields body) {
        List<Asked> problems = problems(body);
        List<Double> shares = body.has("quantiles") ? body.numbers("quantiles") : List.of(0.8, 0.9, 0.95, 0.99);
        NotValid.unlessNone(body.faults());
        Map<String, Distribution> pooled = new LinkedHashMap<>();
        List<ProblemAnswer> answers = new ArrayList<>();
        for (Asked problem : problems) {
            List<StepAnswer> steps = new ArrayList<>();
            for (Step step : problem.steps()) {
                Distribution pieces = pieces(problem, step);
                pooled.merge(step.capability(), pieces, Distribution::plus);
                steps.add(new StepAnswer(
                        step.capability(), pieces.mean(), probabilities(pieces), quantiles(pieces, shares)));
            }
            answers.add(new ProblemAnswer(
                    problem.id(),
                    problem.events().atLeastOne(),
                    problem.events().mean(),
                    steps));
        }
        List<CapabilityAnswer> capabilities = new ArrayList<>();
        pooled.forEach((id, pieces) -> capabilities.add(
                new CapabilityAnswer(id, pieces.mean(), probabilities(pieces), quantiles(pieces, shares))));
        return new Answer(answers, capabilities);
    }

    static List<Asked> problems(JsonFields body) {
        List<Asked> problems = new ArrayList<>();
        for (JsonFields fields : body.objects("problems")) {
            String id = fields.text("id");
            double rate = fields.number("ratePerThousandPersonDays", 0);
            double strength = fields.number("strengthPersonDays", 1e-3);
            List<Double> byDay = fields.numbers("exposurePersonDaysByDay");
            int hours = fields.whole("hoursToCare", 0);
            List<Step> steps = new ArrayList<>();
            for (JsonFields step : fields.objects("steps")) {
                steps.add(step(step));
            }
            double exposure = byDay.stream().mapToDouble(Double::doubleValue).sum();
            EventCount events = EventCount.of(new Rate(rate, strength, new Basis.Assumption()), exposure);
            Asked problem = new Asked(id, events, byDay, hours, steps);
            limitPieces(fields, problem);
            problems.add(problem);
        }
        return problems;
    }

    /** Long before the computation would take minutes, the question is refused. */
    private static void limitPieces(JsonFields fields, Asked problem) {
        for (Step step : problem.steps()) {
            double most = step.first().lastKey()
                    + switch (step.repeat()) {
                        case Repeat.Once() -> 0;
                        case Repeat.Redress r ->
                            r.piecesWithin(problem.exposureByDay().size());
                        case Repeat.UntilCare u -> u.piecesWithin(problem.hoursToCare());
                    };
            if (problem.events().mean() * most > MOST_MEAN_PIECES) {
                fields.fault(
                        "steps",
                        "together with the exposure expect more than " + (int) MOST_MEAN_PIECES + " pieces of "
                                + step.capability(),
                        "Split the exposure into shorter outings");
            }
        }
    }

    private static Step step(JsonFields fields) {
        String capability = fields.text("capability");
        SortedMap<Integer, Double> first = new TreeMap<>();
        double sum = 0;
        for (JsonFields pieces : fields.objects("first")) {
            int number = pieces.whole("pieces", 0);
            double probability = pieces.number("probability", 0);
            first.merge(number, probability, Double::sum);
            sum += probability;
        }
        if (Math.abs(sum - 1) > 1e-9) {
            fields.fault("first", "holds probabilities that add up to 1, not " + sum, "Correct them");
            first = Step.always(1);
        }
        return new Step(capability, first, repeat(fields), importance(fields));
    }

    private static Repeat repeat(JsonFields fields) {
        int pieces = fields.whole("laterPieces", 1);
        if (fields.has("everyHours")) {
            return new Repeat.UntilCare(fields.whole("everyHours", 1), pieces);
        }
        if (fields.has("redressEveryDays") != fields.has("healingDays")) {
            String missing = fields.has("healingDays") ? "redressEveryDays" : "healingDays";
            fields.fault(missing, "is said together with the other of redressEveryDays and healingDays", "Send both");
        }
        if (fields.has("redressEveryDays") && fields.has("healingDays")) {
            return new Repeat.Redress(fields.whole("redressEveryDays", 1), fields.whole("healingDays", 1), pieces);
        }
        return new Repeat.Once();
    }

    private static Importance importance(JsonFields fields) {
        return fields.optionalText("importance")
                .map(word -> Importance.valueOf(word.toUpperCase(Locale.ROOT)))
                .orElse(Importance.CRITICAL);
    }

    private static Distribution pieces(Asked problem, Step step) {
        return problem.events().personDays() == 0
                ? Distribution.nothing()
                : PiecesOnTrip.of(
                        problem.events(), PiecesPerEvent.of(step, problem.exposureByDay(), problem.hoursToCare()));
    }

    private static List<Double> probabilities(Distribution pieces) {
        return IntStream.rangeClosed(0, pieces.largest()).mapToObj(pieces::at).toList();
    }

    private static List<Quantile> quantiles(Distribution pieces, List<Double> shares) {
        return shares.stream().map(p -> new Quantile(p, pieces.suffices(p))).toList();
    }
}
