package hodeon.core.brief;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Month;
import java.time.ZoneId;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SeasonTest {

    @ParameterizedTest
    @CsvSource({
        "MARCH, SPRING, AUTUMN",
        "MAY, SPRING, AUTUMN",
        "JUNE, SUMMER, WINTER",
        "SEPTEMBER, AUTUMN, SPRING",
        "NOVEMBER, AUTUMN, SPRING",
        "DECEMBER, WINTER, SUMMER",
        "FEBRUARY, WINTER, SUMMER"
    })
    void aMonthHasItsSeasonOnEitherSideOfTheEquator(Month month, Season north, Season south) {
        assertThat(Season.in(month, Hemisphere.NORTH)).isEqualTo(north);
        assertThat(Season.in(month, Hemisphere.SOUTH)).isEqualTo(south);
    }

    @ParameterizedTest
    @CsvSource({
        "Europe/Oslo, NORTH",
        "Australia/Hobart, SOUTH",
        "America/Argentina/Ushuaia, SOUTH",
        "America/Bogota, NORTH",
        "Africa/Nairobi, SOUTH",
        "Pacific/Auckland, SOUTH",
        "Pacific/Honolulu, NORTH",
        "Z, NORTH"
    })
    void aClockTellsTheHemisphere(String zone, Hemisphere where) {
        assertThat(Hemisphere.of(ZoneId.of(zone))).isEqualTo(where);
    }
}
