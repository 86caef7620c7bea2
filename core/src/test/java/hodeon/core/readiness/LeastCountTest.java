package hodeon.core.readiness;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A kit that stays is filled up before a quarter of its time would take more than is left. */
class LeastCountTest {

    @ParameterizedTest
    @CsvSource({
        "20, 16, 7", // a quarter takes four, seven at most in nine of ten
        "1, 0.001, 1", // a tourniquet is there, however rarely it is used
        "3, 40, 3", // never more than belongs there
        "10, 0, 1",
        "12, 4, 2",
    })
    void theLeast(int target, double expectedUse, int least) {
        assertThat(LeastCount.of(target, expectedUse)).isEqualTo(least);
    }
}
