package hodeon.app.api;

import hodeon.core.catalogue.Step;
import hodeon.core.choice.Candidate;
import hodeon.core.choice.Choice;
import hodeon.core.choice.Choice.Service;
import hodeon.core.choice.Choice.Use;
import hodeon.core.need.TripDraws;
import hodeon.core.plan.tradeoff.Rehearsal;
import hodeon.core.plan.tradeoff.RehearsalResult;
import hodeon.core.plan.tradeoff.RehearsalResult.Estimate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;

/** {@code POST /api/v1/rehearsals}: the same trip many times with given contents. */
final class RehearsalCall {

    /** Events times trips; keeps an answer within some ten seconds. */
    private static final double MOST_EVENTS = 3e7;

    record Answer(
            long trips,
            long seed,
            Estimate everythingMet,
            Estimate decisiveMet,
            List<Estimate> decisiveMetBySeverity,
            List<RanOut> ranOutFirst,
            List<ProblemAnswer> problems,
            List<Played> sampleTrip) {}

    record RanOut(String problem, String capability, double share) {}

    record ProblemAnswer(String id, Estimate atLeastOne, List<StepAnswer> steps) {}

    record StepAnswer(String capability, Estimate meanPieces) {}

    record Played(int day, String problem, String capability, int pieces, List<Given> given, int missing) {}

    record Given(String supply, int pieces) {}

    private RehearsalCall() {}

    static Answer answer(JsonFields body) {
        List<ForecastCall.Asked> problems = ForecastCall.problems(body);
        List<Rehearsal.Rehearsed> rehearsed = new ArrayList<>();
        List<JsonFields> fields = body.objects("problems");
        for (int p = 0; p < problems.size(); p++) {
            rehearsed.add(new Rehearsal.Rehearsed(
                    fields.get(p).whole("severity", 3),
                    problems.get(p).steps().stream().map(Step::importance).toList()));
        }
        Choice choice = choice(body, problems);
        int[] quantities =
                choice.candidates().stream().mapToInt(Candidate::most).toArray();
        int trips = body.whole("trips", Rehearsal.TRIPS);
        long seed = (long) body.number("seed", 1.0);
        double events = problems.stream().mapToDouble(p -> p.events().mean()).sum() * trips;
        if (events > MOST_EVENTS) {
            body.fault(
                    "trips",
                    "times the expected events is " + (long) events + ", at most " + (long) MOST_EVENTS,
                    "Rehearse fewer outings");
        }
        NotValid.unlessNone(body.faults());
        TripDraws draws = new TripDraws(problems.stream()
                .map(p -> new TripDraws.Source(p.events(), p.exposureByDay(), p.steps(), p.hoursToCare()))
                .toList());
        Rehearsal rehearsal = new Rehearsal(draws, rehearsed, choice, quantities);
        return answer(problems, choice, rehearsal, rehearsal.run(trips, seed));
    }

    private static Answer answer(
            List<ForecastCall.Asked> problems, Choice choice, Rehearsal rehearsal, RehearsalResult result) {
        List<RanOut> ranOut = new ArrayList<>();
        List<ProblemAnswer> told = new ArrayList<>();
        int use = 0;
        for (int p = 0; p < problems.size(); p++) {
            List<StepAnswer> steps = new ArrayList<>();
            for (Step step : problems.get(p).steps()) {
                double share = result.firstMissed().get(use);
                if (share > 0) {
                    ranOut.add(new RanOut(problems.get(p).id(), step.capability(), share));
                }
                steps.add(new StepAnswer(step.capability(), result.pieces().get(use++)));
            }
            told.add(new ProblemAnswer(problems.get(p).id(), result.happened().get(p), steps));
        }
        ranOut.sort(Comparator.comparingDouble(RanOut::share).reversed());
        List<Played> sample = rehearsal.replay(result.seed(), 0).stream()
                .map(w -> new Played(
                        w.want().day(),
                        problems.get(w.want().problem()).id(),
                        problems.get(w.want().problem())
                                .steps()
                                .get(w.want().step())
                                .capability(),
                        w.want().pieces(),
                        w.given().stream()
                                .map(g -> new Given(
                                        choice.candidates().get(g.candidate()).id(), g.pieces()))
                                .toList(),
                        w.missing()))
                .toList();
        return new Answer(
                result.trips(),
                result.seed(),
                result.everything(),
                result.decisive(),
                result.bySeverity(),
                ranOut,
                told,
                sample);
    }

    private static Choice choice(JsonFields body, List<ForecastCall.Asked> problems) {
        List<Use> uses = new ArrayList<>();
        Map<String, List<Integer>> byCapability = new HashMap<>();
        for (ForecastCall.Asked problem : problems) {
            for (Step step : problem.steps()) {
                byCapability
                        .computeIfAbsent(step.capability(), c -> new ArrayList<>())
                        .add(uses.size());
                uses.add(new Use(problem.id() + "/" + step.capability(), 0, List.of()));
            }
        }
        List<Candidate> candidates = new ArrayList<>();
        for (JsonFields supply : body.objects("supplies")) {
            int pieces = supply.whole("pieces", 0);
            List<Service> serves = new ArrayList<>();
            for (JsonFields service : supply.objects("serves")) {
                String capability = service.text("capability");
                double tier = service.number("tier", 1e-9);
                byCapability.getOrDefault(capability, List.of()).forEach(u -> serves.add(new Service(u, tier)));
            }
            candidates.add(new Candidate(
                    supply.text("id"), 0, pieces, PlanCall.usesPerPiece(supply), supply.yes("durable", false), serves));
        }
        return new Choice(candidates, uses, List.of(), List.of(), OptionalInt.empty());
    }
}
