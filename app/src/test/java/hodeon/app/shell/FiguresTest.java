package hodeon.app.shell;

import static org.assertj.core.api.Assertions.assertThat;

import hodeon.core.units.Mass;
import java.math.BigDecimal;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FiguresTest {

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "1|nearly always",
                "0.507|51 in 100",
                "0.02|2 in 100",
                "0.0179|1 in 56",
                "0.00142|1 in 700",
                "0.000087|1 in 11,000"
            })
    void chancesAreSaidAsPeopleSayThem(double probability, String said) {
        assertThat(Figures.chance(probability)).isEqualTo(said);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {"0|0 %", "1|100 %", "0.9413|94.1 %", "0.0512|5.1 %", "0.0005|0.050 %", "0.00001234|0.0012 %"})
    void aSmallShareIsNeverRoundedToNothing(double share, String said) {
        assertThat(Figures.percent(share)).isEqualTo(said);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {"0|none of 100", "0.004|fewer than 1 of 100", "0.006|1 of 100", "0.42|42 of 100", "1|100 of 100"})
    void inAHundredTripsNothingRareIsCalledNever(double probability, String said) {
        assertThat(Figures.inHundred(probability)).isEqualTo(said);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {"0.012|+ 1.2 %", "-0.004|− 0.40 %", "0.0000001|no change"})
    void aChangeCarriesItsSign(double share, String said) {
        assertThat(Figures.change(share)).isEqualTo(said);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {"2.5|2.5 ml", "120|120 ml", "4500|4.5 l"})
    void volumesAreSaidInTheUnitThatFits(double millilitres, String said) {
        assertThat(Figures.millilitres(millilitres)).isEqualTo(said);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {"2140|2,140 g", "9.5|9.5 g", "3|3 g", "156.4|156 g", "0.4|0.4 g"})
    void gramsCarryTheirUnit(BigDecimal grams, String said) {
        assertThat(Figures.grams(Mass.ofGrams(grams))).isEqualTo(said);
    }

    @Test
    void thingsAreCountedInEnglish() {
        assertThat(Figures.counted(1, "pad")).isEqualTo("1 pad");
        assertThat(Figures.counted(3, "patch")).isEqualTo("3 patches");
        assertThat(Figures.counted(2, "half litre")).isEqualTo("2 half litres");
        assertThat(Figures.days(2.5)).isEqualTo("2.5 days");
    }
}
