package hodeon.core.units;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PluralTest {

    @ParameterizedTest
    @CsvSource({
        "tablet, tablets",
        "dose, doses",
        "box, boxes",
        "suppository, suppositories",
        "patch, patches",
        "card of strips, cards of strips",
        "packet for a litre, packets for a litre",
        "tweezers, tweezers",
        "ml, ml"
    })
    void severalAreCalledAsPeopleSay(String one, String several) {
        assertThat(Plural.counted(1, one)).isEqualTo("1 " + one);
        assertThat(Plural.counted(0, one)).isEqualTo("0 " + several);
        assertThat(Plural.of(2.5, one)).isEqualTo(several);
    }
}
