package hodeon.core.practice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hodeon.core.Samples;
import hodeon.core.catalogue.Catalogue;
import hodeon.core.catalogue.Supply;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DrillTest {

    private static final Catalogue SHIPPED = Samples.CATALOGUE;

    @Test
    void whatIsAnsweredWellWaitsLongerAndWhatIsNotBeginsAnew() {
        Recall recall = Recall.NEW.answered(4);
        assertThat(recall.days()).isEqualTo(1);
        recall = recall.answered(4);
        assertThat(recall.days()).isEqualTo(6);
        recall = recall.answered(4);
        assertThat(recall.days()).isEqualTo(15);
        recall = recall.answered(2);
        assertThat(recall.days()).isEqualTo(1);
        assertThat(recall.ease()).isCloseTo(2.18, within(1e-9));
    }

    /** Drawn some thousand times, the grave is met, the likely too, and a plaster never. */
    @Test
    void theRareAndGraveIsDrawnOftenEnoughAndTheSameSeedDrawsTheSame() {
        Map<String, Integer> drawn = new HashMap<>();
        Random random = new Random(7);
        for (int i = 0; i < 5000; i++) {
            drawn.merge(
                    Drill.draw(SHIPPED, Set.of(), Set.of(), Map.of(), random)
                            .problem()
                            .id(),
                    1,
                    Integer::sum);
        }
        assertThat(drawn.getOrDefault("anaphylaxis", 0)).isGreaterThan(30);
        assertThat(drawn.getOrDefault("severe-limb-bleeding", 0)).isGreaterThan(30);
        assertThat(drawn).doesNotContainKey("small-cut");
        assertThat(Drill.draw(SHIPPED, Set.of(), Set.of(), Map.of(), new Random(3)))
                .isEqualTo(Drill.draw(SHIPPED, Set.of(), Set.of(), Map.of(), new Random(3)));
        assertThat(Drill.draw(SHIPPED, Set.of("anaphylaxis"), Set.of(), Map.of(), random)
                        .problem()
                        .id())
                .isEqualTo("anaphylaxis");
    }

    @Test
    void theOddsAreTempered() {
        assertThat(Drill.weight(SHIPPED.problem("deep-cut").orElseThrow())).isCloseTo(4.23, within(0.01));
        assertThat(Drill.weight(SHIPPED.problem("severe-limb-bleeding").orElseThrow()))
                .isCloseTo(8.32, within(0.01));
    }

    @ParameterizedTest
    @CsvSource({
        "severe-limb-bleeding, tourniquet-windlass gauze-large gloves-nitrile, tourniquet-windlass",
        "not-breathing, gloves-nitrile prompt-card, prompt-card",
        "severe-limb-bleeding, sun-cream, ''"
    })
    void whatDecidesIsTheBestOfTheKit(String problem, String kit, String thing) {
        Optional<Supply> decisive =
                Drill.decisive(SHIPPED.problem(problem).orElseThrow(), SHIPPED, Set.of(kit.split(" ")));
        assertThat(decisive.map(Supply::id).orElse("")).isEqualTo(thing);
    }

    @Test
    void aMinuteMakesTheDifferenceOnlyWhereAllIsRight() {
        assertThat(Drill.quality(4, 4, true)).isEqualTo(5);
        assertThat(Drill.quality(4, 4, false)).isEqualTo(4);
        assertThat(Drill.quality(3, 4, true)).isEqualTo(3);
        assertThat(Drill.quality(1, 4, true)).isEqualTo(1);
    }

    /** On an outing only what can happen there is drawn, and what is likelier there more often. */
    @Test
    void anOutingsOwnForecastIsDrawnFrom() {
        Map<String, Integer> drawn = new HashMap<>();
        Random random = new Random(11);
        for (int i = 0; i < 4000; i++) {
            String id = Drill.draw(SHIPPED, Set.of(), Set.of(), Map.of("anaphylaxis", 0.01, "deep-cut", 1.6), random)
                    .problem()
                    .id();
            drawn.merge(id, 1, Integer::sum);
        }
        assertThat(drawn.keySet()).isEqualTo(Set.of("anaphylaxis", "deep-cut"));
        double share = Math.sqrt(
                Math.sqrt(0.01) * SHIPPED.problem("anaphylaxis").orElseThrow().worth());
        double other = Math.sqrt(
                Math.sqrt(1.6) * SHIPPED.problem("deep-cut").orElseThrow().worth());
        assertThat(drawn.get("anaphylaxis") / 4000.0).isCloseTo(share / (share + other), within(0.03));
    }
}
