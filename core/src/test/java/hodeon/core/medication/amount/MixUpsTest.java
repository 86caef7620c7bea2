package hodeon.core.medication.amount;

import static hodeon.core.medication.People.SHIPPED;
import static org.assertj.core.api.Assertions.assertThat;

import hodeon.core.medication.finding.MixUp;
import hodeon.core.medication.formulary.Product;
import hodeon.core.units.Dose;
import java.util.List;
import org.junit.jupiter.api.Test;

class MixUpsTest {

    @Test
    void oneBagIsLookedThroughForMixUps() {
        List<Product> bag =
                List.of("paracetamol-syrup-120", "paracetamol-syrup-250", "cold-tablet", "ibuprofen-200").stream()
                        .map(id -> SHIPPED.product(id).orElseThrow())
                        .toList();
        assertThat(MixUps.mixUps(SHIPPED, bag))
                .containsExactly(
                        new MixUp.Strengths(
                                "paracetamol", 2, List.of(Dose.ofMilligrams(24), Dose.ofMilligrams(50)), "ml"),
                        new MixUp.Products(
                                "paracetamol",
                                3,
                                List.of(
                                        "Children's paracetamol syrup 120 mg in 5 ml",
                                        "Children's paracetamol syrup 250 mg in 5 ml",
                                        "Cold-relief tablets: paracetamol, phenylephrine and caffeine")));
    }

    @Test
    void twoStrengthsOfOneSyrupNeverShareAList() {
        List<Product> bag = List.of(
                        "paracetamol-syrup-120",
                        "ibuprofen-200",
                        "paracetamol-syrup-250",
                        "paracetamol-syrup-160",
                        "paracetamol-500")
                .stream()
                .map(id -> SHIPPED.product(id).orElseThrow())
                .toList();
        assertThat(MixUps.apart(bag))
                .map(list -> list.stream().map(Product::id).toList())
                .containsExactly(
                        List.of("paracetamol-syrup-120", "ibuprofen-200", "paracetamol-500"),
                        List.of("paracetamol-syrup-250"),
                        List.of("paracetamol-syrup-160"));
        assertThat(MixUps.apart(List.of())).isEmpty();
    }
}
