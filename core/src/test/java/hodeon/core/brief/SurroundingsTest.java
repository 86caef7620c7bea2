package hodeon.core.brief;

import static org.assertj.core.api.Assertions.assertThat;

import hodeon.core.Samples;
import java.util.Arrays;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SurroundingsTest {

    private static Trip trip(Activity activity, Environment environment, int days, int hours, int grams) {
        return Samples.outing(activity, environment, 1, days, hours, Stance.HOLD_UNTIL_HELP, grams);
    }

    @ParameterizedTest
    @CsvSource({
        "HILL_WALKING, TEMPERATE, 1, 1, 1500, TAP PHONE ROAD SHOP, IN_PACK",
        "HILL_WALKING, TEMPERATE, 1, 4, 1500, TAP, IN_PACK",
        "HILL_WALKING, TEMPERATE, 3, 6, 1500, '', IN_PACK",
        "HILL_WALKING, TEMPERATE, 1, 2, 60, TAP PHONE, ON_BODY",
        "PADDLING, COAST, 6, 12, 8000, '', ON_WHEELS_OR_WATER",
        "CYCLING, TEMPERATE, 7, 2, 2200, TAP PHONE ROAD SHOP, ON_WHEELS_OR_WATER",
        "HOME, URBAN, 28, 1, 2600, TAP PHONE ROAD SHOP ROOF, STAYS_PUT",
        "CITY, URBAN, 7, 1, 1000, TAP PHONE ROAD SHOP ROOF, IN_PACK",
        "MOTOR, HOT_DRY, 8, 10, 10000, '', IN_VEHICLE",
        "BASE_CAMP, TEMPERATE, 9, 5, 9000, TAP, IN_VEHICLE"
    })
    void whatIsAtHandFollowsFromActivityPlaceAndHoursToCare(
            Activity activity,
            Environment environment,
            int days,
            int hours,
            int grams,
            String reach,
            Carriage carriage) {
        Set<Reach> expected = Arrays.stream(reach.split(" "))
                .filter(word -> !word.isEmpty())
                .map(Reach::valueOf)
                .collect(Collectors.toSet());
        assertThat(Surroundings.of(trip(activity, environment, days, hours, grams)))
                .isEqualTo(new Surroundings(expected, carriage));
    }

    @Test
    void whatTheBriefSaysComesFirst() {
        Trip said = trip(Activity.PADDLING, Environment.COAST, 6, 12, 8_000)
                .withMeans(new Means(
                        Optional.of(Carriage.ON_BODY), Optional.of(Set.of(Reach.BEACON)), Thrift.AMPLE, true));
        assertThat(Surroundings.of(said)).isEqualTo(new Surroundings(Set.of(Reach.BEACON), Carriage.ON_BODY));
    }
}
