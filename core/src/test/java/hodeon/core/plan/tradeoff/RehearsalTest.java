package hodeon.core.plan.tradeoff;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hodeon.core.Samples;
import hodeon.core.choice.Solution;
import hodeon.core.need.Forecast;
import hodeon.core.need.ProblemForecast;
import hodeon.core.need.StepForecast;
import hodeon.core.plan.Holds;
import hodeon.core.plan.KitQuestion;
import hodeon.core.plan.Planner;
import hodeon.core.plan.tradeoff.RehearsalResult.Estimate;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class RehearsalTest {

    private static final long SEED = 20_270_612;
    private static final KitQuestion QUESTION = KitQuestion.of(
            Samples.skerryRing(),
            Samples.CATALOGUE,
            Forecast.of(Samples.skerryRing(), Samples.CATALOGUE),
            Holds.NONE,
            Samples.suitability(Samples.skerryRing()));
    private static final Planner PLANNER = new Planner(QUESTION);

    private static Map<String, Integer> recommended() {
        return PLANNER.contents(((Solution.Found) PLANNER.recommend(Duration.ofSeconds(30))).quantities());
    }

    @Test
    void whatIsDrawnAgreesWithWhatIsComputedExactly() {
        RehearsalResult result = Rehearsal.of(QUESTION, Map.of()).run(Rehearsal.TRIPS, SEED);
        List<ProblemForecast> problems = QUESTION.problems();
        int use = 0;
        for (int p = 0; p < problems.size(); p++) {
            ProblemForecast problem = problems.get(p);
            agrees(problem.problem().id(), result.happened().get(p), happens(problem));
            for (StepForecast step : problem.steps()) {
                agrees(
                        problem.problem().id() + "/" + step.capability().id(),
                        result.pieces().get(use++),
                        step.onTrip().mean());
            }
        }
    }

    /** Chance that a problem happens and at least one of its steps wants something at first. */
    private static double happens(ProblemForecast problem) {
        return problem.steps().stream().anyMatch(s -> s.perEvent().at(0) == 0)
                ? problem.events().atLeastOne()
                : Double.NaN;
    }

    private static void agrees(String what, Estimate drawn, double exact) {
        if (Double.isNaN(exact)) {
            return;
        }
        // A rare event may not be drawn at all: its standard error is then that of the exact chance.
        double error = Math.max(drawn.standardError(), Math.sqrt(exact * 3 / Rehearsal.TRIPS));
        assertThat(drawn.value()).as("%s, seed %d", what, SEED).isCloseTo(exact, within(4 * error));
    }

    @Test
    void theSameSeedGivesTheSameAndAnotherDoesNot() {
        Rehearsal rehearsal = Rehearsal.of(QUESTION, recommended());
        assertThat(rehearsal.run(5_000, 7)).isEqualTo(rehearsal.run(5_000, 7));
        assertThat(rehearsal.run(5_000, 8)).isNotEqualTo(rehearsal.run(5_000, 7));
        assertThat(rehearsal.replay(7, 3)).isEqualTo(rehearsal.replay(7, 3));
    }

    @Test
    void anEmptyKitMeetsOnlyTripsOnWhichNothingHappensAndAGoodOneMost() {
        RehearsalResult empty = Rehearsal.of(QUESTION, Map.of()).run(20_000, SEED);
        RehearsalResult good = Rehearsal.of(QUESTION, recommended()).run(20_000, SEED);
        assertThat(empty.everything().value()).isLessThan(0.01);
        assertThat(good.decisive().value()).isBetween(0.6, 1.0);
        assertThat(good.everything().value())
                .isLessThanOrEqualTo(good.decisive().value());
        assertThat(good.bySeverity().getLast().value()).isGreaterThan(0.98);
        double first =
                good.firstMissed().stream().mapToDouble(Double::doubleValue).sum();
        assertThat(first).isCloseTo(1 - good.decisive().value(), within(1e-9));
    }

    @Test
    void aReplayedTripGivesNoMoreThanTheKitHolds() {
        Map<String, Integer> kit = Map.of("plaster-waterproof", 2, "fine-tweezers", 1);
        Rehearsal rehearsal = Rehearsal.of(QUESTION, kit);
        int plasters = QUESTION.choice().candidates().stream()
                .map(c -> c.id())
                .toList()
                .indexOf("plaster-waterproof");
        boolean ranOut = false;
        for (int trip = 0; trip < 200; trip++) {
            int given = 0;
            int lastDay = 0;
            for (Rehearsal.Played played : rehearsal.replay(SEED, trip)) {
                assertThat(played.want().day()).isBetween(lastDay, 6);
                lastDay = played.want().day();
                for (Rehearsal.Given g : played.given()) {
                    given += g.candidate() == plasters ? g.pieces() : 0;
                }
                int served = played.given().stream()
                        .mapToInt(Rehearsal.Given::pieces)
                        .sum();
                assertThat(served + played.missing()).isEqualTo(played.want().pieces());
            }
            assertThat(given).isLessThanOrEqualTo(2);
            ranOut |= given == 2;
        }
        assertThat(ranOut).isTrue();
    }
}
