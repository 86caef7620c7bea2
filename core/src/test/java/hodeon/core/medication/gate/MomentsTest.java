package hodeon.core.medication.gate;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.ZoneId;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class MomentsTest {

    /** On the night when the clocks of Oslo go back, half past two comes twice. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "2026-11-26T13:05:00Z | Europe/Oslo       | Thu 14:05, Europe/Oslo",
                "2026-10-25T00:30:00Z | Europe/Oslo       | Sun 02:30 at UTC+02:00, Europe/Oslo",
                "2026-10-25T01:30:00Z | Europe/Oslo       | Sun 02:30 at UTC+01:00, Europe/Oslo",
                "2026-10-25T01:30:00Z | Australia/Adelaide | Sun 12:00, Australia/Adelaide",
            })
    void aMomentIsSaidWithItsPlaceAndNeverTwoAlike(Instant at, ZoneId zone, String said) {
        assertThat(Moments.said(at, zone)).isEqualTo(said);
        assertThat(Moments.dated(at, zone))
                .startsWith(at.atZone(zone).toLocalDate().toString())
                .endsWith("(" + zone + ")");
    }
}
