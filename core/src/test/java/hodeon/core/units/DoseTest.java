package hodeon.core.units;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.BigDecimal;
import org.junit.jupiter.api.Test;

class DoseTest {

    @Test
    void nothingRoundsUnseen() {
        assertThat(Dose.ofMilligrams(new BigDecimal("0.125"))).hasToString("125 µg");
        assertThat(Dose.ofMilligrams(new BigDecimal("7.50"))).hasToString("7.5 mg");
        assertThat(Dose.ofMilligrams(500).plus(new Dose(1))).hasToString("500.001 mg");
        assertThatThrownBy(() -> Dose.ofMilligrams(new BigDecimal("0.0001"))).isInstanceOf(ArithmeticException.class);
        assertThatThrownBy(() -> new Dose(-1)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Dose(Long.MAX_VALUE).plus(new Dose(1))).isInstanceOf(ArithmeticException.class);
    }

    @Test
    void whatIsLeftIsNeverLessThanNothing() {
        assertThat(Dose.ofMilligrams(3).lessOrNone(Dose.ofMilligrams(5))).isEqualTo(Dose.ZERO);
        assertThat(Dose.ofMilligrams(5).lessOrNone(Dose.ofMilligrams(3))).isEqualTo(Dose.ofMilligrams(2));
    }
}
