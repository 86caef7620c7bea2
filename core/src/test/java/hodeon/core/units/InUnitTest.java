package hodeon.core.units;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** What stands in a field of another unit and is not touched is kept as it was. */
class InUnitTest {

    private static final BigDecimal OUNCE = MassUnit.OUNCES.grams();

    @Test
    void aLimitInOuncesIsTheSameLimitAgain() {
        assertThat(InUnit.shown(OUNCE, new BigDecimal("2300"), 0)).isEqualTo("81.13");
        assertThat(InUnit.metric(OUNCE, new BigDecimal("81.13"), 0)).isEqualByComparingTo("2300");
        assertThat(InUnit.metric(OUNCE, new BigDecimal("16"), 0)).isEqualByComparingTo("454");
        assertThat(InUnit.shown(BigDecimal.ONE, new BigDecimal("2300.50"), 3)).isEqualTo("2300.5");
    }

    @Test
    void nothingUntouchedMoves() {
        long seed = System.nanoTime();
        Random random = new Random(seed);
        for (int i = 0; i < 2000; i++) {
            int decimals = random.nextInt(4);
            BigDecimal metric = BigDecimal.valueOf(random.nextInt(1, 60_000_000), decimals);
            BigDecimal one = random.nextBoolean() ? OUNCE : VolumeUnit.FLUID_OUNCES.millilitres();
            String shown = InUnit.shown(one, metric, decimals);
            assertThat(InUnit.metric(one, new BigDecimal(shown), decimals))
                    .as("%s to %d decimals as %s, seed %d", metric, decimals, shown, seed)
                    .isEqualByComparingTo(metric);
        }
    }

    @Test
    void packagesSayTheSameInBothDegrees() {
        assertThat(TemperatureUnit.FAHRENHEIT.of(25)).isEqualTo(77);
        assertThat(TemperatureUnit.FAHRENHEIT.of(-40)).isEqualTo(-40);
        assertThat(TemperatureUnit.FAHRENHEIT.celsius(86)).isEqualTo(30);
        assertThat(TemperatureUnit.CELSIUS.of(25)).isEqualTo(25);
    }
}
