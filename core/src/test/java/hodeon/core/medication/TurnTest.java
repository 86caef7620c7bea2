package hodeon.core.medication;

import static org.assertj.core.api.Assertions.assertThat;

import hodeon.core.medication.DoseClock.Taken;
import hodeon.core.units.Dose;
import java.math.BigDecimal;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import org.junit.jupiter.api.Test;

class TurnTest {

    private static final Formulary SHIPPED = FormularyReader.shipped();
    private static final LocalDate TODAY = LocalDate.of(2026, 6, 1);
    private static final Instant NOW = Instant.parse("2026-06-01T12:00:00Z");
    private static final Patient SEF = new Patient("Sef", 480, Optional.empty(), Set.of(), Set.of(), Set.of());

    private static DoseAnswer.Give give(String product) {
        return (DoseAnswer.Give) new DoseSheet(SHIPPED, Tradition.BRITISH, TODAY)
                .of(SHIPPED.product(product).orElseThrow(), SEF, List.of(), Set.of());
    }

    private static Taken taken(int hoursAgo, String product, int units) {
        return new Taken(
                NOW.minus(Duration.ofHours(hoursAgo)),
                product,
                SHIPPED.product(product).orElseThrow().counted(BigDecimal.valueOf(units)));
    }

    private static Turn turn(String product, Taken... taken) {
        Function<String, DoseClock> clocks = counted -> new DoseClock(
                counted,
                Limits.of(
                                SHIPPED,
                                Tradition.BRITISH,
                                TODAY,
                                counted,
                                SEF,
                                List.of(),
                                List.of(SHIPPED.product(product).orElseThrow()))
                        .orElseThrow(),
                List.of(taken));
        return Turn.of(give(product), clocks, NOW);
    }

    private static Turn says(int now, int hours) {
        return new Turn(BigDecimal.valueOf(now), Optional.of(NOW.plus(Duration.ofHours(hours))));
    }

    @Test
    void theWorkedExampleGivesOneNowAndTwoLater() {
        assertThat(turn("ibuprofen-200", taken(18, "ibuprofen-200", 3), taken(5, "ibuprofen-200", 2)))
                .isEqualTo(says(1, 6));
        assertThat(turn("ibuprofen-200")).isEqualTo(says(2, 0));
        assertThat(turn("ibuprofen-200", taken(1, "ibuprofen-200", 2))).isEqualTo(says(0, 3));
    }

    /** A mixture waits for whatever of its ingredients has to wait longest. */
    @Test
    void aMixtureMayBeGivenWhenAllItHoldsMay() {
        Product mixed = SHIPPED.product("cold-tablet").orElseThrow();
        assertThat(mixed.strengths()).hasSizeGreaterThan(1).containsKey("paracetamol");
        assertThat(turn("cold-tablet", taken(1, "paracetamol-500", 1)).now()).isZero();
        assertThat(turn("cold-tablet").now()).isEqualTo(give("cold-tablet").most());
    }

    /** Cream and tablets of the same are counted apart, and the cream by applications. */
    @Test
    void whatWorksOnTheSpotIsCountedByItself() {
        Product cream = SHIPPED.product("hydrocortisone-cream").orElseThrow();
        Map<String, Dose> once = cream.counted(BigDecimal.ONE);
        assertThat(once).hasSize(1).doesNotContainKey("hydrocortisone");
        assertThat(cream.says(cream.counted(BigDecimal.TWO).values().iterator().next()))
                .isEqualTo("2 applications");
        assertThat(turn("hydrocortisone-cream", taken(3, "hydrocortisone-cream", 1)))
                .isEqualTo(says(0, 9));
        assertThat(turn(
                        "hydrocortisone-cream",
                        taken(13, "hydrocortisone-cream", 1),
                        taken(23, "hydrocortisone-cream", 1)))
                .isEqualTo(says(0, 1));
    }
}
