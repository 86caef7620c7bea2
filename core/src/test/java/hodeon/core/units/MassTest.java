package hodeon.core.units;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.BigDecimal;
import org.junit.jupiter.api.Test;

class MassTest {

    @Test
    void addsWithoutRounding() {
        Mass pin = Mass.ofGrams(new BigDecimal("0.1"));
        assertThat(pin.plus(pin).plus(pin)).isEqualTo(Mass.ofGrams(new BigDecimal("0.3")));
        assertThat(pin.times(30).exactGrams()).isEqualByComparingTo("3");
    }

    @Test
    void refusesWhatItCannotHold() {
        assertThatThrownBy(() -> Mass.ofGrams(new BigDecimal("0.0001"))).isInstanceOf(ArithmeticException.class);
        assertThatThrownBy(() -> new Mass(-1)).hasMessageContaining("-1 mg is below 0 mg");
        assertThatThrownBy(() -> Mass.ofGrams(Long.MAX_VALUE)).isInstanceOf(ArithmeticException.class);
    }
}
