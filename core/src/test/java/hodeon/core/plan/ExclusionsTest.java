package hodeon.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hodeon.core.Samples;
import hodeon.core.brief.Company;
import hodeon.core.brief.Limits;
import hodeon.core.brief.Passage;
import hodeon.core.brief.Region;
import hodeon.core.brief.Stance;
import hodeon.core.brief.Trip;
import hodeon.core.catalogue.Catalogue;
import hodeon.core.catalogue.Supply;
import hodeon.core.catalogue.Tag;
import hodeon.core.catalogue.Tier;
import hodeon.core.choice.Candidate;
import hodeon.core.choice.Choice;
import hodeon.core.choice.Solution;
import hodeon.core.need.Forecast;
import hodeon.core.party.Allergy;
import hodeon.core.party.Condition;
import hodeon.core.party.Party;
import hodeon.core.party.RescueMedicine;
import hodeon.core.party.Training;
import hodeon.core.units.Mass;
import hodeon.core.units.Money;
import hodeon.core.units.Volume;
import java.math.BigDecimal;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What stays out and why, by party, place and passage; and the limits besides mass. */
class ExclusionsTest {

    private static final Duration PATIENCE = Duration.ofSeconds(30);

    private static Trip trip(Party party, Set<Region> region, Set<Passage> passage, Limits limits) {
        Trip plain = Samples.trip(party, 6, Stance.HOLD_UNTIL_HELP, 2300);
        return new Trip(
                plain.name(),
                plain.start(),
                plain.end(),
                plain.season(),
                plain.legs(),
                party,
                plain.hoursToCare(),
                region,
                passage,
                Company.NONE,
                plain.stance(),
                limits);
    }

    private static KitQuestion question(Trip trip, Catalogue catalogue) {
        return KitQuestion.of(trip, catalogue, Forecast.of(trip, catalogue), Holds.NONE, Samples.suitability(trip));
    }

    private static KitQuestion question(Trip trip) {
        return question(trip, Samples.CATALOGUE);
    }

    private static Party adults() {
        return new Party(List.of(
                Samples.adult("Ottilie Brandt", Training.ADVANCED),
                Samples.adult("Sef Marchetti-Vos", Training.BASIC)));
    }

    private static final Limits ROOMY = Limits.ofMass(Mass.ofGrams(2300));

    private static Map<String, Integer> kit(KitQuestion question) {
        Planner planner = new Planner(question);
        return planner.contents(((Solution.Found) planner.recommend(PATIENCE)).quantities());
    }

    @Test
    void whatComesInNobodysSizeStaysOut() {
        Map<String, Exclusion> reasons =
                question(trip(adults(), Set.of(), Set.of(), ROOMY)).exclusions();
        assertThat(reasons.get("tourniquet-child"))
                .isEqualTo(new Exclusion.WrongSize(Set.of(new Tag("size", "infant"), new Tag("size", "child"))));
        assertThat(question(Samples.skerryRing()).exclusions()).doesNotContainKey("tourniquet-child");
    }

    @Test
    void whatFitsOnlySomeServesOnlyTheirShare() {
        KitQuestion question = question(Samples.skerryRing());
        Choice choice = question.choice();
        List<String> ids = choice.candidates().stream().map(Candidate::id).toList();
        Candidate windlass = choice.candidates().get(ids.indexOf("tourniquet-windlass"));
        Candidate ratchet = choice.candidates().get(ids.indexOf("tourniquet-ratchet"));
        // Seven of eight are of adult size, and severe limb bleeding comes to all alike.
        assertThat(windlass.serves().getFirst().effect()).isCloseTo(7 / 8.0, within(1e-9));
        assertThat(ratchet.serves().getFirst().effect()).isEqualTo(1);
    }

    @ParameterizedTest
    @CsvSource({"BORDER, strong-pain-relief", "CABIN, shears", "CABIN, safety-pins"})
    void theWayThereKeepsThingsOut(Passage passage, String supply) {
        Party party = new Party(List.of(Samples.person(
                "Ottilie Brandt",
                40,
                70,
                Training.ADVANCED,
                Set.of(),
                Set.of(),
                Set.of(RescueMedicine.STRONG_PAIN_RELIEF))));
        assertThat(question(trip(party, Set.of(), Set.of(), ROOMY)).exclusions())
                .doesNotContainKey(supply);
        Exclusion reason = question(trip(party, Set.of(), Set.of(passage), ROOMY))
                .exclusions()
                .get(supply);
        assertThat(reason).isEqualTo(passage == Passage.BORDER ? new Exclusion.AtBorder() : new Exclusion.InCabin());
    }

    @Test
    void whatIsSupersededStaysOutWhateverItEarns() {
        Supply shears = Samples.CATALOGUE.supply("shears").orElseThrow();
        Supply recalled = new Supply(
                shears.id(),
                shears.name(),
                shears.group(),
                shears.form(),
                shears.piece(),
                shears.mass(),
                shears.volume(),
                shears.usesPerPiece(),
                shears.durable(),
                shears.serves(),
                shears.training(),
                shears.contains(),
                shears.notFor(),
                shears.prescribed(),
                shears.each(),
                shears.most(),
                shears.leastIfAny(),
                shears.sizes(),
                shears.purchase(),
                shears.keeping(),
                shears.crossing(),
                true,
                shears.fit());
        KitQuestion question = question(Samples.skerryRing(), Samples.CATALOGUE.withSupplies(List.of(recalled)));
        assertThat(question.exclusions().get("shears")).isEqualTo(new Exclusion.Superseded());
        assertThat(kit(question)).doesNotContainKey("shears");
    }

    @Test
    void snakesBringTheBandagesThatAreTaughtThere() {
        KitQuestion bind = question(trip(adults(), Set.of(Region.SNAKES_BIND), Set.of(), ROOMY));
        assertThat(bind.asked()).contains("bind-limb");
        assertThat(kit(bind).entrySet().stream()
                        .filter(e -> Samples.CATALOGUE
                                        .supply(e.getKey())
                                        .orElseThrow()
                                        .serves()
                                        .getOrDefault("bind-limb", Tier.IMPROVISED)
                                != Tier.IMPROVISED)
                        .mapToInt(Map.Entry::getValue)
                        .sum())
                .as("a bandage over the bite and one over the whole limb")
                .isGreaterThanOrEqualTo(2);
        assertThat(question(trip(adults(), Set.of(Region.SNAKES_STILL), Set.of(), ROOMY))
                        .asked())
                .doesNotContain("bind-limb");
    }

    @Test
    void aLatexAllergySwapsTheGlovesAndKeepsTheCapability() {
        Party party = new Party(List.of(
                Samples.adult("Sef Marchetti-Vos", Training.WILDERNESS),
                Samples.person(
                        "Noor Castellan",
                        29,
                        58,
                        Training.BASIC,
                        Set.of(Allergy.LATEX),
                        Set.<Condition>of(),
                        Set.of())));
        KitQuestion question = question(trip(party, Set.of(), Set.of(), ROOMY));
        assertThat(question.exclusions().get("gloves-latex")).isInstanceOf(Exclusion.Allergen.class);
        assertThat(kit(question)).containsKey("gloves-nitrile");
    }

    @Test
    void volumePriceAndKindsBindAsMassDoes() {
        Limits tight = new Limits(
                Mass.ofGrams(2300),
                Optional.of(Volume.ofMillilitres(new BigDecimal(2500))),
                Optional.of(Money.of(new BigDecimal(400))),
                OptionalInt.of(45));
        KitQuestion question = question(trip(Samples.tidewrack(), Set.of(), Set.of(), tight));
        Plan plan = new Planner(question).weigh(kit(question));
        assertThat(plan.volume().litres()).isLessThanOrEqualTo(2.5);
        assertThat(plan.price().amount()).isLessThanOrEqualTo(400);
        assertThat(plan.pieces()).hasSizeLessThanOrEqualTo(45);
        assertThat(plan.broken()).isEmpty();
        KitQuestion free = question(trip(Samples.tidewrack(), Set.of(), Set.of(), ROOMY));
        assertThat(new Planner(free).weigh(kit(free)).worth()).isGreaterThan(plan.worth());
    }
}
