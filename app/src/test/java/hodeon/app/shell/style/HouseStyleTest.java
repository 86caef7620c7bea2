package hodeon.app.shell.style;

import static org.assertj.core.api.Assertions.assertThat;

import hodeon.app.shell.FieldReader;
import hodeon.app.shell.Figures;
import hodeon.app.shell.Wording;
import hodeon.core.notice.Faults;
import hodeon.core.units.MassUnit;
import hodeon.core.units.TemperatureUnit;
import hodeon.core.units.VolumeUnit;
import java.math.BigDecimal;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.YearMonth;
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
            PrinterPaper.LETTER);

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            ISO         | 2027-03-09  | 2027-03
            DOTTED      | 09.03.2027  | 03.2027
            DAY_FIRST   | 9~Mar~2027  | Mar~2027
            MONTH_FIRST | Mar~9,~2027 | Mar~2027
            """)
    void aDayAndAMonthAreWrittenInTheFormOfTheHouse(DateForm form, String day, String month) {
        assertThat(form.says(LocalDate.of(2027, 3, 9))).isEqualTo(day.replace('~', '\u00a0'));
        assertThat(form.says(YearMonth.of(2027, 3))).isEqualTo(month.replace('~', '\u00a0'));
    }

    @Test
    void temperaturesInASentenceThatShipsAreSaidInFahrenheitToTheTenth() {
        assertThat(OUNCES.says("Water of 37 to 39 °C; over 39.5 °C, −40 °C or 25 °C"))
                .isEqualTo("Water of 98.6 to 102.2 °F; over 103.1 °F, −40 °F or 77 °F");
        assertThat(HouseStyle.METRIC.says("37 to 39 °C")).isEqualTo("37 to 39 °C");
    }

    /** A sentence takes a day as a day; what only looks like one, because somebody typed it, stays as it is. */
    @Test
    void aDayThatIsPutIntoASentenceIsWrittenInTheFormOfTheHouseAndATextThatLooksLikeOneIsNot() {
        String said = OUNCES.in(() -> Wording.says(
                "bin.deletedOnHereUntil", "Tin 2027-03-09", LocalDate.of(2027, 3, 9), YearMonth.of(2027, 4)));
        assertThat(said).isEqualTo("Tin 2027-03-09, deleted on Mar\u00a09,\u00a02027, here until Apr\u00a02027");
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
