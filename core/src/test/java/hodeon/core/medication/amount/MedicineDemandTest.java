package hodeon.core.medication.amount;

import static org.assertj.core.api.Assertions.assertThat;

import hodeon.core.Samples;
import hodeon.core.catalogue.Catalogue;
import hodeon.core.medication.DoseSheet;
import hodeon.core.medication.Patient;
import hodeon.core.medication.People;
import hodeon.core.medication.formulary.Tradition;
import hodeon.core.need.Forecast;
import java.math.BigDecimal;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;

/** What a trip asks of medicines: every day's, the forecast's, and the walk out. */
class MedicineDemandTest {

    private static final Catalogue CATALOGUE = Samples.CATALOGUE;

    private static Traveller going(String name, Patient patient, String... everyDay) {
        return new Traveller(
                name,
                patient,
                List.of(everyDay).stream()
                        .map(p -> new Traveller.Taking(p, BigDecimal.ONE))
                        .toList());
    }

    private static MedicineDemand demand(List<Traveller> travellers, Map<String, Integer> kit) {
        return MedicineDemand.of(
                travellers,
                new MedicineDemand.Outing(6, 2, 9),
                People.SHIPPED,
                Tradition.BRITISH,
                CATALOGUE,
                Forecast.of(Samples.skerryRing(), CATALOGUE),
                kit);
    }

    private static AsNeeded pain(MedicineDemand demand) {
        return demand.asNeeded().stream()
                .filter(a -> a.pool().supplies().stream().anyMatch(s -> s.id().equals("paracetamol")))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void whatIsTakenEveryDayIsAddedUpOverPeopleWithTheReserve() {
        RegularMedicine regular = RegularMedicine.of(
                        List.of(
                                going("Ottilie", People.adult(), "paracetamol-500"),
                                going("Sef", People.adult(), "paracetamol-500")),
                        People.SHIPPED,
                        CATALOGUE,
                        Map.of("paracetamol", 10),
                        6,
                        2)
                .getFirst();
        assertThat(regular.takers())
                .map(RegularMedicine.Taker::units)
                .containsExactly(BigDecimal.valueOf(8), BigDecimal.valueOf(8));
        assertThat(regular.pieces()).isEqualTo(16);
        assertThat(regular.enough()).isFalse();
    }

    @Test
    void walkingOutIsReckonedAtTheLabelsMostUntilCare() {
        var supply = CATALOGUE.supply("paracetamol").orElseThrow();
        WalkingOut walk = WalkingOut.of(
                        going("Ottilie", People.adult()),
                        Map.of(supply, People.product("paracetamol-500")),
                        new DoseSheet(People.SHIPPED, Tradition.BRITISH),
                        Map.of("paracetamol", 4),
                        9)
                .orElseThrow();
        assertThat(walk.pieces()).isEqualTo(6);
        assertThat(walk.missing()).isEqualTo(2);
    }

    @Test
    void aChildWalksOutOnAChildsMedicineAndWhoMayHaveNothingIsNamed() {
        MedicineDemand demand = demand(
                List.of(going("Beck", People.aged("9", "29")), going("Baby", People.aged("1 month", "4"))),
                Map.of("ibuprofen", 40, "child-paracetamol", 40));
        assertThat(pain(demand).walkingOut().getFirst().supply().serves()).containsKey("child-pain");
        assertThat(demand.withoutRelief()).containsExactly("Baby");
    }

    @Test
    void whatSomebodyTakesEveryDayIsNotThereForOthers() {
        Map<String, Integer> kit = Map.of("paracetamol", 20);
        assertThat(pain(demand(List.of(going("Sef", People.adult())), kit)).there())
                .containsEntry("paracetamol", 20);
        assertThat(pain(demand(List.of(going("Sef", People.adult(), "paracetamol-500")), kit))
                        .there())
                .containsEntry("paracetamol", 12);
    }

    @Test
    void theFixNamesWhatLacksOfTheWalkAndOfTheForecastTogether() {
        MedicineDemand demand = demand(List.of(going("Sef", People.adult())), Map.of());
        AsNeeded pain = pain(demand);
        assertThat(pain.enough()).isFalse();
        AsNeeded.Fix fix = pain.fix().orElseThrow();
        int walk = pain.reserve().orElseThrow().pieces();
        assertThat(fix.supply()).isEqualTo(pain.reserve().orElseThrow().supply());
        assertThat(fix.more())
                .isEqualTo(walk + fix.supply().piecesFor(pain.lack().uses()));
        assertThat(demand.asNeeded()).extracting(AsNeeded::enough).isSorted();
        assertThat(pain.untreated()).map(WalkingOut::casualty).containsExactly("Sef");
        assertThat(pain.asked()).isEqualTo(pain.uses() + fix.supply().uses(walk));
    }

    /** What lacks nothing and is asked for by nobody is not told, and what has to be prescribed is not asked of the kit. */
    @Test
    void onlyWhatIsAskedForOrThereIsTold() {
        Map<String, Integer> kit = Map.of("paracetamol", 60, "ibuprofen", 60, "antacid", 4);
        MedicineDemand demand = demand(List.of(going("Sef", People.adult())), kit);
        assertThat(demand.asNeeded()).isNotEmpty().allSatisfy(a -> {
            assertThat(a.asked() > 0 || a.pool().has(kit) > 0).isTrue();
            assertThat(a.pool().supplies()).allSatisfy(s -> {
                assertThat(s.prescribed()).as(s.id()).isEmpty();
                assertThat(s.superseded()).as(s.id()).isFalse();
            });
        });
        AsNeeded pain = pain(demand);
        assertThat(pain.untreated()).isEmpty();
        assertThat(pain.enough()).isTrue();
        assertThat(pain.lack().uses()).isZero();
        assertThat(demand.asNeeded().stream().filter(a -> !a.enough()))
                .allSatisfy(a -> assertThat(a.fix().orElseThrow().more()).isPositive());
    }

    /** Property, seed printed: a few presses make it enough whatever there was, and each puts something in. */
    @Test
    void puttingInTheFixAFewTimesMakesItEnough() {
        long seed = 20_261_129;
        SplittableRandom random = new SplittableRandom(seed);
        List<Traveller> travellers = List.of(going("Sef", People.adult()), going("Beck", People.aged("9", "29")));
        for (int i = 0; i < 20; i++) {
            Map<String, Integer> kit = new HashMap<>();
            List.of("paracetamol", "ibuprofen", "child-paracetamol").forEach(id -> kit.put(id, random.nextInt(12)));
            Map<String, Integer> before = Map.copyOf(kit);
            for (int press = 0; press < 3; press++) {
                pain(demand(travellers, kit)).fix().ifPresent(fix -> {
                    assertThat(fix.more()).isPositive();
                    kit.merge(fix.supply().id(), fix.more(), Integer::sum);
                });
            }
            assertThat(pain(demand(travellers, kit)).enough())
                    .as("seed %s, round %s, before %s, after %s", seed, i, before, kit)
                    .isTrue();
        }
    }

    /** Syrup for a child would leave the grown-ups' lack as it is. */
    @Test
    void theFixIsWhatLeavesTheLeastLacking() {
        AsNeeded pain = pain(demand(
                List.of(going("Sef", People.adult()), going("Beck", People.aged("9", "29"))),
                Map.of("paracetamol", 8, "child-paracetamol", 9)));
        assertThat(pain.lack().capabilities()).contains("calm-inflammation", "relieve-pain", "child-pain");
        assertThat(pain.fix().orElseThrow().supply().serves()).containsKeys("calm-inflammation", "relieve-pain");
    }
}
