package hodeon.app.shell.chart;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ScaleTest {

    /** The worked example. */
    private final Scale celsius = new Scale(0, 40, 200, 12);

    @ParameterizedTest
    @CsvSource({"0, 200.0", "10, 153.0", "40, 12.0", "-10, 247.0"})
    void aValueLiesItsShareOfTheWayUpToo(double value, String at) {
        assertThat(celsius.written(value)).isEqualTo(at);
    }

    @Test
    void aScaleHoldsItsEndsTurnsItsLastLabelsAndTellsWidths() {
        assertThat(celsius.holds(0)).isTrue();
        assertThat(celsius.holds(40)).isTrue();
        assertThat(celsius.holds(40.1)).isFalse();
        assertThat(celsius.anchor(37)).isEqualTo("middle");
        assertThat(celsius.anchor(38)).isEqualTo("end");
        assertThat(celsius.width(47)).isEqualTo(10);
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new Scale(3, 3, 0, 1))
                .withMessageContaining("3.0");
    }

    @Test
    void ticksStandEverySoMuchOrOnRoundNumbersWithoutNought() {
        assertThat(Tick.every(celsius, 10, c -> (int) c + " °C"))
                .extracting(Tick::says)
                .containsExactly("0 °C", "10 °C", "20 °C", "30 °C", "40 °C");
        assertThat(Tick.round(new Scale(0, 1240, 0, 100), 1, g -> (int) g + " g"))
                .extracting(Tick::says)
                .containsExactly("500 g", "1000 g");
        assertThat(Tick.round(new Scale(0, 430, 0, 100), 1, g -> (int) g + " g"))
                .extracting(Tick::says)
                .containsExactly("100 g", "200 g", "300 g", "400 g");
    }

    @ParameterizedTest
    @CsvSource({
        "2027-06-12, 3, 2027-07 2027-08 2027-09",
        "2027-06-12, 24, 2027-07 2027-10 2028-01 2028-04 2028-07 2028-10 2029-01 2029-04",
        "2027-06-12, 40, 2028 2029 2030"
    })
    void monthsAreSaidByHowLongTheScaleIs(LocalDate first, int months, String says) {
        LocalDate last = first.plusMonths(months);
        Scale scale = Scale.ofDays(first, last, 0, 100);
        assertThat(Tick.months(scale, first, last)).extracting(Tick::says).containsExactly(says.split(" "));
        assertThat(scale.at(last)).isEqualTo(100);
    }

    @Test
    void hoursAreThoseOfTheClockOnTheWall() {
        Instant first = Instant.parse("2027-03-27T11:30:00Z");
        Instant last = first.plusSeconds(24 * 3600);
        // Clocks go forward in the night: 18:00 to 00:00 are six hours, 00:00 to 06:00 are five.
        assertThat(Tick.hours(Scale.ofMoments(first, last, 0, 24), first, last, ZoneId.of("Europe/Oslo"), 6))
                .containsExactly(
                        new Tick("5.5", "18:00"),
                        new Tick("11.5", "00:00"),
                        new Tick("16.5", "06:00"),
                        new Tick("22.5", "12:00"));
    }

    @Test
    void aPathGoesThroughItsPoints() {
        assertThat(Scale.path(List.of(new double[] {0, 1}, new double[] {2.25, 3})))
                .isEqualTo("M0.0 1.0 L2.3 3.0");
    }
}
