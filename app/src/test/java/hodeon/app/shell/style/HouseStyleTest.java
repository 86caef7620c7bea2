package hodeon.app.shell.style;

import static org.assertj.core.api.Assertions.assertThat;

import hodeon.app.shell.FieldReader;
import hodeon.app.shell.Figures;
import hodeon.core.notice.Faults;
import hodeon.core.units.MassUnit;
import hodeon.core.units.TemperatureUnit;
import hodeon.core.units.VolumeUnit;
import java.math.BigDecimal;
import java.time.DayOfWeek;
import java.util.Locale;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class HouseStyleTest {

    private static final HouseStyle OUNCES = new HouseStyle(
            MassUnit.OUNCES,
            VolumeUnit.FLUID_OUNCES,
            TemperatureUnit.FAHRENHEIT,
            DateForm.MONTH_FIRST,
            DayOfWeek.SUNDAY,
            Optional.empty(),
            PrinterPaper.LETTER,
            Locale.ENGLISH);

    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '"', textBlock = """
            DOTTED      | Good until 2027-03-09, lot 2027-03-091                 | Good until 09.03.2027, lot 2027-03-091
            MONTH_FIRST | 2027-03-09 to 2027-04                                  | Mar~9,~2027 to Apr~2027
            DAY_FIRST   | (2027-03-09)                                           | (9~Mar~2027)
            DOTTED      | 2027-02-30 and 2027-13 are none; 0141-555-2027 neither | 2027-02-30 and 2027-13 are none; 0141-555-2027 neither
            DOTTED      | at 2027-03-09T14:03                                    | at 2027-03-09T14:03
            DOTTED      | 2027-03-09 14:03                                       | 09.03.2027 14:03
            ISO         | 2027-03-09                                             | 2027-03-09
            """)
    void aDayIsWrittenInTheFormOfTheHouse(DateForm form, String iso, String written) {
        assertThat(form.in(iso, Locale.ENGLISH)).isEqualTo(written.replace('~', '\u00a0'));
    }

    @Test
    void temperaturesInATextAreSaidInFahrenheitToTheTenth() {
        assertThat(OUNCES.written("Water of 37 to 39 °C; over 39.5 °C, −40 °C or 25 °C"))
                .isEqualTo("Water of 98.6 to 102.2 °F; over 103.1 °F, −40 °F or 77 °F");
        assertThat(HouseStyle.METRIC.written("37 to 39 °C")).isEqualTo("37 to 39 °C");
    }

    @Test
    void weightAndRoomAreSaidInOuncesOnlyWithinTheStyle() {
        String inside = OUNCES.in(() -> Figures.grams(2300) + ", " + Figures.grams(3) + ", " + Figures.millilitres(60));
        assertThat(inside).isEqualTo("81.1 oz, 0.11 oz, 2.0 fl oz");
        assertThat(Figures.grams(2300)).isEqualTo("2,300 g");
    }

    @ParameterizedTest
    @CsvSource({"81.13, 2300", "81.13 oz, 2300", "2.3 kg, 2300", "2300 g, 2300", "5 lb, 2268", "5 LB, 2268"})
    void aNumberAloneIsInTheUnitOfTheHouseAndAnotherUnitMayBeNamed(String typed, String grams) {
        Faults faults = new Faults();
        BigDecimal read = OUNCES.in(() -> new FieldReader(faults)
                .decimal("limit", typed, BigDecimal.TEN, BigDecimal.valueOf(60_000), "The limit", 0, "g"));
        assertThat(faults.all()).isEmpty();
        assertThat(read).isEqualByComparingTo(grams);
    }

    @Test
    void aLimitIsToldInTheUnitThatWasTyped() {
        Faults faults = new Faults();
        OUNCES.in(() -> new FieldReader(faults)
                .decimal("limit", "0.1", BigDecimal.TEN, BigDecimal.valueOf(60_000), "The limit", 0, "g"));
        assertThat(faults.all().getFirst().limit()).isEqualTo("The limit is a number from 0.35 to 2116.44 oz");
    }

    @ParameterizedTest
    @CsvSource({"77, 25", "77 °F, 25", "25 °C, 25", "46F, 8"})
    void aPackagesTemperatureIsKeptInWholeCelsius(String typed, int celsius) {
        Faults faults = new Faults();
        assertThat((int) OUNCES.in(
                        () -> new FieldReader(faults).celsius("store", typed, -30, 60, "The warmest storage")))
                .isEqualTo(celsius);
        assertThat(faults.all()).isEmpty();
    }
}
