package hodeon.core.brief;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hodeon.core.Samples;
import hodeon.core.brief.Standing.Visitors;
import hodeon.core.catalogue.Catalogue;
import hodeon.core.catalogue.Problem;
import hodeon.core.catalogue.Tag;
import hodeon.core.need.Drivers;
import hodeon.core.need.Exposure;
import hodeon.core.need.Forecast;
import hodeon.core.party.Training;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A kit that stays has no dates: a usual week and the days until somebody fills it up say how much happens. */
class StandingTest {

    private static final Catalogue CATALOGUE = Samples.CATALOGUE;

    private static Leg leg(Activity activity, int halfDays) {
        return new Leg(activity, Environment.TEMPERATE, halfDays);
    }

    private static Trip stays(Season season, int refillDays, Leg... week) {
        Trip outing = Samples.outing(Activity.HOME, Environment.TEMPERATE, 4, 7, 1, Stance.HOLD_UNTIL_HELP, 5_000);
        Trip there = new Trip(
                "Home",
                outing.start(),
                outing.end(),
                season,
                outing.legs(),
                outing.party(),
                1,
                outing.region(),
                outing.passage(),
                outing.company(),
                outing.stance(),
                outing.limits());
        return there.standingFor(new Standing(List.of(week), refillDays, Visitors.NONE));
    }

    private static double personDays(Trip trip, String problem) {
        return Exposure.of(CATALOGUE.problem(problem).orElseThrow(), trip).personDays();
    }

    @Test
    void theWorkedExampleOfACar() {
        Trip car = stays(Season.ALL_YEAR, 28, leg(Activity.CAR, 5));
        assertThat(car.days()).isEqualTo(28);
        assertThat(car.legs()).containsExactly(leg(Activity.CAR, 20));
    }

    @Test
    void theWorkedExampleOfForty() {
        Standing use = new Standing(List.of(leg(Activity.CHILDREN_OUTING, 4)), 28, new Visitors(28, 12));
        assertThat(use.legs()).containsExactly(leg(Activity.CHILDREN_OUTING, 4));
        assertThat(use.visitors().standingAdults() + use.visitors().standingChildren())
                .isEqualTo(40);
    }

    @ParameterizedTest
    @CsvSource({"10, 0", "10, 30", "300, 100", "1, 999", "2000, 0"})
    void howeverManyComeByTheirDaysAddUp(int adults, int children) {
        Standing use = new Standing(List.of(leg(Activity.CITY, 10)), 84, new Visitors(adults, children));
        int people = use.visitors().standingAdults() + use.visitors().standingChildren();
        double days = use.legs().getFirst().days() * people;
        // Each of them half a day a week, for twelve weeks.
        assertThat(days).isCloseTo((adults + children) * 0.5 * 12, within(0.5 * people));
        assertThat(people).isLessThanOrEqualTo(41);
    }

    @Test
    void twiceAsLongUntilItIsFilledUpIsTwiceTheExposure() {
        for (Problem problem : CATALOGUE.problems()) {
            double once = Exposure.of(problem, stays(Season.SUMMER, 28, leg(Activity.HOME, 14)))
                    .personDays();
            double twice = Exposure.of(problem, stays(Season.SUMMER, 56, leg(Activity.HOME, 14)))
                    .personDays();
            assertThat(twice).as(problem.id()).isCloseTo(2 * once, within(1e-9));
        }
    }

    @Test
    void aWeekAtHomeIsAsMuchAsAnOutingOfAWeekThere() {
        Trip week = stays(Season.SUMMER, 7, leg(Activity.HOME, 14));
        Trip outing = Samples.outing(Activity.HOME, Environment.TEMPERATE, 4, 7, 1, Stance.HOLD_UNTIL_HELP, 5_000);
        Forecast stays = Forecast.of(week, CATALOGUE);
        Forecast goes = Forecast.of(outing, CATALOGUE);
        assertThat(stays.problems()).hasSameSizeAs(goes.problems());
        IntStream.range(0, stays.problems().size())
                .forEach(i -> assertThat(stays.problems().get(i).events().mean())
                        .isCloseTo(goes.problems().get(i).events().mean(), within(1e-9)));
    }

    @Test
    void allYearIsTheMeanOfItsSeasons() {
        double[] seasons = Season.OF_A_YEAR.stream()
                .mapToDouble(s -> personDays(stays(s, 28, leg(Activity.HOME, 14)), "tick"))
                .toArray();
        double mean =
                IntStream.range(0, 4).mapToDouble(i -> seasons[i]).average().orElseThrow();
        assertThat(personDays(stays(Season.ALL_YEAR, 28, leg(Activity.HOME, 14)), "tick"))
                .isCloseTo(mean, within(1e-9));
        assertThat(seasons[0]).isNotEqualTo(seasons[3]);
    }

    @Test
    void whatIsWantedInSummerIsWantedAllYear() {
        assertThat(Drivers.whereabouts(stays(Season.ALL_YEAR, 90, leg(Activity.HOME, 14))))
                .contains(Tag.of("season", Season.SUMMER))
                .doesNotContain(Tag.of("season", Season.WINTER));
    }

    @Test
    void onlyAtHomeADressingIsChangedFromTheSameKit() {
        double home = dressings(stays(Season.SUMMER, 28, leg(Activity.HOME, 14)));
        double car = dressings(stays(Season.SUMMER, 28, leg(Activity.CAR, 14)));
        assertThat(home).isGreaterThan(car);
        assertThat(car).isLessThanOrEqualTo(2);
    }

    /** Dressings that one deep cut takes on average. */
    private static double dressings(Trip trip) {
        return Forecast.of(trip, CATALOGUE).problem("deep-cut").orElseThrow().steps().stream()
                .filter(s -> s.step().capability().equals("cover-wound"))
                .findFirst()
                .orElseThrow()
                .perEvent()
                .mean();
    }

    @Test
    void longerIsFilledUpLaterAndNeverBeyondTheMost() {
        Trip home = stays(Season.ALL_YEAR, 399, leg(Activity.HOME, 14));
        assertThat(home.longer(1).days()).isEqualTo(400);
        assertThat(home.longer(9).days()).isEqualTo(400);
        assertThat(home.party().training()).isEqualTo(Training.WILDERNESS);
    }
}
