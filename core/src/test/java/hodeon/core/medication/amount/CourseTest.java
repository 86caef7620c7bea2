package hodeon.core.medication.amount;

import static org.assertj.core.api.Assertions.assertThat;

import hodeon.core.medication.Dosing;
import java.math.BigDecimal;
import java.time.Duration;
import java.util.Optional;
import java.util.OptionalInt;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Nobody is handed more than the label lets them take before they ask. */
class CourseTest {

    @ParameterizedTest
    @CsvSource({
        "2, 4, 4, 8, 3, 24", // the worked example
        "2, 4, , 8, 3, 24", // what 24 hours allow is less than what fits
        "1, 6, 3, , 5, 15",
        "1, 12, , , 2, 4", // as many as fit
        "1, 12, , , , ", // nobody says when to ask
    })
    void theMost(BigDecimal most, int apart, Integer times, BigDecimal inADay, Integer days, BigDecimal units) {
        Dosing dosing = new Dosing(
                BigDecimal.ONE,
                most,
                Optional.empty(),
                Duration.ofHours(apart),
                times == null ? OptionalInt.empty() : OptionalInt.of(times),
                Optional.ofNullable(inADay),
                days == null ? OptionalInt.empty() : OptionalInt.of(days));
        assertThat(Course.most(dosing).map(BigDecimal::intValueExact))
                .isEqualTo(Optional.ofNullable(units).map(BigDecimal::intValueExact));
    }
}
