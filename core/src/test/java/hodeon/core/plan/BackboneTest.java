package hodeon.core.plan;

import static hodeon.core.plan.Kits.best;
import static hodeon.core.plan.Kits.does;
import static hodeon.core.plan.Kits.grams;
import static hodeon.core.plan.Kits.question;
import static org.assertj.core.api.Assertions.assertThat;

import hodeon.core.Samples;
import hodeon.core.brief.Activity;
import hodeon.core.brief.Environment;
import hodeon.core.brief.Season;
import hodeon.core.brief.Stance;
import hodeon.core.brief.Trip;
import hodeon.core.catalogue.Supply;
import hodeon.core.catalogue.Tag;
import hodeon.core.choice.Choice.Floor;
import hodeon.core.need.Drivers;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What comes whatever the odds say, and where a kit stops. */
@org.junit.jupiter.api.Tag("slow")
class BackboneTest {

    private static Trip trip(Activity activity, Environment environment, int people, int days, int hours, int grams) {
        return Samples.outing(activity, environment, people, days, hours, Stance.HOLD_UNTIL_HELP, grams);
    }

    /** The worked check of enough before full. */
    @Test
    void aDayNearHelpTakesSomeHundredGramsAndDoublingTheLimitChangesNothing() {
        Map<String, Integer> kit = best(trip(Activity.HILL_WALKING, Environment.TEMPERATE, 1, 1, 1, 1_500));
        assertThat(grams(kit)).isBetween(150.0, 400.0);
        assertThat(kit).hasSizeBetween(9, 22);
        assertThat(best(trip(Activity.HILL_WALKING, Environment.TEMPERATE, 1, 1, 1, 3_000)))
                .isEqualTo(kit);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "gloves",
                "clean-skin",
                "cover-small",
                "cover-wound",
                "hold-dressing",
                "wrap",
                "support-joint",
                "press-wound",
                "cut-away",
                "pull-splinter",
                "relieve-pain-plain",
                "keep-warm",
                "call-attention",
                "know-what-first"
            })
    void whatLeavesABuildingFarFromHelpHasABackboneWhateverTheOdds(String capability) {
        assertThat(does(best(trip(Activity.HILL_WALKING, Environment.TEMPERATE, 1, 2, 6, 2_000)), capability))
                .isTrue();
    }

    @Test
    void atATapUnderARoofNobodyTreatsWaterOrCarriesAShelter() {
        Map<String, Integer> home = best(trip(Activity.HOME, Environment.URBAN, 3, 28, 1, 5_000));
        assertThat(List.of("treat-water", "call-far", "keep-warm", "splint-limb", "call-attention"))
                .noneMatch(c -> does(home, c));
        assertThat(does(best(trip(Activity.PADDLING, Environment.COAST, 3, 6, 12, 5_000)), "call-far"))
                .isTrue();
    }

    @Test
    void aTightLimitGivesUpWhatIsHeavyAndLessNeededAndSaysSo() {
        Trip tight = trip(Activity.HILL_WALKING, Environment.TEMPERATE, 2, 3, 6, 220);
        KitQuestion question = question(tight);
        assertThat(question.letGo())
                .extracting(Floor::reason)
                .contains("A way to call from afar: at least 1", "Dressings that do not stick: at least 2");
        assertThat(question.choice().floors())
                .extracting(Floor::reason)
                .contains("Gloves, two pairs for each likely helper: at least 4", "Plasters: at least 5");
        assertThat(grams(best(tight))).isLessThanOrEqualTo(220);
    }

    @ParameterizedTest
    @ValueSource(ints = {4, 9, 12})
    void whoWaitsInTheColdHasARoofByHeads(int people) {
        Map<String, Integer> kit = best(trip(Activity.SNOW, Environment.WINTER, people, 2, 6, 20_000));
        int heads = kit.entrySet().stream()
                .filter(e -> supply(e.getKey()).serves().containsKey("keep-warm"))
                .mapToInt(e -> e.getValue() * supply(e.getKey()).fit().heads())
                .sum();
        assertThat(heads).as("%s", kit).isGreaterThanOrEqualTo(people - 2);
        assertThat(kit.getOrDefault("group-shelter", 0)).isLessThanOrEqualTo(Math.ceilDiv(people - 2, 4));
    }

    private static Supply supply(String id) {
        return Samples.CATALOGUE.supply(id).orElseThrow();
    }

    @Test
    void aLargePartyHasSeveralOfWhatStaysWithTheCasualty() {
        Map<String, Integer> kit = best(trip(Activity.SNOW, Environment.WINTER, 9, 2, 6, 6_000));
        assertThat(kit.getOrDefault("triangular-bandage", 0) + kit.getOrDefault("arm-sling", 0))
                .isGreaterThanOrEqualTo(2);
        assertThat(kit.entrySet().stream()
                        .filter(e -> e.getKey().startsWith("mouldable-splint"))
                        .mapToInt(Map.Entry::getValue)
                        .sum())
                .isBetween(2, 5);
    }

    @Test
    void oneKindForOneJobAndNothingWithoutWhatItNeeds() {
        for (Trip trip : List.of(
                trip(Activity.FOREST_WORK, Environment.TEMPERATE, 2, 3, 3, 4_000),
                trip(Activity.MOTOR, Environment.HOT_DRY, 4, 8, 10, 10_000),
                trip(Activity.HILL_WALKING, Environment.TEMPERATE, 4, 3, 5, 3_000))) {
            Map<String, Integer> kit = best(trip);
            Map<String, Long> kindsByJob = kit.keySet().stream()
                    .map(id -> Samples.CATALOGUE.supply(id).orElseThrow())
                    .flatMap(s -> s.fit().oneOf().stream())
                    .collect(Collectors.groupingBy(j -> j, Collectors.counting()));
            assertThat(kindsByJob.values()).allMatch(n -> n == 1);
            for (String id : kit.keySet()) {
                Supply supply = Samples.CATALOGUE.supply(id).orElseThrow();
                assertThat(supply.fit().needs(Drivers.whereabouts(trip))).allMatch(c -> does(kit, c));
            }
        }
    }

    @Test
    void ribsAreReadInTheOrderOfTheirRank() {
        Backbone backbone = Backbone.read("""
                [second-skin]
                name = Plasters
                why = everybody nicks a finger
                does = cover-small
                least = 2
                add = 3 per 2 people
                at-most = 9
                [light]
                name = Light
                why = nights are dark
                does = look-closely
                where = season:winter
                """);
        assertThat(backbone.ribs()).extracting(Backbone.Rib::id).containsExactly("second-skin", "light");
        Backbone.Rib skin = backbone.ribs().getFirst();
        assertThat(skin.uses(trip(Activity.HOME, Environment.URBAN, 3, 1, 1, 900)))
                .isEqualTo(5);
        assertThat(skin.uses(trip(Activity.HOME, Environment.URBAN, 8, 1, 1, 900)))
                .isEqualTo(9);
        assertThat(backbone.ribs().getLast().holds(Set.of(Tag.of("season", Season.SUMMER))))
                .isFalse();
    }
}
