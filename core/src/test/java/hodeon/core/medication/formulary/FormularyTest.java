package hodeon.core.medication.formulary;

import static org.assertj.core.api.Assertions.assertThat;

import hodeon.core.catalogue.Supply;
import hodeon.core.catalogue.file.CatalogueReader;
import hodeon.core.need.Drivers;
import hodeon.core.party.RescueMedicine;
import hodeon.core.units.Dose;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

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
                                "[a]\nname = a\nceiling = much\n[b]\nname = b\nclass = blue",
                                "[p]\nname = p\nform = pill\nholds = c 5\n[q]\nname = q\nform = tablet\nholds = a 0",
                                "[z british]\nband = age 2y- dose 5 every 4h\n[a british]\nband = 2 tablets\n[a roman]\nband = age 2y- dose 5 every 4h",
                                "[r]\ntaken = class:blue\nwith = moon:full\nlevel = perhaps\nsays = x\nsource = y",
                                "[luck]\nhow = x\nagain = y\nsource = z")
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
                        "cautions.txt:4",
                        "rescue.txt:1");
    }

    /** Everything that is labelled or mixed has ceilings, and no label that ships comes near them. */
    @Test
    void noLabelThatShipsPassesACeiling() {
        List<String> without = SHIPPED.products().stream()
                .filter(p -> !p.form().onTheSpot() && !p.prescribed())
                .flatMap(p -> p.strengths().keySet().stream())
                .distinct()
                .filter(i -> SHIPPED.ceilings(i).equals(Ceilings.NONE))
                .sorted()
                .toList();
        // Salts and what works in the mouth alone.
        assertThat(without).containsExactly("amylmetacresol", "benzocaine", "rehydration-salts");
        for (Product product : SHIPPED.products()) {
            for (Tradition tradition : Tradition.values()) {
                SHIPPED.label(product, tradition)
                        .filter(l -> !product.form().onTheSpot())
                        .ifPresent(l -> l.bands().forEach(b -> within(product, l, b)));
            }
        }
    }

    private static void within(Product product, Label label, Band band) {
        BigDecimal once = band.first().orElse(band.most());
        product.strengths().forEach((id, each) -> {
            Ceilings ceilings = SHIPPED.ceilings(id);
            boolean mg = label.measure() == Label.Measure.MILLIGRAMS;
            Dose dose = mg ? Dose.ofMilligrams(once) : product.limitOf(id, once);
            String as = product.id() + " " + label.tradition() + " " + band.who();
            ceilings.once(band.apart()).ifPresent(c -> assertThat(dose).as(as).isLessThanOrEqualTo(c));
            if (!ceilings.lines().isEmpty()) {
                assertThat(ceilings.once(band.apart())).as(as).isPresent();
            }
            band.inADay().ifPresent(d -> ceilings.day()
                    .ifPresent(c -> assertThat(mg ? Dose.ofMilligrams(d) : product.limitOf(id, d))
                            .as(as)
                            .isLessThanOrEqualTo(c)));
        });
    }

    @Test
    void everyRescueMedicineSaysHowAndHowOftenAgain() {
        for (RescueMedicine medicine : RescueMedicine.values()) {
            assertThat(SHIPPED.rescue(medicine)).as(medicine.name()).hasValueSatisfying(u -> {
                assertThat(u.again()).isNotBlank();
                assertThat(u.reviewed().plusYears(3))
                        .as("checked within three years")
                        .isAfter(LocalDate.now());
            });
        }
    }

    @Test
    void manyMoreThanWhatIsSoldAreKnown() {
        assertThat(SHIPPED.ingredients()).hasSizeGreaterThanOrEqualTo(250);
        for (DrugClass kind : DrugClass.values()) {
            assertThat(SHIPPED.ingredients()).as(kind.name()).anySatisfy(i -> assertThat(i.classes())
                    .contains(kind));
        }
    }

    /** As packs, doctors' letters and other countries call them. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
        Paracetamol                       | paracetamol
        Paracetamol (acetaminophen)       | paracetamol
        ACETAMINOPHEN 500 mg              | paracetamol
        paracétamol                       | paracetamol
        Chlorphenamine maleate            | chlorphenamine
        chlorpheniramine                  | chlorphenamine
        Diphenhydramine Hydrochloride     | diphenhydramine
        ibuprofen lysine                  | ibuprofen
        Naproxen sodium                   | naproxen
        naproxen (as sodium)              | naproxen
        Salbutamol sulfate                | salbutamol
        albuterol                         | salbutamol
        Sertraline HCl                    | sertraline
        amlodipine besilate               | amlodipine
        Ferrous sulphate                  | iron
        Hyoscine butylbromide             | hyoscine-butylbromide
        scopolamine                       | hyoscine
        sodium bicarbonate                | sodium-bicarbonate
        Calcium carbonate                 | calcium-carbonate
        magnesium carbonate               | magnesium
        Levothyroxine sodium              | levothyroxine
        St. John's Wort                   | st-johns-wort
        """)
    void anIngredientIsFoundByWhatPacksCallIt(String typed, String id) {
        assertThat(SHIPPED.ingredientNamed(typed)).map(Ingredient::id).contains(id);
    }

    @ParameterizedTest
    @CsvSource({"zest root", "sodium", "hydrochloride", "''", "5 mg"})
    void whatIsNoneIsNotTakenForOne(String typed) {
        assertThat(SHIPPED.ingredientNamed(typed)).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"paracetmol, paracetamol", "ibuprofin, ibuprofen", "warfrain, warfarin", "zest root, ''"})
    void aSlipOfTheHandFindsWhatMayHaveBeenMeant(String typed, String id) {
        assertThat(SHIPPED.ingredientLike(typed).map(Ingredient::id).orElse("")).isEqualTo(id);
    }
}
