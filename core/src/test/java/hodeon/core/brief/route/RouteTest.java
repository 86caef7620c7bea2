package hodeon.core.brief.route;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import hodeon.core.brief.route.Pace.Rule;
import hodeon.core.brief.route.Route.Point;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class RouteTest {

    /** Degrees of a great circle for a kilometre, on the sphere of the code. */
    private static final double KILOMETRE = Math.toDegrees(1_000 / 6_371_008.8);

    private static final Pace NAISMITH = new Pace(Rule.NAISMITH, 1);
    private static final Pace TOBLER = new Pace(Rule.TOBLER, 1);

    private static Point at(double kilometres, double height) {
        return new Point(0, kilometres * KILOMETRE, height);
    }

    @Test
    void theWorkedExampleHolds() {
        Route route = new Route(List.of(at(0, 0), at(3, 0), at(6, 300)));
        assertThat(route.metres()).isCloseTo(6_000, within(1e-6));
        assertThat(route.climb()).isEqualTo(300);
        assertThat(route.hours(NAISMITH)).isCloseTo(1.7, within(1e-9));
        assertThat(new Route(route.points().reversed()).hours(NAISMITH)).isCloseTo(1.2, within(1e-9));
    }

    @Test
    void onLevelGroundBothSchoolsWalkAboutFiveKilometresAnHour() {
        Route level = new Route(List.of(at(0, 0), at(5, 0)));
        assertThat(level.hours(NAISMITH)).isCloseTo(1, within(1e-9));
        // 6 · exp(−3.5 · 0.05) = 5.0367 km an hour.
        assertThat(level.hours(TOBLER)).isCloseTo(5 / 5.036742, within(1e-6));
        assertThat(level.hours(new Pace(Rule.NAISMITH, 1.5))).isCloseTo(1.5, within(1e-9));
        // Quickest at a slope of −0.05: 6 km an hour.
        assertThat(new Route(List.of(at(0, 50), at(1, 0))).hours(TOBLER)).isCloseTo(1 / 6.0, within(1e-9));
    }

    @Test
    void theFarthestPointIsHalfWayRoundALevelRingAndAtTheTopOfAWayUpAndBack() {
        List<Point> ring = new ArrayList<>();
        for (int i = 0; i <= 10; i++) {
            ring.add(at(i, 0));
        }
        Route.Farthest middle = new Route(ring).farthest(NAISMITH);
        assertThat(middle.metresAlong()).isCloseTo(5_000, within(1e-6));
        assertThat(middle.hoursOut()).isCloseTo(1, within(1e-9));
        Route hill = new Route(List.of(at(0, 0), at(4, 600), at(0, 0)));
        // From the top it is 4 km down by either way.
        assertThat(hill.farthest(NAISMITH).point().height()).isEqualTo(600);
        assertThat(hill.farthest(NAISMITH).hoursOut()).isCloseTo(0.8, within(1e-9));
    }

    @Test
    void noiseOfHeightsIsNoClimb() {
        Random random = new Random(20_261_125);
        List<Point> noisy = new ArrayList<>();
        for (int i = 0; i <= 2_000; i++) {
            noisy.add(at(i / 100.0, 100 + 2.4 * (2 * random.nextDouble() - 1)));
        }
        assertThat(new Route(noisy).climb()).as("seed 20261125").isZero();
    }

    @Test
    void aWayThroughMorePointsIsNeverShorterAndWalkingOutNeverTakesLongerThanTheWhole() {
        Random random = new Random(7);
        for (int run = 0; run < 50; run++) {
            List<Point> points = new ArrayList<>();
            for (int i = 0; i < 30; i++) {
                points.add(new Point(
                        60 + random.nextDouble() / 10, 10 + random.nextDouble() / 10, 900 * random.nextDouble()));
            }
            Route route = new Route(points);
            Route ends = new Route(List.of(points.getFirst(), points.getLast()));
            assertThat(route.metres()).as("seed 7, run " + run).isGreaterThanOrEqualTo(ends.metres());
            for (Pace pace : List.of(NAISMITH, TOBLER)) {
                assertThat(route.farthest(pace).hoursOut())
                        .as("seed 7, run " + run)
                        .isBetween(0.0, route.hours(pace));
            }
        }
    }

    @Test
    void whatIsNoRouteIsRefused() {
        assertThatThrownBy(() -> new Route(List.of(at(0, 0)))).hasMessageContaining("at least 2 points");
        assertThatThrownBy(() -> new Point(91, 0, 0)).hasMessageContaining("latitude 91");
        assertThatThrownBy(() -> new Pace(Rule.TOBLER, 9)).hasMessageContaining("outside 0.5 to 3");
    }
}
