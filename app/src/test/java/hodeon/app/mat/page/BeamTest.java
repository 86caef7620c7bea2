package hodeon.app.mat.page;

import static org.assertj.core.api.Assertions.assertThat;

import hodeon.core.brief.Limits;
import hodeon.core.plan.Plan;
import hodeon.core.units.Mass;
import hodeon.core.units.Money;
import hodeon.core.units.Volume;
import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class BeamTest {

    private static Plan weighing(long grams, String litres, String money) {
        return new Plan(
                Map.of(),
                Mass.ofGrams(grams),
                Volume.ofMillilitres(new BigDecimal(litres).movePointRight(3)),
                Money.of(new BigDecimal(money)),
                List.of(),
                0,
                0,
                0,
                List.of(),
                List.of());
    }

    /** The mat's pan hangs on the left: it goes down, a positive drop, when the mat is heavier than the limit. */
    @ParameterizedTest
    @CsvSource({
        "500, under, 500 g left, -14.0",
        "940, under, 60 g left, -2.5",
        "960, near, 40 g left, -1.7",
        "1000, near, 0 g left, 0.0",
        "1020, over, 20 g over, 0.8",
        "1040, far-over, 40 g over, 1.7",
        "3000, far-over, '2,000 g over', 14.0"
    })
    void theHeavierSideHangsLowerAndTheWordsSayByHowMuch(long grams, String state, String left, String drop) {
        Beam beam = Beam.of(weighing(grams, "1", "0"), 3, Limits.ofMass(Mass.ofGrams(1000)));
        assertThat(beam.state()).isEqualTo(state);
        assertThat(beam.left()).isEqualTo(left);
        assertThat(beam.drop()).isIn(drop, drop.replace("0.0", "-0.0"));
        assertThat(Math.signum(Double.parseDouble(beam.tilt())))
                .isEqualTo(-Math.signum(Double.parseDouble(beam.drop())));
    }

    @Test
    void whatElseIsLimitedStandsBesideItAndSaysWhenItIsTooMuch() {
        Limits limits = new Limits(
                Mass.ofGrams(1000),
                Optional.of(Volume.ofMillilitres(BigDecimal.valueOf(2_000))),
                Optional.of(Money.of(new BigDecimal("40"))),
                OptionalInt.of(10));
        assertThat(Beam.of(weighing(500, "1", "50"), 10, limits).gauges())
                .containsExactly(
                        new Beam.Gauge("Volume", "1.0 l of 2.0 l", "50.0", false),
                        new Beam.Gauge("Price", "50.00 of 40.00", "100.0", true),
                        new Beam.Gauge("Kinds", "10 of 10", "100.0", false));
        assertThat(Beam.of(weighing(500, "1", "50"), 10, Limits.ofMass(Mass.ofGrams(1000)))
                        .gauges())
                .extracting(Beam.Gauge::says)
                .containsExactly("1.0 l", "about 50.00", "10");
    }
}
