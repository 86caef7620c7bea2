package hodeon.core.medication;

import static org.assertj.core.api.Assertions.assertThat;

import hodeon.core.catalogue.CatalogueReader;
import hodeon.core.catalogue.Supply;
import hodeon.core.need.Drivers;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

class FormularyTest {

    private static final Formulary SHIPPED = FormularyReader.shipped();

    @Test
    void whatShipsCoversTheCounter() {
        assertThat(SHIPPED.products().stream().filter(p -> !p.prescribed())).hasSizeGreaterThanOrEqualTo(40);
        assertThat(SHIPPED.products().stream().filter(p -> p.strengths().size() > 1))
                .hasSizeGreaterThanOrEqualTo(5);
        assertThat(SHIPPED.products()).filteredOn(p -> !p.prescribed()).allSatisfy(p -> assertThat(
                        List.of(Tradition.values()))
                .as(p.name())
                .anyMatch(t -> SHIPPED.label(p, t).isPresent()));
        assertThat(SHIPPED.rules())
                .allSatisfy(r -> assertThat(r.with()).as(r.id()).isNotEmpty());
    }

    @Test
    void everyProductOfASupplyIsOfTheCatalogue() {
        Set<String> supplies = CatalogueReader.shipped(Drivers.vocabulary()).supplies().stream()
                .map(Supply::id)
                .collect(Collectors.toSet());
        assertThat(SHIPPED.products())
                .allSatisfy(p -> p.supply().ifPresent(s -> assertThat(supplies).contains(s)));
        List<String> held =
                SHIPPED.products().stream().flatMap(p -> p.supply().stream()).toList();
        assertThat(new HashSet<>(held)).hasSameSizeAs(held);
    }

    @Test
    void bandsOfALabelFollowWithoutOverlap() {
        assertThat(SHIPPED.labels()).allSatisfy(l -> {
            for (int i = 1; i < l.bands().size(); i++) {
                assertThat(l.bands().get(i).fromMonths())
                        .as(l.of())
                        .isEqualTo(l.bands().get(i - 1).toMonths());
            }
        });
    }

    @Test
    void everyFaultOfTheFilesIsToldWithItsLine() {
        assertThat(FormularyReader.read(
                                "[a]\nname = a\nask-above = much\n[b]\nname = b\nclass = blue",
                                "[p]\nname = p\nform = pill\nholds = c 5\n[q]\nname = q\nform = tablet\nholds = a 0",
                                "[z british]\nband = age 2y- dose 5 every 4h\n[a british]\nband = 2 tablets\n[a roman]\nband = age 2y- dose 5 every 4h",
                                "[r]\ntaken = class:blue\nwith = moon:full\nlevel = perhaps\nsays = x\nsource = y")
                        .faults())
                .map(f -> f.file() + ":" + f.line())
                .contains(
                        "ingredients.txt:3",
                        "ingredients.txt:6",
                        "products.txt:3",
                        "products.txt:4",
                        "products.txt:8",
                        "labels.txt:1",
                        "labels.txt:4",
                        "labels.txt:5",
                        "cautions.txt:2",
                        "cautions.txt:3",
                        "cautions.txt:4");
    }

    @Test
    void oneBagIsLookedThroughForMixUps() {
        List<Product> bag =
                List.of("paracetamol-syrup-120", "paracetamol-syrup-250", "cold-tablet", "ibuprofen-200").stream()
                        .map(id -> SHIPPED.product(id).orElseThrow())
                        .toList();
        assertThat(Bag.mixUps(SHIPPED, bag))
                .map(Bag.MixUp::says)
                .containsExactly(
                        "paracetamol comes in 2 strengths (24 mg and 50 mg a ml): label both, and reckon each on its own sheet.",
                        "paracetamol is in 3 products: Children's paracetamol syrup 120 mg in 5 ml, Children's paracetamol syrup 250 mg in 5 ml,"
                                + " Cold-relief tablets: paracetamol, phenylephrine and caffeine. Count them together.");
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
        assertThat(Bag.apart(bag))
                .map(list -> list.stream().map(Product::id).toList())
                .containsExactly(
                        List.of("paracetamol-syrup-120", "ibuprofen-200", "paracetamol-500"),
                        List.of("paracetamol-syrup-250"),
                        List.of("paracetamol-syrup-160"));
        assertThat(Bag.apart(List.of())).isEmpty();
    }
}
