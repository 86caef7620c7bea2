package hodeon.core.need;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hodeon.core.catalogue.Importance;
import hodeon.core.catalogue.Repeat;
import hodeon.core.catalogue.Step;
import hodeon.core.need.TripDraws.Want;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;

class TripDrawsTest {

    private static final int TRIPS = 40_000;
    private static final long SEED = 77;

    private static TripDraws draws(Step step, List<Double> byDay, int hoursToCare) {
        EventCount events = new EventCount(
                20, 1_000, byDay.stream().mapToDouble(Double::doubleValue).sum());
        return new TripDraws(List.of(new TripDraws.Source(events, byDay, List.of(step), hoursToCare)));
    }

    private static Step once(Repeat repeat) {
        return new Step("cushion", Step.always(1), repeat, Importance.CRITICAL);
    }

    @Test
    void eventsFallOnDaysByTheirExposure() {
        TripDraws draws = draws(once(new Repeat.Once()), List.of(10.0, 0.0, 30.0), 0);
        int[] onDay = new int[4];
        for (int trip = 0; trip < TRIPS; trip++) {
            draws.draw(SEED, trip).forEach(w -> onDay[w.day()]++);
        }
        assertThat(onDay[2]).isZero();
        double all = onDay[1] + onDay[3];
        assertThat(all / TRIPS).as("seed %d", SEED).isCloseTo(0.8, within(4 * Math.sqrt(0.8 * 1.04 / TRIPS)));
        assertThat(onDay[1] / all).as("seed %d", SEED).isCloseTo(0.25, within(4 * Math.sqrt(0.25 * 0.75 / all)));
    }

    @Test
    void reDressingComesOnItsDaysAndEndsWithTheTrip() {
        TripDraws draws = draws(once(new Repeat.Redress(2, 5, 3)), List.of(1.0, 0.0, 0.0, 0.0), 0);
        List<Want> wants = firstOf(draws);
        assertThat(wants).extracting(Want::day).containsExactly(1, 3);
        assertThat(wants).extracting(Want::pieces).containsExactly(1, 3);
    }

    @Test
    void painReliefUntilCareIsWantedOnTheDayItself() {
        TripDraws draws = draws(once(new Repeat.UntilCare(4, 2)), List.of(1.0, 0.0), 9);
        assertThat(firstOf(draws)).extracting(Want::pieces).containsExactly(1, 4);
    }

    @Test
    void firstPiecesFollowTheirProbabilities() {
        Step step =
                new Step("drain", new TreeMap<>(Map.of(0, 0.5, 1, 0.2, 2, 0.3)), new Repeat.Once(), Importance.HELPFUL);
        TripDraws draws = draws(step, List.of(50.0), 0);
        double pieces = 0;
        for (int trip = 0; trip < TRIPS; trip++) {
            pieces += draws.draw(SEED, trip).stream().mapToInt(Want::pieces).sum();
        }
        assertThat(pieces / TRIPS).as("seed %d", SEED).isCloseTo(0.8, within(0.04));
    }

    /** The wants of the first trip on which exactly one event happens. */
    private static List<Want> firstOf(TripDraws draws) {
        for (int trip = 0; ; trip++) {
            List<Want> wants = draws.draw(SEED, trip);
            if (!wants.isEmpty() && wants.stream().allMatch(w -> w.event() == 0)) {
                return wants;
            }
        }
    }
}
