package hodeon.core.plan.tradeoff;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hodeon.core.Samples;
import hodeon.core.need.Forecast;
import hodeon.core.plan.Holds;
import hodeon.core.plan.KitQuestion;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;

class IfItHappensTest {

    private static final KitQuestion QUESTION = KitQuestion.of(
            Samples.skerryRing(),
            Samples.CATALOGUE,
            Forecast.of(Samples.skerryRing(), Samples.CATALOGUE),
            Holds.NONE,
            Samples.suitability(Samples.skerryRing()));

    private static IfItHappens of(Map<String, Integer> kit, String problem) {
        return IfItHappens.of(QUESTION, kit, 3).stream()
                .filter(p -> p.problem().problem().id().equals(problem))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void anEmptyKitCanDoNothingButWhatIsAtHandAndTheGravestIsNamedFirst() {
        List<IfItHappens> all = IfItHappens.of(QUESTION, Map.of(), 3);
        assertThat(all).hasSizeGreaterThan(20).allSatisfy(p -> {
            assertThat(p.severity()).isGreaterThanOrEqualTo(3);
            assertThat(p.met()).as(p.problem().problem().id()).isLessThanOrEqualTo(0.4);
            assertThat(p.lacking()).isNotEmpty();
        });
        assertThat(of(Map.of(), "severe-limb-bleeding").met()).isZero();
        assertThat(all.getFirst().severity()).isEqualTo(5);
        assertThat(all.getLast().severity()).isEqualTo(3);
    }

    /** The worked example. Over the trip little is missed, because it is rare; if it happens, four things of five are. */
    @Test
    void whatIsRareIsNotMetBecauseItIsRare() {
        IfItHappens bleeding = of(Map.of("tourniquet-ratchet", 2), "severe-limb-bleeding");
        assertThat(bleeding.met()).isCloseTo(0.2, within(1e-9));
        assertThat(bleeding.lacking())
                .containsExactly(
                        "Pack a deep bleeding wound",
                        "Keep pressure on a wound",
                        "Call for help from far away",
                        "Keep a casualty warm");
        assertThat(of(Map.of("tourniquet-ratchet", 2, "field-dressing", 2), "severe-limb-bleeding")
                        .met())
                .isBetween(0.3, 0.5);
    }

    /** A property of random kits: whatever is added, no answer gets worse. */
    @Test
    void moreNeverAnswersLess() {
        long seed = 20_261_128;
        Random random = new Random(seed);
        List<String> ids =
                Samples.CATALOGUE.supplies().stream().map(s -> s.id()).toList();
        for (int round = 0; round < 20; round++) {
            Map<String, Integer> kit = new HashMap<>();
            for (int i = 0; i < 15; i++) {
                kit.put(ids.get(random.nextInt(ids.size())), 1 + random.nextInt(4));
            }
            Map<String, Integer> more = new HashMap<>(kit);
            String added = ids.get(random.nextInt(ids.size()));
            more.merge(added, 2, Integer::sum);
            Map<String, Double> before = new HashMap<>();
            IfItHappens.of(QUESTION, kit, 3)
                    .forEach(p -> before.put(p.problem().problem().id(), p.met()));
            assertThat(IfItHappens.of(QUESTION, more, 3))
                    .as("seed %d, round %d, %s added", seed, round, added)
                    .allSatisfy(p -> assertThat(p.met())
                            .isGreaterThanOrEqualTo(
                                    before.get(p.problem().problem().id()) - 1e-9));
        }
    }
}
