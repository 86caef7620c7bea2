package hodeon.core.catalogue.file;

import static org.assertj.core.api.Assertions.assertThat;

import hodeon.core.Samples;
import hodeon.core.brief.Stance;
import hodeon.core.catalogue.Capability;
import hodeon.core.catalogue.Catalogue;
import hodeon.core.catalogue.Importance;
import hodeon.core.catalogue.Problem;
import hodeon.core.catalogue.Repeat;
import hodeon.core.catalogue.Step;
import hodeon.core.catalogue.Supply;
import hodeon.core.catalogue.Tag;
import hodeon.core.catalogue.Tier;
import hodeon.core.catalogue.procedure.Casualty;
import hodeon.core.catalogue.procedure.DoLine;
import hodeon.core.catalogue.procedure.Guidance;
import hodeon.core.catalogue.procedure.GuidanceReader;
import hodeon.core.catalogue.procedure.School;
import hodeon.core.catalogue.procedure.Timer;
import hodeon.core.medication.Suitability;
import hodeon.core.party.Condition;
import hodeon.core.party.Party;
import hodeon.core.party.Person;
import hodeon.core.party.Training;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What would hurt if the data ever said it again. */
class FirstAidRulesTest {

    private static final Catalogue CATALOGUE = Samples.CATALOGUE;
    private static final Guidance GUIDANCE = GuidanceReader.shipped(CATALOGUE);

    private static List<String> capabilities(String problem) {
        return CATALOGUE.problem(problem).orElseThrow().steps().stream()
                .map(Step::capability)
                .toList();
    }

    private static Step step(String problem, String capability) {
        return CATALOGUE.problem(problem).orElseThrow().steps().stream()
                .filter(s -> s.capability().equals(capability))
                .findFirst()
                .orElseThrow();
    }

    private static Map<String, Tier> serves(String supply) {
        return CATALOGUE.supply(supply).orElseThrow().serves();
    }

    private static String words(String problem) {
        var procedure = GUIDANCE.procedure(problem);
        return (procedure.byHand() + " " + procedure.call()).toLowerCase(Locale.ROOT);
    }

    private static List<String> lines(String problem, Casualty casualty) {
        return GUIDANCE
                .procedure(problem)
                .lines(casualty, School.followed(GUIDANCE.schools(), Map.of(), Set.of()))
                .stream()
                .map(DoLine::words)
                .toList();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "head-knock",
                "snake-bite-still",
                "large-burn",
                "severe-limb-bleeding",
                "severe-trunk-bleeding",
                "arm-fracture",
                "leg-fracture",
                "open-fracture",
                "pelvis-thigh",
                "dislocation",
                "chest-injury",
                "spine-injury",
                "crush-rollover",
                "impaled",
                "severed-part",
                "pierced-eye",
                "belly-pain",
                "pregnancy-bleeding",
                "open-chest",
                "open-belly",
                "tooth-out"
            })
    void whereSomebodyBleedsNoPainReliefThatThinsTheBloodIsPlannedOrOffered(String problem) {
        Set<String> thinning = CATALOGUE.supplies().stream()
                .filter(s -> s.contains().stream().anyMatch(t -> t.toString().matches("allergy:(nsaid|aspirin)")))
                .map(Supply::id)
                .collect(Collectors.toSet());
        assertThat(thinning).contains("ibuprofen", "aspirin", "child-ibuprofen", "bismuth");
        for (String capability : capabilities(problem)) {
            assertThat(CATALOGUE.supplies().stream()
                            .filter(s -> s.serves().containsKey(capability))
                            .map(Supply::id))
                    .as(problem + "/" + capability)
                    .doesNotContainAnyElementsOf(thinning);
        }
    }

    @Test
    void theTrunkIsNeverPacked() {
        assertThat(CATALOGUE.problem("severe-trunk-bleeding").orElseThrow().name())
                .isEqualTo("Severe bleeding in groin, armpit or neck base");
        assertThat(words("severe-trunk-bleeding")).contains("never pack chest or belly");
        for (String open : List.of("open-chest", "open-belly", "impaled")) {
            assertThat(capabilities(open)).doesNotContain("pack-wound", "press-wound");
        }
    }

    @Test
    void adrenalineComesFirstAndTwicePerPersonAndTabletsLast() {
        List<String> steps = capabilities("anaphylaxis");
        assertThat(steps).startsWith("treat-anaphylaxis").endsWith("calm-allergy");
        assertThat(step("anaphylaxis", "treat-anaphylaxis").first()).isEqualTo(Step.always(2));
        assertThat(step("anaphylaxis", "calm-allergy").importance()).isEqualTo(Importance.NICE);
        assertThat(lines("anaphylaxis", Casualty.ADULT).getFirst())
                .isEqualTo("Their pen NOW: outer thigh, through clothes. Hold.");
        assertThat(GUIDANCE.procedure("anaphylaxis").timers(Casualty.ADULT, Map.of("second-pen", "10")))
                .containsExactly(new Timer.After("Second pen may follow", 10));
    }

    @Test
    void aBurnIsCooledWithWaterOnceAndGelIsMakeshift() {
        Step cooling = step("small-burn", "cool-burn");
        assertThat(cooling.importance()).isEqualTo(Importance.CRITICAL);
        assertThat(cooling.repeat()).isEqualTo(new Repeat.Once());
        assertThat(capabilities("small-burn")).startsWith("cool-burn");
        for (String gel : List.of("burn-gel-sachet", "burn-gel-dressing")) {
            assertThat(serves(gel)).containsEntry("cool-burn", Tier.IMPROVISED);
            assertThat(capabilities("large-burn").stream()
                            .filter(serves(gel)::containsKey)
                            .map(serves(gel)::get))
                    .allMatch(Tier.IMPROVISED::equals);
            assertThat(serves(gel)).doesNotContainKey("flush-long");
        }
        assertThat(lines("small-burn", Casualty.ADULT).getFirst()).contains("water NOW, twenty minutes");
        assertThat(GUIDANCE.procedure("large-burn").timers(Casualty.ADULT, Map.of()))
                .contains(new Timer.After("Cool with water", 20));
    }

    @Test
    void aPressureDressingIsNotRenewedByTheClock() {
        for (Problem problem : CATALOGUE.problems()) {
            problem.steps().stream()
                    .filter(s -> Set.of("press-wound", "pack-wound", "stop-limb-bleeding", "bind-limb")
                            .contains(s.capability()))
                    .forEach(s -> assertThat(s.repeat()).as(problem.id()).isEqualTo(new Repeat.Once()));
        }
    }

    @Test
    void aTourniquetHasItsPlaceTightnessAndTimeAndAnInfantAHand() {
        assertThat(words("severe-limb-bleeding"))
                .contains("a hand's breadth above the wound, not on a joint")
                .contains("until the bleeding stops")
                .contains("write the time")
                .contains("never loosen, shift or cover it")
                .contains("an infant's limb: squeeze it above the wound with your hand");
        assertThat(lines("severe-limb-bleeding", Casualty.INFANT)).noneMatch(l -> l.contains("ourniquet"));
        assertThat(CATALOGUE.supplies())
                .filteredOn(s -> s.serves().containsKey("stop-limb-bleeding"))
                .allSatisfy(
                        s -> assertThat(GUIDANCE.handling(s.id()).orElseThrow().never())
                                .containsIgnoringCase("never loosen it"));
    }

    @Test
    void aSnakeBindingStartsAtTheBiteCoversTheWholeLimbAndMayBeDoneByAnybodyWithSeveralBandages() {
        assertThat(words("snake-bite-bind"))
                .containsSubsequence("firmly over the bite", "a second from fingers or toes up over the whole limb");
        assertThat(step("snake-bite-bind", "bind-limb").first().firstKey()).isEqualTo(2);
        assertThat(serves("elastic-bandage-wide")).containsEntry("bind-limb", Tier.GOOD);
        assertThat(CATALOGUE.supplies().stream().filter(s -> s.serves().containsKey("bind-limb")))
                .hasSizeGreaterThanOrEqualTo(3)
                .allSatisfy(s -> assertThat(s.training()).isEqualTo(new Tag("training", "untrained")));
    }

    @Test
    void heatStrokeIsCooledFirstSweatingOrDry() {
        assertThat(capabilities("heat-stroke")).startsWith("cool-body");
        assertThat(words("heat-stroke"))
                .contains("sweating or dry makes no difference")
                .contains("cool first");
        assertThat(words("heat-exhaustion")).contains("dry or sweating: heat stroke");
    }

    @Test
    void chestPainCallsBeforeAspirinWhichAnybodyMayHandOut() {
        assertThat(capabilities("chest-pain")).startsWith("call-far", "heart-aspirin");
        // Who must not have it is named before it is chewed.
        assertThat(lines("chest-pain", Casualty.ADULT))
                .containsSubsequence(
                        "Call first. Say “chest pain”.",
                        "On a blood thinner: ask by phone before aspirin.",
                        "Chew one aspirin, unless allergic, bleeding or told never.");
        assertThat(words("chest-pain"))
                .contains("300 mg")
                .contains("unless allergic, bleeding, a stroke is likely")
                .contains("on a blood thinner ask");
        assertThat(CATALOGUE.supply("aspirin").orElseThrow().training()).isEqualTo(new Tag("training", "untrained"));
    }

    @ParameterizedTest
    @CsvSource({
        "low-sugar, 15 to 20 g",
        "low-sugar, after ten to fifteen minutes the same again",
        "diarrhoea, 'six level teaspoons of sugar, half a level teaspoon of salt, one litre of clean water'",
        "dry-child, six level teaspoons of sugar",
        "vomiting, wait ten minutes",
        "marine-sting, 'rinse with sea water, never fresh'",
        "marine-sting, about 45 degrees",
        "leech, 'no salt, heat, alcohol'",
        "tick, pull straight out",
        "embedded-hook, near an eye",
        "splinter, no digging",
        "eye-grit, stays",
        "sunburn, shields from nothing",
        "insulin-lost, what was frozen once is thrown away",
        "insulin-lost, for weeks at room warmth",
        "spine-injury, airway and bleeding go first",
        "poisoning, never make them vomit",
        "hypothermia, no rubbing"
    })
    void theTextsSayWhatMatters(String problem, String said) {
        assertThat(words(problem)).contains(said);
    }

    @ParameterizedTest
    @CsvSource({
        "saline-pod, irrigate, IMPROVISED",
        "phone-power, call-far, IMPROVISED",
        "cold-pack, cool-swelling, GOOD",
        "mouldable-splint-short, splint-limb, IMPROVISED",
        "folding-knife, cut-away, IMPROVISED",
        "clean-water, flush-long, IMPROVISED"
    })
    void aSupplyClaimsNoMoreThanItDoes(String supply, String capability, Tier tier) {
        assertThat(serves(supply)).containsEntry(capability, tier);
    }

    @Test
    void afterSunGelShieldsFromNothingAKnifeCutsNoHookAndSaltDropsNoLeech() {
        assertThat(serves("aloe-gel")).doesNotContainKey("shield-sun");
        assertThat(serves("folding-knife")).doesNotContainKey("cut-hook");
        assertThat(CATALOGUE.capabilities()).extracting(Capability::id).doesNotContain("drop-leech");
        assertThat(CATALOGUE.supply("salt-sachet").orElseThrow().superseded()).isTrue();
    }

    /** Whoever reacts to one of the two reacts to the other. */
    @Test
    void tagsOfAllergyAndConditionAreComplete() {
        for (String supply : List.of("aspirin", "ibuprofen")) {
            assertThat(CATALOGUE.supply(supply).orElseThrow().contains())
                    .contains(Tag.parse("allergy:aspirin"), Tag.parse("allergy:nsaid"));
        }
        assertThat(CATALOGUE.supply("altitude-tablet").orElseThrow().contains())
                .contains(Tag.parse("allergy:sulfonamide"));
        Person expecting = Samples.person(
                "Ottilie Brandt", 34, 66, Training.BASIC, Set.of(), Set.of(Condition.PREGNANCY), Set.of());
        Person child = Samples.person("Beck Halla", 9, 29, Training.UNTRAINED, Set.of(), Set.of(), Set.of());
        Suitability suitability =
                Samples.suitability(Samples.trip(new Party(List.of(expecting, child)), 2, Stance.HOLD_UNTIL_HELP, 900));
        assertThat(suitability.contraindicated("bismuth")).containsKey("Ottilie Brandt");
        assertThat(suitability.contraindicated("mouth-gel")).containsKey("Beck Halla");
    }

    @Test
    void insulinInUseKeepsAtRoomWarmth() {
        assertThat(CATALOGUE.supply("insulin-pen").orElseThrow().keeping().mostCelsius())
                .hasValue(30);
        assertThat(GUIDANCE.handling("insulin-pen").orElseThrow().lines())
                .anyMatch(l -> l.contains("Never frozen"))
                .anyMatch(l -> l.contains("throw it away"));
    }

    @Test
    void whereLivesHangOnItCallingIsCriticalAndWarmthAndAirwayToo() {
        assertThat(CATALOGUE.problems())
                .filteredOn(p -> p.severity() == 5)
                .hasSizeGreaterThan(25)
                .allSatisfy(p -> assertThat(step(p.id(), "call-far").importance())
                        .as(p.id())
                        .isEqualTo(Importance.CRITICAL));
        for (String cold : List.of(
                "severe-limb-bleeding",
                "severe-trunk-bleeding",
                "large-burn",
                "hypothermia",
                "cold-water",
                "drowning",
                "avalanche",
                "pelvis-thigh",
                "spine-injury",
                "open-belly",
                "open-fracture",
                "unresponsive")) {
            assertThat(step(cold, "keep-warm").importance()).as(cold).isEqualTo(Importance.CRITICAL);
        }
        for (String airless : List.of("not-breathing", "drowning", "avalanche", "lightning", "choking", "cold-water")) {
            assertThat(step(airless, "breathing-barrier").importance())
                    .as(airless)
                    .isEqualTo(Importance.CRITICAL);
        }
    }

    @Test
    void whateverHurtsWhenMisusedSaysHowItIsUsed() {
        Set<String> risky = Set.of(
                "stop-limb-bleeding",
                "pack-wound",
                "treat-anaphylaxis",
                "open-airways",
                "ease-heart",
                "keep-insulin",
                "seal-chest",
                "bind-pelvis",
                "bind-limb",
                "cool-burn",
                "close-cut",
                "reverse-opioid",
                "defibrillate",
                "breathing-barrier",
                "drain-blister",
                "ease-severe-pain",
                "stop-seizure",
                "rewarm",
                "splint-limb",
                "heart-aspirin",
                "slow-diarrhoea",
                "rinse-stings",
                "cut-hook",
                "dry-ear",
                "warn-gas",
                "check-oxygen");
        assertThat(CATALOGUE.supplies().stream()
                        .filter(s -> s.serves().entrySet().stream()
                                .anyMatch(e -> risky.contains(e.getKey()) && e.getValue() == Tier.MADE))
                        .map(Supply::id)
                        .filter(id -> GUIDANCE.handling(id).isEmpty()))
                .isEmpty();
    }
}
