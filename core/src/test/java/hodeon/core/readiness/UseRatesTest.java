package hodeon.core.readiness;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hodeon.core.readiness.UseRates.Use;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class UseRatesTest {

    private static final LocalDate TODAY = LocalDate.of(2027, 6, 1);
    private static final UUID POUCH = UUID.randomUUID();
    private static final UUID CAR = UUID.randomUUID();

    @Test
    void theWorkedExample() {
        UseRates rates = UseRates.of(
                List.of(new Use("wipe", POUCH, 3)),
                Optional.of(TODAY.minusMonths(18)),
                TODAY,
                List.of(new Use("wipe", POUCH, 1)));
        assertThat(rates.at("wipe", POUCH)).isCloseTo(3, within(0.01));
        assertThat(rates.at("wipe", CAR)).isZero();
        assertThat(rates.of("wipe")).isCloseTo(3, within(0.01));
    }

    /** Less than a year of record says too little, and more than two years back is not looked. */
    @ParameterizedTest
    @CsvSource({"0, 4", "6, 4", "12, 4", "24, 2", "60, 2"})
    void howLongTheRecordGoesBackIsDividedBy(int months, double aYear) {
        UseRates rates = UseRates.of(
                List.of(new Use("wipe", POUCH, 4)), Optional.of(TODAY.minusMonths(months)), TODAY, List.of());
        assertThat(rates.of("wipe")).isCloseTo(aYear, within(0.02));
        assertThat(UseRates.since(TODAY)).isEqualTo(LocalDate.of(2025, 6, 1));
    }

    @Test
    void onlyWhatTheNeedLeavesOverIsFurtherUse() {
        UseRates rates = UseRates.of(List.of(new Use("wipe", POUCH, 4)), Optional.empty(), TODAY, List.of());
        assertThat(rates.further("wipe", 3, 36)).isCloseTo(9, within(1e-9));
        assertThat(rates.further("wipe", 30, 36)).isZero();
        assertThat(rates.further("pad", 0, 36)).isZero();
        assertThat(UseRates.counts(TODAY.plusMonths(11), TODAY)).isTrue();
        assertThat(UseRates.counts(TODAY.plusYears(1), TODAY)).isFalse();
    }
}
