package hodeon.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import hodeon.core.Samples;
import hodeon.core.brief.Activity;
import hodeon.core.brief.Environment;
import hodeon.core.brief.Stance;
import hodeon.core.brief.Trip;
import hodeon.core.choice.Solution;
import hodeon.core.need.Forecast;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Grave and rare trouble has its words; its tools do not swell an ordinary kit, and three things are never left out. */
class SeldomTest {

    private static final Duration PATIENCE = Duration.ofSeconds(20);

    private static Trip walk(Environment where, int people, int days, Stance stance, int grams) {
        return Samples.outing(Activity.HILL_WALKING, where, people, days, 6, stance, grams);
    }

    private static KitQuestion question(Trip trip, Holds holds) {
        return KitQuestion.of(
                trip, Samples.CATALOGUE, Forecast.of(trip, Samples.CATALOGUE), holds, Samples.suitability(trip));
    }

    private static Map<String, Integer> kit(KitQuestion question) {
        Planner planner = new Planner(question);
        return planner.contents(((Solution.Found) planner.recommend(PATIENCE)).quantities());
    }

    @Test
    void theWorkedExample() {
        Trip day = walk(Environment.TEMPERATE, 1, 1, Stance.HOLD_UNTIL_HELP, 1_500);
        Map<String, Double> seldom = Seldom.of(day, Forecast.of(day, Samples.CATALOGUE));
        assertThat(seldom.get("shield-eye")).isBetween(0.5e-5, 1.5e-5);
        assertThat(seldom).containsKeys("seal-chest", "bind-pelvis", "defibrillate", "keep-tooth");
        assertThat(seldom).doesNotContainKeys("cover-small", "keep-warm", "call-far", "stop-limb-bleeding");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "eye-shield",
                "chest-seal-vented",
                "pelvic-binder",
                "defibrillator",
                "tooth-pot",
                "birth-set",
                "opioid-antidote-spray",
                "carry-sheet",
                "temporary-filling",
                "gas-alarm"
            })
    void toolsForRareTroubleStayOutOfAnOrdinaryKitHoweverMuchItMayWeigh(String supply) {
        KitQuestion question = question(walk(Environment.TEMPERATE, 2, 3, Stance.HOLD_UNTIL_HELP, 6_000), Holds.NONE);
        assertThat(kit(question)).doesNotContainKey(supply);
    }

    @Test
    void whatIsPinnedComesAndWhereTheOddsAreThereItComesByItself() {
        Trip ordinary = walk(Environment.TEMPERATE, 2, 3, Stance.HOLD_UNTIL_HELP, 6_000);
        Holds pinned = new Holds(Map.of("eye-shield", 1), Set.of(), Map.of());
        assertThat(question(ordinary, Holds.NONE).exclusions().get("eye-shield"))
                .isInstanceOf(Exclusion.TooRare.class);
        assertThat(kit(question(ordinary, pinned))).containsEntry("eye-shield", 1);
        KitQuestion desert = question(walk(Environment.HOT_DRY, 12, 14, Stance.HOLD_UNTIL_HELP, 20_000), Holds.NONE);
        assertThat(desert.exclusions()).doesNotContainKey("light-tarp");
    }

    @Test
    void fixTheLikelyKeepsPressureWarmthAndTheCallAndSaysWhatATightLimitHasNoRoomFor() {
        Map<String, Integer> kit =
                kit(question(walk(Environment.TEMPERATE, 2, 2, Stance.FIX_THE_LIKELY, 800), Holds.NONE));
        for (String capability : List.of("press-wound", "keep-warm", "call-far", "call-attention")) {
            assertThat(kit.keySet())
                    .as(capability)
                    .anyMatch(id ->
                            Samples.CATALOGUE.supply(id).orElseThrow().serves().containsKey(capability));
        }
        KitQuestion tight = question(walk(Environment.TEMPERATE, 1, 1, Stance.FIX_THE_LIKELY, 155), Holds.NONE);
        assertThat(tight.letGo()).extracting(f -> f.reason()).anyMatch(r -> r.startsWith("A way to call from afar"));
    }
}
