package hodeon.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hodeon.core.Samples;
import hodeon.core.brief.Stance;
import hodeon.core.brief.Trip;
import hodeon.core.catalogue.Catalogue;
import hodeon.core.catalogue.Problem;
import hodeon.core.catalogue.Tag;
import hodeon.core.choice.Allocator;
import hodeon.core.choice.Candidate;
import hodeon.core.choice.Checker;
import hodeon.core.choice.Choice;
import hodeon.core.choice.Marginal;
import hodeon.core.choice.Optimiser;
import hodeon.core.choice.Solution;
import hodeon.core.evidence.Basis;
import hodeon.core.evidence.Rate;
import hodeon.core.need.Forecast;
import hodeon.core.party.Allergy;
import hodeon.core.party.Condition;
import hodeon.core.party.Party;
import hodeon.core.party.Person;
import hodeon.core.party.SizeClass;
import hodeon.core.party.Training;
import java.time.Duration;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

class PlannerTest {

    private static final Duration PATIENCE = Duration.ofSeconds(30);

    private static KitQuestion question(Trip trip, Holds holds) {
        return KitQuestion.of(
                trip, Samples.CATALOGUE, Forecast.of(trip, Samples.CATALOGUE), holds, Samples.suitability(trip));
    }

    private static Map<String, Integer> recommended(KitQuestion question) {
        Planner planner = new Planner(question);
        return planner.contents(((Solution.Found) planner.recommend(PATIENCE)).quantities());
    }

    private static Trip alone(Training training, Stance stance, int grams, Allergy... allergies) {
        return Samples.trip(
                new Party(List.of(Samples.person(
                        "Ottilie Brandt", 40, 70, training, Set.of(allergies), Set.<Condition>of(), Set.of()))),
                3,
                stance,
                grams);
    }

    /** On a machine with more to do the time for nearness can be over before there is any kit; there is one all the same. */
    @Test
    void thereIsAKitHoweverLittleTimeIsLeftToMakeItNearer() {
        Choice choice = question(Samples.skerryRing(), Holds.NONE).choice();
        assertThat(new Optimiser(choice).within(0, Duration.ZERO, PATIENCE))
                .isInstanceOfSatisfying(Solution.Found.class, found -> assertThat(choice.allows(found.array()))
                        .isTrue());
    }

    /** A solver that found nothing in its time is asked for longer: no kit at all helps nobody. */
    @Test
    void thereIsAKitOrAReasonHoweverShortTheTimeAllowed() {
        Duration tooShort = Duration.ofMillis(1);
        Choice choice = question(Samples.skerryRing(), Holds.NONE).choice();
        for (Solution solution :
                List.of(new Optimiser(choice).quick(tooShort), new Optimiser(choice).prove(0, tooShort))) {
            assertThat(solution).isInstanceOfSatisfying(Solution.Found.class, found -> {
                assertThat(choice.allows(found.array())).isTrue();
                assertThat(found.net()).isLessThanOrEqualTo(found.bound() + 1e-6);
            });
        }
        assertThat(new Optimiser(choice.withFirstLimit(1)).quick(tooShort))
                .isInstanceOfSatisfying(Solution.TooTight.class, tight -> {
                    assertThat(tight.lightest()).isNotEmpty();
                    assertThat(tight.conflict()).isNotEmpty();
                });
    }

    @Test
    void theSampleTripGetsAKitThatTheCheckerPasses() {
        KitQuestion question = question(Samples.skerryRing(), Holds.NONE);
        Planner planner = new Planner(question);
        Solution.Found found = (Solution.Found) planner.recommend(PATIENCE);
        assertThat(found.gap()).isLessThan(0.01);
        Solution.Found proven = (Solution.Found) planner.prove(PATIENCE);
        assertThat(proven.gap()).isLessThan(0.001);
        assertThat(proven.bound()).isGreaterThanOrEqualTo(found.net() - 1e-6);
        assertThat(found.bound()).isGreaterThanOrEqualTo(proven.net() - 1e-6);
        int[] quantities =
                found.quantities().stream().mapToInt(Integer::intValue).toArray();
        assertThat(Checker.faults(question.choice(), new Allocator(question.choice()).allocate(quantities), true))
                .isEmpty();
        Plan plan = planner.weigh(planner.contents(found.quantities()));
        assertThat(plan.broken()).isEmpty();
        assertThat(plan.pieces()).hasSizeGreaterThanOrEqualTo(40);
        assertThat(plan.mass().grams()).isLessThanOrEqualTo(2300);
        assertThat(question.asked()).hasSizeGreaterThanOrEqualTo(20);
        assertThat(plan.coverage()).isBetween(0.8, 1.0);
        assertThat(plan.coverage("blister")).isBetween(0.5, 1.0);
    }

    /** Aspirin is no pain relief for those under sixteen: it counts for as many as may have it. */
    @Test
    void whatSomebodyMayNotHaveCountsForTheOthersAlone() {
        Person adult = Samples.adult("Ebba", Training.BASIC);
        Person youth = Samples.person("Noor", 14, 50, Training.UNTRAINED, Set.of(), Set.of(), Set.of());
        double alone = aspirinAgainstHeadache(adult);
        assertThat(alone).isCloseTo(0.4, within(1e-9));
        assertThat(aspirinAgainstHeadache(adult, youth)).isBetween(0.1, 0.3);
        assertThat(aspirinAgainstHeadache(youth)).isZero();
    }

    private static double aspirinAgainstHeadache(Person... party) {
        KitQuestion question =
                question(Samples.trip(new Party(List.of(party)), 3, Stance.HOLD_UNTIL_HELP, 900), Holds.NONE);
        int use = question.choice().uses().stream().map(Choice.Use::id).toList().indexOf("headache/relieve-pain");
        return question.choice().candidates().stream()
                .filter(c -> c.id().equals("aspirin"))
                .flatMap(c -> c.serves().stream())
                .filter(s -> s.use() == use)
                .mapToDouble(Choice.Service::effect)
                .sum();
    }

    /** Somebody who knows that a thing never happens says so with a rate of 0. */
    @Test
    void ratesOfNothingStillEndInAKit() {
        Trip trip = Samples.skerryRing();
        for (Set<String> never : List.of(
                Set.of("hypothermia"),
                Samples.CATALOGUE.problems().stream().map(Problem::id).collect(Collectors.toSet()))) {
            Map<String, Rate> rates =
                    never.stream().collect(Collectors.toMap(p -> p, p -> new Rate(0, 500, new Basis.Own())));
            Catalogue catalogue = Samples.CATALOGUE.withRates(rates);
            KitQuestion question = KitQuestion.of(
                    trip, catalogue, Forecast.of(trip, catalogue), Holds.NONE, Samples.suitability(trip));
            assertThat(recommended(question)).containsKey("auto-injector").containsKey("gloves-nitrile");
        }
    }

    @Test
    void rescueMedicineGlovesAndNoneOrTwoTourniquetsAlwaysHold() {
        Map<String, Integer> kit = recommended(question(Samples.skerryRing(), Holds.NONE));
        assertThat(kit.get("auto-injector")).isGreaterThanOrEqualTo(1);
        assertThat(kit.get("reliever-inhaler")).isGreaterThanOrEqualTo(1);
        assertThat(kit.get("gloves-nitrile")).isGreaterThanOrEqualTo(8);
        int tourniquets = kit.getOrDefault("tourniquet-windlass", 0) + kit.getOrDefault("tourniquet-ratchet", 0);
        assertThat(tourniquets).isNotEqualTo(1);
        Map<String, Integer> first =
                recommended(question(alone(Training.WILDERNESS, Stance.FIRST_MINUTES, 1500), Holds.NONE));
        assertThat(first.getOrDefault("tourniquet-windlass", 0)
                        + first.getOrDefault("tourniquet-ratchet", 0)
                        + first.getOrDefault("elastic-tourniquet", 0))
                .isGreaterThanOrEqualTo(2);
    }

    @Test
    void trainingPrescriptionAndAllergyKeepThingsOut() {
        KitQuestion untrained = question(alone(Training.UNTRAINED, Stance.HOLD_UNTIL_HELP, 1500), Holds.NONE);
        assertThat(untrained.exclusions().get("tourniquet-windlass"))
                .isEqualTo(new Exclusion.AboveTraining(Training.BASIC, Training.UNTRAINED));
        assertThat(untrained.exclusions().get("auto-injector")).isEqualTo(new Exclusion.NotPrescribed());
        assertThat(untrained.exclusions().get("child-paracetamol"))
                .isEqualTo(new Exclusion.WrongSize(
                        Set.of(Tag.of("size", SizeClass.INFANT), Tag.of("size", SizeClass.CHILD))));
        assertThat(question(Samples.skerryRing(), Holds.NONE).exclusions().get("gloves-latex"))
                .isInstanceOfSatisfying(
                        Exclusion.Allergen.class, e -> assertThat(e.people()).containsExactly("Noor Castellan"));
    }

    @Test
    void anAllergySwapsTheMaterialAndKeepsTheCapability() {
        KitQuestion question =
                question(alone(Training.BASIC, Stance.HOLD_UNTIL_HELP, 1500, Allergy.ADHESIVE), Holds.NONE);
        assertThat(question.exclusions().get("plaster-fabric")).isInstanceOf(Exclusion.ForNobody.class);
        assertThat(recommended(question)).containsKey("plaster-silicone");
    }

    @Test
    void pinsAndBansAreKept() {
        Holds holds = new Holds(Map.of("cold-pack", 2), Set.of("shears", "hydrocolloid-pad"), Map.of());
        KitQuestion question = question(Samples.skerryRing(), holds);
        Map<String, Integer> kit = recommended(question);
        assertThat(kit).containsEntry("cold-pack", 2).doesNotContainKeys("shears", "hydrocolloid-pad");
        assertThat(question.exclusions().get("shears")).isEqualTo(new Exclusion.Banned());
    }

    @Test
    void aFloorTheUserForbidsIsToldNotHidden() {
        KitQuestion question =
                question(Samples.skerryRing(), new Holds(Map.of(), Set.of("gloves-nitrile", "gloves-small"), Map.of()));
        assertThat(new Planner(question).weigh(recommended(question)).givenUp()).anySatisfy(reason -> assertThat(reason)
                .isEqualTo("Gloves, two pairs for each likely helper: at least 8"));
    }

    @Test
    void aLimitBelowTheRescueMedicineIsAnsweredWithTheLeastMass() {
        KitQuestion question = question(Samples.trip(Samples.tidewrack(), 6, Stance.FIRST_MINUTES, 50), Holds.NONE);
        assertThat(new Planner(question).recommend(PATIENCE)).isInstanceOfSatisfying(Solution.TooTight.class, tight -> {
            assertThat(question.choice()
                            .limits()
                            .getFirst()
                            .taken(tight.lightest().stream()
                                    .mapToInt(Integer::intValue)
                                    .toArray()))
                    .isBetween(120.0, 300.0);
            assertThat(tight.conflict()).contains("at most 50 g");
        });
    }

    @Test
    void everyMarginalIsWhatWeighingTheChangedKitAgainSays() {
        KitQuestion question = question(Samples.skerryRing(), Holds.NONE);
        Planner planner = new Planner(question);
        Map<String, Integer> kit = recommended(question);
        double now = planner.weigh(kit).worth();
        for (String id :
                question.choice().candidates().stream().map(Candidate::id).toList()) {
            if (question.exclusions().containsKey(id)) {
                continue;
            }
            Marginal marginal = planner.marginals(kit).apply(id);
            int here = kit.getOrDefault(id, 0);
            Candidate of = question.choice().candidates().stream()
                    .filter(c -> c.id().equals(id))
                    .findFirst()
                    .orElseThrow();
            assertThat(marginal.oneMore())
                    .as(id)
                    .isCloseTo(weighed(planner, kit, id, here + of.up(here)) - now, within(1e-5));
            assertThat(marginal.none()).as(id).isCloseTo(now - weighed(planner, kit, id, 0), within(1e-5));
            if (here > 0) {
                assertThat(marginal.oneLess())
                        .as(id)
                        .isCloseTo(now - weighed(planner, kit, id, here - of.down(here)), within(1e-5));
            }
        }
    }

    private static double weighed(Planner planner, Map<String, Integer> kit, String id, int pieces) {
        Map<String, Integer> changed = new HashMap<>(kit);
        changed.put(id, pieces);
        return planner.weigh(changed).worth();
    }
}
