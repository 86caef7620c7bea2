package hodeon.core.medication.formulary;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.BigDecimal;
import java.time.Duration;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class BandLineTest {

    @Test
    void aLineIsReadWhole() {
        Band band = BandLine.parse("age 2y-4y kg 10.9-16.3 dose 160-240 every 4h times 5 most 800 days 3");
        assertThat(band.fromMonths()).isEqualTo(24);
        assertThat(band.toMonths()).isEqualTo(48);
        assertThat(band.mass().orElseThrow().pointsTo(new BigDecimal("10.9"))).isTrue();
        assertThat(band.mass().orElseThrow().pointsTo(new BigDecimal("16.3"))).isFalse();
        assertThat(band.least()).isEqualByComparingTo("160");
        assertThat(band.most()).isEqualByComparingTo("240");
        assertThat(band.apart()).isEqualTo(Duration.ofHours(4));
        assertThat(band.times()).hasValue(5);
        assertThat(band.inADay()).hasValueSatisfying(d -> assertThat(d).isEqualByComparingTo("800"));
        assertThat(band.days()).hasValue(3);
        assertThat(band.who()).isEqualTo("2 years to under 4 years, 10.9 to under 16.3 kg");
    }

    @Test
    void aFirstDoseMinutesAndADayForEachKilogramAreRead() {
        Band band = BandLine.parse("age 12m- kg 5- dose 2-4 first 8 every 30min most 40 most 3/kg");
        assertThat(band.first().orElseThrow()).isEqualByComparingTo("8");
        assertThat(band.apart()).isEqualTo(Duration.ofMinutes(30));
        assertThat(band.inADay().orElseThrow()).isEqualByComparingTo("40");
        assertThat(band.inADayPerKilogram().orElseThrow()).isEqualByComparingTo("3");
        // A least mass is no rung of a ladder.
        assertThat(band.mass().orElseThrow().pointsTo(new BigDecimal("6"))).isFalse();
        assertThat(band.who()).isEqualTo("12 months and over, 5 kg and over");
        assertThat(BandLine.parse("age 1y- dose 5 every 6h most 60/kg").inADay())
                .isEmpty();
    }

    @Test
    void whatIsNotSaidIsLeftOpen() {
        Band band = BandLine.parse("age 6m- dose 5 every 0h");
        assertThat(band.toMonths()).isEqualTo(Band.NO_END);
        assertThat(band.times()).isEmpty();
        assertThat(band.inADay()).isEmpty();
        assertThat(band.who()).isEqualTo("6 months and over");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "two a day",
                "age 2y-4y dose 5",
                "age 4y-2y dose 5 every 4h",
                "age 2y-2y dose 5 every 4h",
                "age 2y- dose 0 every 4h",
                "age 2y- dose 9-5 every 4h",
                "age 2y- kg 20-10 dose 5 every 4h",
                "age 2y- dose 500 every 4h times 4 most 400",
                "age 2y- dose 500 first 400 every 4h",
                "age 2y- dose 500 first 1000 every 4h most 900",
                "age 2y- dose -5 every 4h",
                "age 2 dose 5 every 4h"
            })
    void whatMakesNoSenseIsRefused(String line) {
        assertThatThrownBy(() -> BandLine.parse(line)).isInstanceOf(IllegalArgumentException.class);
    }
}
