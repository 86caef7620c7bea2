package hodeon.core.readiness;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

/** A kit that stays learns what it uses. */
class WeeklyUseTest {

    @Test
    void theWorkedExample() {
        WeeklyUse use = WeeklyUse.of(OptionalDouble.of(1), 32, 8);
        assertThat(use.aWeek()).isEqualTo(2.5);
        assertThat(use.lasts(20)).hasValue(8);
    }

    @Test
    void whereNobodySaidWhatItIsForOnlyWhatWasUsedCounts() {
        assertThat(WeeklyUse.of(OptionalDouble.empty(), 6, 12).aWeek()).isEqualTo(0.5);
        // Less than a week says too little to divide by.
        assertThat(WeeklyUse.of(OptionalDouble.empty(), 2, 0.1).aWeek()).isEqualTo(2);
        assertThat(WeeklyUse.of(OptionalDouble.empty(), 0, 12).lasts(5)).isEmpty();
    }
}
