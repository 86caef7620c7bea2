package hodeon.core.need;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import hodeon.core.Samples;
import hodeon.core.brief.Activity;
import hodeon.core.brief.Adjustments;
import hodeon.core.brief.Company;
import hodeon.core.brief.Environment;
import hodeon.core.brief.Leg;
import hodeon.core.brief.Limits;
import hodeon.core.brief.Region;
import hodeon.core.brief.Season;
import hodeon.core.brief.Stance;
import hodeon.core.brief.Trip;
import hodeon.core.party.Allergy;
import hodeon.core.party.Condition;
import hodeon.core.party.Party;
import hodeon.core.party.Training;
import hodeon.core.units.Mass;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class ForecastTest {

    private static ProblemForecast of(String problem) {
        return Forecast.of(Samples.skerryRing(), Samples.CATALOGUE)
                .problem(problem)
                .orElseThrow();
    }

    @Test
    void exposureMultipliesLegSeasonAndPeople() {
        Exposure blister = of("blister").exposure();
        // 5.5 days paddling at 1.6 and half a day of camp at 0.2, both on the coast at 1.1; Lumi counts three times.
        assertThat(blister.heads()).isCloseTo(10, within(1e-12));
        assertThat(blister.personDays()).isCloseTo((5.5 * 1.6 + 0.5 * 0.2) * 1.1 * 10, within(1e-9));
        assertThat(blister.byDay()).hasSize(6);
        assertThat(blister.byDay().getLast()).isCloseTo((0.5 * 1.6 + 0.5 * 0.2) * 1.1 * 10, within(1e-9));
    }

    @Test
    void onlyThoseWhoCanHaveAProblemCount() {
        assertThat(of("asthma").exposure().heads()).isEqualTo(1);
        assertThat(of("child-fever").exposure().heads()).isEqualTo(1);
        assertThat(of("anaphylaxis").exposure().heads()).isCloseTo(7 + 50, within(1e-9));
        assertThat(Forecast.of(Samples.skerryRing(), Samples.CATALOGUE).impossible())
                .extracting("id")
                .contains("leech", "altitude", "frostnip", "low-sugar", "migraine");
    }

    @Test
    void morePeopleOrLongerMeansMore() {
        var one = new Party(List.of(Samples.adult("Ottilie Brandt", Training.BASIC)));
        var two = new Party(
                List.of(Samples.adult("Ottilie Brandt", Training.BASIC), Samples.adult("Sef", Training.BASIC)));
        for (String id : List.of("blister", "small-cut", "headache", "hypothermia")) {
            double small = chance(one, 3, id);
            assertThat(chance(two, 3, id)).as(id).isGreaterThan(small);
            assertThat(chance(one, 6, id)).as(id).isGreaterThan(small);
        }
    }

    private static double chance(Party party, int days, String id) {
        return Forecast.of(Samples.trip(party, days, Stance.HOLD_UNTIL_HELP, 2000), Samples.CATALOGUE)
                .problem(id)
                .orElseThrow()
                .events()
                .atLeastOne();
    }

    @Test
    void theExpectedPiecesAreTheExpectedEventsTimesThePiecesOfOne() {
        for (ProblemForecast problem :
                Forecast.of(Samples.skerryRing(), Samples.CATALOGUE).problems()) {
            for (StepForecast step : problem.steps()) {
                double expected = problem.events().mean() * step.perEvent().mean();
                assertThat(step.onTrip().mean())
                        .as(problem.problem().id() + "/" + step.capability().id())
                        .isCloseTo(expected, within(1e-7 + 1e-6 * expected));
            }
        }
    }

    @Test
    void aKnownAllergyMultipliesTheRateFifty() {
        var none = new Party(List.of(Samples.adult("A", Training.BASIC)));
        var stung = new Party(List.of(Samples.person(
                "A", 40, 70, Training.BASIC, Set.<Allergy>of(), Set.of(Condition.SEVERE_ALLERGY), Set.of())));
        double ratio = Forecast.of(Samples.trip(stung, 6, Stance.HOLD_UNTIL_HELP, 2000), Samples.CATALOGUE)
                        .problem("anaphylaxis")
                        .orElseThrow()
                        .events()
                        .mean()
                / Forecast.of(Samples.trip(none, 6, Stance.HOLD_UNTIL_HELP, 2000), Samples.CATALOGUE)
                        .problem("anaphylaxis")
                        .orElseThrow()
                        .events()
                        .mean();
        assertThat(ratio).isCloseTo(50, within(1e-9));
    }

    @Test
    void halfADayAtHomeAndSixtyPeopleForSixtyDaysBothStaySound() {
        Trip crowd = Samples.trip(
                new Party(IntStream.range(0, 60)
                        .mapToObj(i -> Samples.adult("Guest " + i, Training.BASIC))
                        .toList()),
                60,
                Stance.HOLD_UNTIL_HELP,
                20_000);
        for (Trip trip : List.of(crowd, halfADay())) {
            for (ProblemForecast problem : Forecast.of(trip, Samples.CATALOGUE).problems()) {
                for (StepForecast step : problem.steps()) {
                    double sum = 0;
                    for (int n = 0; n <= step.onTrip().largest(); n++) {
                        sum += step.onTrip().at(n);
                    }
                    assertThat(sum).as(problem.problem().id()).isCloseTo(1, within(1e-9));
                    assertThat(step.onTrip().mean())
                            .as(problem.problem().id())
                            .isCloseTo(
                                    problem.events().mean() * step.perEvent().mean(),
                                    within(1e-6 * Math.max(1, step.onTrip().mean())));
                }
            }
        }
    }

    @Test
    void whatIsChangedForATripMovesThatProblemAndNoOther() {
        Trip trip = Samples.skerryRing();
        Trip changed = trip.withAdjustments(new Adjustments(
                Map.of("blister", Map.of("activity:paddling", 3.2, Adjustments.RATE, 14.8), "graze", Map.of())));
        Forecast before = Forecast.of(trip, Samples.CATALOGUE);
        Forecast after = Forecast.of(changed, Samples.CATALOGUE);
        for (ProblemForecast problem : before.problems()) {
            ProblemForecast now = after.problem(problem.problem().id()).orElseThrow();
            boolean blister = problem.problem().id().equals("blister");
            assertThat(now.exposure().adjusted()).isEqualTo(blister);
            assertThat(now.events().mean() > 3 * problem.events().mean())
                    .as(problem.problem().id())
                    .isEqualTo(blister);
        }
        assertThatThrownBy(() -> new Adjustments(Map.of("blister", Map.of("activity:paddling", -1.0))))
                .hasMessageContaining("outside 0 to 1000");
    }

    @Test
    void legsAndPeopleShareTheExposureOfATripAndNothingIsLeft() {
        Trip trip = Samples.skerryRing();
        for (ProblemForecast problem : Forecast.of(trip, Samples.CATALOGUE).problems()) {
            Exposure exposure = problem.exposure();
            double legs = IntStream.range(0, trip.legs().size())
                    .mapToDouble(exposure::personDaysOfLeg)
                    .sum();
            double people = trip.party().people().stream()
                    .mapToDouble(p -> exposure.personDaysOf(p.name()))
                    .sum();
            assertThat(legs).as(problem.problem().id()).isCloseTo(exposure.personDays(), within(1e-9));
            assertThat(people).as(problem.problem().id()).isCloseTo(exposure.personDays(), within(1e-9));
        }
    }

    @Test
    void aStoveLeftAtHomeSparesMostBurns() {
        Trip trip = Samples.skerryRing();
        Forecast without = Forecast.of(trip.withStove(false), Samples.CATALOGUE);
        Forecast with = Forecast.of(trip, Samples.CATALOGUE);
        assertThat(without.problem("small-burn").orElseThrow().events().mean())
                .isCloseTo(
                        0.15 * with.problem("small-burn").orElseThrow().events().mean(), within(1e-12));
        assertThat(trip.longer(1).days()).isEqualTo(trip.days() + 1);
        assertThat(trip.longer(100).days()).isEqualTo(Trip.MOST_DAYS);
    }

    private static Trip halfADay() {
        LocalDate day = LocalDate.of(2027, 3, 1);
        return new Trip(
                "Half a day",
                day,
                day,
                Season.SPRING,
                List.of(new Leg(Activity.HOME, Environment.URBAN, 1)),
                new Party(List.of(Samples.adult("Ottilie Brandt", Training.UNTRAINED))),
                0,
                Set.of(),
                Set.of(),
                Company.NONE,
                Stance.FIX_THE_LIKELY,
                Limits.ofMass(Mass.ofGrams(300)));
    }

    @Test
    void strangersDogsAndRegionMoveWhatTheyShould() {
        Trip plain = Samples.skerryRing();
        Trip company = new Trip(
                plain.name(),
                plain.start(),
                plain.end(),
                plain.season(),
                plain.legs(),
                plain.party(),
                plain.hoursToCare(),
                Set.of(Region.SNAKES_BIND, Region.MANY_TICKS),
                Set.of(),
                new Company(2, 0.5),
                plain.stance(),
                plain.limits());
        Forecast before = Forecast.of(plain, Samples.CATALOGUE);
        Forecast after = Forecast.of(company, Samples.CATALOGUE);
        assertThat(before.problem("dog-trouble")).isEmpty();
        assertThat(after.problem("dog-trouble").orElseThrow().exposure().heads())
                .isEqualTo(2);
        assertThat(after.problem("snake-bite-bind")).isPresent();
        assertThat(after.problem("snake-bite-still")).isEmpty();
        assertThat(heads(after, "sprain") - heads(before, "sprain")).isCloseTo(0.5, within(1e-9));
        assertThat(heads(after, "asthma")).isEqualTo(heads(before, "asthma"));
        assertThat(after.problem("tick").orElseThrow().events().mean())
                .isGreaterThan(3 * before.problem("tick").orElseThrow().events().mean());
    }

    private static double heads(Forecast forecast, String problem) {
        return forecast.problem(problem).orElseThrow().exposure().heads();
    }
}
