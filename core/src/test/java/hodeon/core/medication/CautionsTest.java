package hodeon.core.medication;

import static org.assertj.core.api.Assertions.assertThat;

import hodeon.core.catalogue.Catalogue;
import hodeon.core.catalogue.CatalogueReader;
import hodeon.core.catalogue.Supply;
import hodeon.core.need.Drivers;
import hodeon.core.party.Allergy;
import hodeon.core.party.Condition;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CautionsTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 6, 1);
    private static final Formulary SHIPPED = FormularyReader.shipped();
    private static final Catalogue CATALOGUE = CatalogueReader.shipped(Drivers.vocabulary());

    private static Patient patient(int years, Set<Allergy> allergies, Set<Condition> conditions, Set<String> takes) {
        return new Patient(
                "Sef",
                12 * years,
                Optional.of(new Patient.Weighed(new BigDecimal(70), TODAY)),
                allergies,
                conditions,
                takes);
    }

    private static List<Caution> of(String product, Patient patient, String... alsoTaken) {
        return SHIPPED.cautions(SHIPPED.product(product).orElseThrow(), patient, Set.of(alsoTaken));
    }

    /** What somebody takes or has, against what they would be given. */
    @ParameterizedTest
    @CsvSource({
        "ibuprofen-200, warfarin, NEVER, takes warfarin",
        "ibuprofen-200, methotrexate, NEVER, takes methotrexate",
        "ibuprofen-200, lithium, NEVER, takes lithium",
        "ibuprofen-200, furosemide, ASK, takes furosemide",
        "ibuprofen-200, naproxen, ASK, also takes naproxen",
        "diclofenac-gel, apixaban, NEVER, takes apixaban",
        "paracetamol-500, warfarin, ASK, takes warfarin",
        "cold-tablet, paracetamol, ASK, also takes paracetamol",
        "cold-tablet, moclobemide, NEVER, takes moclobemide",
        "dextromethorphan-syrup, fluoxetine, NEVER, takes fluoxetine",
        "omeprazole-20, clopidogrel, NEVER, takes clopidogrel",
        "calcium-carbonate-500, doxycycline, ASK, takes doxycycline",
        "bismuth-262, ciprofloxacin, ASK, takes ciprofloxacin",
        "diphenhydramine-25, codeine, NEVER, takes codeine",
        "chlorphenamine-4, cetirizine, ASK, also takes cetirizine",
        "xylometazoline-spray, propranolol, NEVER, takes propranolol",
        "clotrimazole-cream, warfarin, KNOW, takes warfarin",
    })
    void whatIsTakenTogetherIsTold(String product, String takes, Rule.Level level, String because) {
        assertThat(of(product, patient(40, Set.of(), Set.of(), Set.of(takes)))).anySatisfy(c -> {
            assertThat(c.level()).isEqualTo(level);
            assertThat(c.because()).isEqualTo(because);
            assertThat(c.source()).isNotBlank();
        });
        // What was taken an hour ago counts as much as what is taken every day.
        assertThat(of(product, patient(40, Set.of(), Set.of(), Set.of()), takes))
                .anySatisfy(c -> assertThat(c.because()).isEqualTo(because));
        assertThat(of(product, patient(40, Set.of(), Set.of(), Set.of())))
                .noneSatisfy(c -> assertThat(c.because()).isEqualTo(because));
    }

    @ParameterizedTest
    @CsvSource({
        "ibuprofen-200, ASTHMA, ASK",
        "ibuprofen-200, HEART, ASK",
        "ibuprofen-200, PREGNANCY, NEVER",
        "pseudoephedrine-60, DIABETES, ASK",
        "pseudoephedrine-60, PREGNANCY, NEVER",
        "rehydration-sachet, KIDNEY, ASK",
        "senna-7, PREGNANCY, ASK",
        "eye-drops-infection, CONTACT_LENSES, ASK",
        "bismuth-262, BLOOD_THINNER, NEVER",
        "loperamide-2, PREGNANCY, ASK",
    })
    void whatSomebodyHasIsTold(String product, Condition condition, Rule.Level level) {
        assertThat(of(product, patient(40, Set.of(), Set.of(condition), Set.of())))
                .anySatisfy(c -> {
                    assertThat(c.because()).isEqualTo(condition.label());
                    assertThat(c.level()).isEqualTo(level);
                });
    }

    @ParameterizedTest
    @CsvSource({"ibuprofen-200, ASPIRIN", "aspirin-300, NSAID", "bismuth-262, ASPIRIN", "flurbiprofen-lozenge, NSAID"})
    void whoReactsToOneOfAKindGetsNone(String product, Allergy allergy) {
        assertThat(of(product, patient(40, Set.of(allergy), Set.of(), Set.of()))
                        .getFirst()
                        .level())
                .isEqualTo(Rule.Level.NEVER);
    }

    @Test
    void ageCounts() {
        assertThat(of("chlorphenamine-4", patient(70, Set.of(), Set.of(), Set.of())))
                .anySatisfy(c -> assertThat(c.because()).isEqualTo("65 years or over"));
        assertThat(of("chlorphenamine-syrup", patient(4, Set.of(), Set.of(), Set.of())))
                .anySatisfy(c -> assertThat(c.because()).isEqualTo("under 6 years"));
    }

    @Test
    void theGravestStandsFirst() {
        List<Rule.Level> levels =
                of("ibuprofen-200", patient(70, Set.of(), Set.of(Condition.KIDNEY, Condition.HEART), Set.of())).stream()
                        .map(Caution::level)
                        .toList();
        assertThat(levels)
                .isSortedAccordingTo((a, b) -> b.compareTo(a))
                .startsWith(Rule.Level.NEVER)
                .endsWith(Rule.Level.KNOW);
    }

    @Test
    void insteadComesWhatDoesTheSameAndIsSafeAndRatherWhatIsThere() {
        DoseSheet sheet = new DoseSheet(SHIPPED, Tradition.BRITISH, TODAY);
        Instead instead = new Instead(CATALOGUE, SHIPPED, sheet);
        Supply ibuprofen = CATALOGUE.supply("ibuprofen").orElseThrow();
        Patient thinned = patient(60, Set.of(), Set.of(Condition.BLOOD_THINNER), Set.of());
        assertThat(instead.of(ibuprofen, thinned, List.of(), Set.of("paracetamol")))
                .map(Supply::id)
                .contains("paracetamol");
        Supply drowsy = CATALOGUE.supply("antihistamine-drowsy").orElseThrow();
        assertThat(instead.of(drowsy, thinned, List.of(), Set.of()))
                .map(Supply::id)
                .contains("antihistamine-plain");
        // A child who may not have tablets gets the syrup.
        Patient child = new Patient(
                "Beck", 60, Optional.of(new Patient.Weighed(new BigDecimal(19), TODAY)), Set.of(), Set.of(), Set.of());
        assertThat(instead.of(
                        CATALOGUE.supply("paracetamol").orElseThrow(), child, List.of(), Set.of("child-paracetamol")))
                .map(Supply::id)
                .contains("child-paracetamol");
        // Of two that are there rather the same in another form: half a grown-up's tablet is none for nine years.
        Patient bigger = new Patient(
                "Beck", 108, Optional.of(new Patient.Weighed(new BigDecimal(29), TODAY)), Set.of(), Set.of(), Set.of());
        assertThat(instead.of(
                        CATALOGUE.supply("paracetamol").orElseThrow(),
                        bigger,
                        List.of(),
                        Set.of("ibuprofen", "child-paracetamol")))
                .map(Supply::id)
                .contains("child-paracetamol");
    }

    @Test
    void aHouseholdsOwnStandsInFront() {
        Product stronger = new Product(
                "ibuprofen-200",
                "Ours",
                MedicineForm.TABLET,
                SHIPPED.product("ibuprofen-400").orElseThrow().strengths(),
                BigDecimal.ONE,
                Optional.empty(),
                BigDecimal.ONE,
                false);
        Label ours = new Label(
                "ibuprofen-200",
                Tradition.BRITISH,
                Label.Measure.MILLIGRAMS,
                List.of(BandLine.parse("age 18y- dose 400 every 8h times 2 most 800")),
                "our pack");
        Formulary with = SHIPPED.with(List.of(), List.of(stronger), List.of(ours));
        assertThat(with.products()).hasSameSizeAs(SHIPPED.products());
        DoseAnswer answer = new DoseSheet(with, Tradition.BRITISH, TODAY)
                .of(
                        with.product("ibuprofen-200").orElseThrow(),
                        patient(40, Set.of(), Set.of(), Set.of()),
                        List.of(),
                        Set.of());
        assertThat(answer).isInstanceOfSatisfying(DoseAnswer.Give.class, g -> {
            assertThat(g.amount()).isEqualTo("1 tablet");
            assertThat(g.often()).isEqualTo("at least 8 h apart; at most 2 times and 2 tablets in 24 h");
        });
    }
}
