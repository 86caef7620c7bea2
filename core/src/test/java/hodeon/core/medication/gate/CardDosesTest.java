package hodeon.core.medication.gate;

import static hodeon.core.medication.People.SHIPPED;
import static hodeon.core.medication.People.adult;
import static hodeon.core.medication.People.aged;
import static hodeon.core.medication.People.conditions;
import static hodeon.core.medication.People.direction;
import static org.assertj.core.api.Assertions.assertThat;

import hodeon.core.medication.Patient;
import hodeon.core.medication.People;
import hodeon.core.medication.formulary.Product;
import hodeon.core.medication.formulary.Tradition;
import java.math.BigDecimal;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class CardDosesTest {

    private static List<Product> bag(String... ids) {
        return Stream.of(ids).map(People::product).toList();
    }

    private static CardDoses of(Patient patient) {
        return new CardDoses(SHIPPED, Tradition.BRITISH, patient);
    }

    private static List<List<String>> names(List<CardDoses.Group> groups) {
        return groups.stream()
                .map(g -> g.doses().stream().map(d -> d.product().id()).toList())
                .toList();
    }

    /** The worked example, with one more that shares what the second holds. */
    @Test
    void whatSharesAnIngredientStandsTogetherUnderOneMost() {
        List<CardDoses.Group> groups = of(adult())
                .groups(bag("paracetamol-500", "cetirizine-10", "cold-tablet", "phenylephrine-12", "ibuprofen-200"));
        assertThat(names(groups))
                .containsExactly(
                        List.of("paracetamol-500", "cold-tablet", "phenylephrine-12"),
                        List.of("cetirizine-10"),
                        List.of("ibuprofen-200"));
        assertThat(groups.getFirst().mostInADay().get("paracetamol")).isEqualByComparingTo("4000");
        assertThat(groups.getFirst().mostInADay().get("phenylephrine")).isEqualByComparingTo("48");
        assertThat(groups.getFirst().mostInADay()).doesNotContainKey("caffeine");
        assertThat(groups.getLast().mostInADay()).isEmpty();
    }

    @Test
    void theMostThatIsSharedIsTheStrictestForThem() {
        // 42 kg x 75 mg = 3,150 mg.
        assertThat(of(aged("40", "42"))
                        .groups(bag("paracetamol-500", "cold-sachet"))
                        .getFirst()
                        .mostInADay()
                        .get("paracetamol"))
                .isLessThanOrEqualTo(BigDecimal.valueOf(3150));
        assertThat(of(adult().directed(List.of(direction("", 500, 1500, false))))
                        .groups(bag("paracetamol-500", "cold-sachet"))
                        .getFirst()
                        .mostInADay()
                        .get("paracetamol"))
                .isEqualByComparingTo("1500");
    }

    @Test
    void whoMayHaveTheTabletsIsNotGivenTheSyrup() {
        List<Product> both = bag("paracetamol-syrup-120", "paracetamol-500");
        assertThat(names(of(adult()).groups(both))).containsExactly(List.of("paracetamol-500"));
        assertThat(names(of(aged("10", "32")).groups(both)))
                .containsExactly(List.of("paracetamol-syrup-120", "paracetamol-500"));
        assertThat(names(of(aged("4", "17")).groups(both))).containsExactly(List.of("paracetamol-syrup-120"));
    }

    @Test
    void whatDoesNotGoTogetherIsSaidOnce() {
        List<CardDoses.Apart> apart = of(adult())
                .apart(bag("ibuprofen-200", "aspirin-300", "chlorphenamine-4", "cinnarizine-15", "paracetamol-500"));
        assertThat(apart).anySatisfy(a -> {
            assertThat(a.one().id()).isEqualTo("ibuprofen-200");
            assertThat(a.others()).map(Product::id).containsExactly("aspirin-300");
        });
        assertThat(apart).anySatisfy(a -> {
            assertThat(a.one().id()).isEqualTo("chlorphenamine-4");
            assertThat(a.others()).map(Product::id).containsExactly("cinnarizine-15");
        });
        assertThat(apart).noneSatisfy(a -> assertThat(a.one().id()).isEqualTo("paracetamol-500"));
        // Of what they may not have nothing is said.
        assertThat(of(adult().having(conditions("blood-thinner"))).apart(bag("ibuprofen-200", "aspirin-300")))
                .isEmpty();
    }

    @Test
    void anAmountSaysWhatItHolds() {
        assertThat(of(adult())
                        .groups(bag("loperamide-2"))
                        .getFirst()
                        .doses()
                        .getFirst()
                        .amountWithMilligrams())
                .isEqualTo("2 capsules (4 mg) first, then 1 capsule (2 mg)");
        assertThat(of(adult())
                        .groups(bag("paracetamol-500"))
                        .getFirst()
                        .doses()
                        .getFirst()
                        .amountWithMilligrams())
                .isEqualTo("1 to 2 tablets (500 mg to 1000 mg)");
    }
}
