package hodeon.core.catalogue.file;

import static org.assertj.core.api.Assertions.assertThat;

import hodeon.core.Samples;
import hodeon.core.catalogue.Catalogue;
import hodeon.core.catalogue.Crossing;
import hodeon.core.catalogue.Group;
import hodeon.core.catalogue.Problem;
import hodeon.core.catalogue.Step;
import hodeon.core.catalogue.Tier;
import hodeon.core.evidence.Basis;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What people who rely on the shipped data take for granted. */
class ReferenceDataTest {

    private static final Catalogue CATALOGUE = Samples.CATALOGUE;

    @ParameterizedTest
    @EnumSource(Group.class)
    void everyGroupHoldsSupplies(Group group) {
        assertThat(CATALOGUE.supplies()).filteredOn(s -> s.group() == group).hasSizeGreaterThanOrEqualTo(3);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "hot-spot",
                "blister",
                "chafe",
                "small-cut",
                "graze",
                "deep-cut",
                "severe-limb-bleeding",
                "severe-trunk-bleeding",
                "nosebleed",
                "splinter",
                "embedded-hook",
                "small-burn",
                "large-burn",
                "sunburn",
                "sprain",
                "overuse",
                "finger-injury",
                "arm-fracture",
                "leg-fracture",
                "dislocation",
                "head-knock",
                "eye-grit",
                "eye-irritation",
                "itchy-bites",
                "tick",
                "sting",
                "plant-rash",
                "mild-allergy",
                "anaphylaxis",
                "snake-bite-bind",
                "snake-bite-still",
                "marine-sting",
                "leech",
                "headache",
                "migraine",
                "fever-cold",
                "diarrhoea",
                "vomiting",
                "motion-sickness",
                "indigestion",
                "constipation",
                "heat-exhaustion",
                "hypothermia",
                "frostnip",
                "altitude",
                "cold-water",
                "ear-trouble",
                "fungus",
                "mouth-trouble",
                "wound-infection",
                "chest-pain",
                "asthma",
                "low-sugar",
                "not-breathing",
                "choking",
                "period",
                "child-fever",
                "teething",
                "dog-trouble"
            })
    void everyProblemOfTheCraftIsThere(String id) {
        Problem problem = CATALOGUE.problem(id).orElseThrow();
        assertThat(problem.steps()).isNotEmpty();
    }

    @Test
    void everyCapabilityIsDoneWellBySomethingAndAskedForBySomething() {
        Set<String> asked = CATALOGUE.problems().stream()
                .flatMap(p -> p.steps().stream())
                .map(Step::capability)
                .collect(Collectors.toSet());
        assertThat(CATALOGUE.capabilities()).hasSizeGreaterThanOrEqualTo(50).allSatisfy(c -> {
            assertThat(asked).contains(c.id());
            assertThat(CATALOGUE.supplies())
                    .as(c.id())
                    .anyMatch(s -> s.serves().getOrDefault(c.id(), Tier.IMPROVISED) != Tier.IMPROVISED);
        });
    }

    @Test
    void publishedRatesSaySoAndOnlyThose() {
        assertThat(CATALOGUE.problems().stream()
                        .filter(p -> p.rate().basis() instanceof Basis.Published)
                        .map(Problem::id))
                .containsExactlyInAnyOrder("blister", "chafe", "overuse", "diarrhoea");
    }

    @Test
    void prescriptionMedicineIsMarkedForBordersAndNeverForEverybody() {
        assertThat(CATALOGUE.supplies())
                .filteredOn(s -> s.prescribed().isPresent())
                .hasSizeGreaterThanOrEqualTo(8)
                .allSatisfy(s -> {
                    assertThat(s.group()).isEqualTo(Group.PERSONAL);
                    assertThat(s.crossing().border()).isIn(Crossing.Border.PRESCRIPTION, Crossing.Border.RESTRICTED);
                });
    }

    @Test
    void liquidsThatFlyAreWithinTheCabinLimitOrStayInTheHold() {
        assertThat(CATALOGUE.supplies())
                .filteredOn(s -> s.crossing().cabin() == Crossing.Cabin.LIQUID)
                .isNotEmpty()
                .allSatisfy(s -> assertThat(s.volume().litres()).as(s.id()).isLessThanOrEqualTo(0.15));
    }

    @Test
    void whatHasAShelfLifeKeepsSomeMonthsAndNamesAreOwn() {
        assertThat(CATALOGUE.supplies()).allSatisfy(s -> {
            assertThat(s.keeping().shelfLifeMonths().orElse(12)).as(s.id()).isBetween(6, 120);
            assertThat(s.purchase().price().hundredths()).as(s.id()).isPositive();
            assertThat(s.name()).as(s.id()).doesNotContainPattern("[®™]");
        });
        assertThat(CATALOGUE.supplies().stream().map(s -> s.name().toLowerCase(Locale.ROOT)))
                .doesNotHaveDuplicates();
    }
}
