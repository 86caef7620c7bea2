package hodeon.core.medication;

import static hodeon.core.medication.People.SHIPPED;
import static hodeon.core.medication.People.TODAY;
import static hodeon.core.medication.People.adult;
import static hodeon.core.medication.People.aged;
import static hodeon.core.medication.People.conditions;
import static hodeon.core.medication.People.product;
import static org.assertj.core.api.Assertions.assertThat;

import hodeon.core.catalogue.Catalogue;
import hodeon.core.catalogue.Supply;
import hodeon.core.catalogue.file.CatalogueReader;
import hodeon.core.medication.Cautions.Acting;
import hodeon.core.medication.finding.Because;
import hodeon.core.medication.finding.MoreThanUsual;
import hodeon.core.medication.finding.Warning;
import hodeon.core.medication.finding.WhyNot;
import hodeon.core.medication.formulary.BandLine;
import hodeon.core.medication.formulary.DrugClass;
import hodeon.core.medication.formulary.Formulary;
import hodeon.core.medication.formulary.Ingredient;
import hodeon.core.medication.formulary.Label;
import hodeon.core.medication.formulary.MedicineForm;
import hodeon.core.medication.formulary.Product;
import hodeon.core.medication.formulary.Rule.Level;
import hodeon.core.medication.formulary.Tradition;
import hodeon.core.need.Drivers;
import hodeon.core.party.Age;
import hodeon.core.party.Allergy;
import hodeon.core.party.Condition;
import hodeon.core.units.Dose;
import java.math.BigDecimal;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CautionsTest {

    private static final Catalogue CATALOGUE = CatalogueReader.shipped(Drivers.vocabulary());

    private static List<Caution> of(String product, Patient patient, Acting... recently) {
        return new Cautions(SHIPPED).of(product(product), patient, List.of(recently));
    }

    private static Level gravest(List<Caution> cautions, String because) {
        return cautions.stream()
                .filter(c -> c.because().toString().contains(because))
                .map(Caution::level)
                .max(Level::compareTo)
                .orElse(Level.KNOW);
    }

    /** What somebody takes every day, against what they would be given; the level is the least that is safe. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
        ibuprofen-200          | warfarin        | NEVER
        ibuprofen-200          | rivaroxaban     | NEVER
        ibuprofen-200          | clopidogrel     | NEVER
        ibuprofen-200          | methotrexate    | NEVER
        ibuprofen-200          | lithium         | NEVER
        ibuprofen-200          | furosemide      | ASK
        ibuprofen-200          | lisinopril      | ASK
        ibuprofen-200          | losartan        | ASK
        ibuprofen-200          | venlafaxine     | ASK
        ibuprofen-200          | prednisolone    | ASK
        ibuprofen-200          | ciclosporin     | ASK
        ibuprofen-200          | ciprofloxacin   | ASK
        ibuprofen-200          | naproxen        | ASK
        aspirin-300            | ibuprofen       | ASK
        flurbiprofen-lozenge   | apixaban        | NEVER
        diclofenac-gel         | apixaban        | ASK
        bismuth-262            | methotrexate    | NEVER
        bismuth-262            | warfarin        | NEVER
        bismuth-262            | aspirin         | ASK
        bismuth-262            | doxycycline     | ASK
        paracetamol-500        | warfarin        | ASK
        paracetamol-500        | carbamazepine   | ASK
        cold-tablet            | paracetamol     | ASK
        cold-tablet            | phenelzine      | NEVER
        cold-tablet            | amitriptyline   | ASK
        pseudoephedrine-60     | bisoprolol      | NEVER
        pseudoephedrine-60     | linezolid       | NEVER
        xylometazoline-spray   | propranolol     | ASK
        xylometazoline-spray   | moclobemide     | NEVER
        dextromethorphan-syrup | fluoxetine      | NEVER
        dextromethorphan-syrup | sumatriptan     | NEVER
        dextromethorphan-syrup | selegiline      | NEVER
        chlorphenamine-4       | moclobemide     | NEVER
        cetirizine-10          | moclobemide     | ASK
        chlorphenamine-4       | amitriptyline   | ASK
        chlorphenamine-4       | diazepam        | ASK
        chlorphenamine-4       | cetirizine      | ASK
        diphenhydramine-25     | codeine         | NEVER
        hyoscine-150           | oxybutynin      | ASK
        omeprazole-20          | clopidogrel     | NEVER
        omeprazole-20          | warfarin        | ASK
        omeprazole-20          | levothyroxine   | ASK
        calcium-carbonate-500  | doxycycline     | ASK
        calcium-carbonate-500  | levothyroxine   | ASK
        calcium-carbonate-500  | ciprofloxacin   | ASK
        bismuth-262            | levothyroxine   | ASK
        rehydration-sachet     | spironolactone  | ASK
        rehydration-sachet     | ramipril        | ASK
        senna-7                | furosemide      | ASK
        loperamide-2           | amiodarone      | ASK
        paracetamol-caffeine   | theophylline    | ASK
        """)
    void whatIsTakenTogetherIsTold(String product, String takes, Level least) {
        String name = SHIPPED.nameOf(takes);
        List<Caution> cautions = of(product, adult().taking(List.of(), Set.of(takes)));
        assertThat(gravest(cautions, name))
                .as("%s with %s: %s", product, takes, cautions)
                .isGreaterThanOrEqualTo(least);
        assertThat(cautions).allSatisfy(c -> assertThat(c.source()).isNotBlank());
        // What was taken an hour ago counts as much as what is taken every day; without it nothing is said.
        assertThat(gravest(of(product, adult(), new Acting(takes, false, false)), name))
                .isGreaterThanOrEqualTo(least);
        assertThat(of(product, adult()))
                .noneSatisfy(c -> assertThat(c.because().toString()).contains(name));
    }

    /** The level is the least that is safe. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
        kidney              | ibuprofen-200 NEVER bismuth-262 NEVER pseudoephedrine-60 NEVER paracetamol-500 ASK cetirizine-10 ASK fexofenadine-120 ASK famotidine-10 ASK calcium-carbonate-500 ASK rehydration-sachet ASK guaifenesin-syrup ASK diclofenac-gel ASK
        liver               | paracetamol-500 ASK ibuprofen-200 ASK loratadine-10 ASK dextromethorphan-syrup ASK omeprazole-20 ASK loperamide-2 ASK chlorphenamine-4 ASK bismuth-262 ASK
        alcohol             | paracetamol-500 ASK ibuprofen-200 ASK aspirin-300 ASK chlorphenamine-4 ASK cetirizine-10 ASK
        high-blood-pressure | pseudoephedrine-60 NEVER phenylephrine-12 NEVER cold-sachet NEVER ibuprofen-200 ASK xylometazoline-spray ASK paracetamol-dissolving-500 ASK paracetamol-caffeine ASK rehydration-sachet ASK alginate-liquid ASK chlorphenamine-4 ASK
        heart               | pseudoephedrine-60 NEVER ibuprofen-200 ASK fexofenadine-120 ASK hyoscine-150 ASK xylometazoline-spray ASK rehydration-sachet ASK
        heart-failure       | ibuprofen-200 NEVER pseudoephedrine-60 NEVER rehydration-sachet ASK alginate-liquid ASK paracetamol-dissolving-500 ASK macrogol-sachet ASK
        breast-feeding      | aspirin-300 NEVER bismuth-262 NEVER naproxen-220 ASK chlorphenamine-4 ASK cetirizine-10 ASK pseudoephedrine-60 ASK loperamide-2 ASK omeprazole-20 ASK dextromethorphan-syrup ASK paracetamol-caffeine ASK hyoscine-150 ASK
        glaucoma            | hyoscine-150 NEVER chlorphenamine-4 ASK diphenhydramine-25 ASK pseudoephedrine-60 ASK xylometazoline-spray ASK cinnarizine-15 ASK
        urine               | chlorphenamine-4 ASK diphenhydramine-25 ASK pseudoephedrine-60 ASK hyoscine-150 ASK cetirizine-10 ASK
        thyroid             | pseudoephedrine-60 ASK phenylephrine-12 ASK xylometazoline-spray ASK paracetamol-caffeine ASK
        bleeding            | ibuprofen-200 NEVER aspirin-300 NEVER bismuth-262 NEVER flurbiprofen-lozenge NEVER diclofenac-gel ASK
        stomach-ulcer       | ibuprofen-200 NEVER aspirin-300 NEVER bismuth-262 NEVER ibuprofen-decongestant NEVER paracetamol-caffeine ASK diclofenac-gel ASK
        asthma              | ibuprofen-200 ASK aspirin-300 ASK flurbiprofen-lozenge ASK diclofenac-gel ASK dextromethorphan-syrup ASK diphenhydramine-25 ASK
        nsaid-asthma        | ibuprofen-200 NEVER aspirin-300 NEVER bismuth-262 NEVER diclofenac-gel NEVER mouth-ulcer-gel NEVER
        pregnancy           | ibuprofen-200 NEVER aspirin-300 NEVER bismuth-262 NEVER pseudoephedrine-60 NEVER diclofenac-gel NEVER hyoscine-150 ASK omeprazole-20 ASK dextromethorphan-syrup ASK guaifenesin-syrup ASK paracetamol-caffeine ASK mouth-ulcer-gel ASK eye-drops-infection ASK terbinafine-cream ASK loperamide-2 ASK chlorphenamine-4 ASK cetirizine-10 ASK senna-7 ASK famotidine-10 ASK xylometazoline-spray ASK hydrocortisone-cream ASK
        pregnancy-first     | ibuprofen-200 NEVER diclofenac-gel ASK
        pregnancy-third     | ibuprofen-200 NEVER diclofenac-gel NEVER
        g6pd                | aspirin-300 ASK paracetamol-500 ASK benzocaine-lozenge ASK eye-drops-infection ASK
        epilepsy            | chlorphenamine-4 ASK cetirizine-10 ASK hyoscine-150 ASK pseudoephedrine-60 ASK paracetamol-caffeine ASK
        diabetes            | pseudoephedrine-60 ASK bismuth-262 ASK rehydration-sachet ASK
        blood-thinner       | ibuprofen-200 NEVER aspirin-300 NEVER bismuth-262 NEVER aspirin-paracetamol-caffeine NEVER diclofenac-gel ASK
        contact-lenses      | eye-drops-infection ASK
        """)
    void whatSomebodyHasIsTold(String condition, String levels) {
        String[] words = levels.split(" ");
        for (int i = 0; i < words.length; i += 2) {
            Level least = Level.valueOf(words[i + 1]);
            List<Caution> cautions = of(words[i], adult().having(conditions(condition)));
            List<Caution> without = of(words[i], adult());
            assertThat(cautions.stream()
                            .filter(c -> !without.contains(c))
                            .map(Caution::level)
                            .max(Level::compareTo)
                            .orElse(Level.KNOW))
                    .as("%s with %s: %s", words[i], condition, cautions)
                    .isGreaterThanOrEqualTo(least);
        }
    }

    /** What is the usual choice stays so: no more than something to know. */
    @ParameterizedTest
    @CsvSource({
        "paracetamol-500, pregnancy",
        "paracetamol-500, breast-feeding",
        "paracetamol-500, asthma",
        "paracetamol-500, stomach-ulcer",
        "paracetamol-500, blood-thinner",
        "paracetamol-500, diabetes",
        "ibuprofen-200, breast-feeding",
        "ibuprofen-200, diabetes",
        "cetirizine-10, asthma",
        "loratadine-10, asthma",
        "calcium-carbonate-500, pregnancy",
        "barrier-cream, pregnancy",
        "eye-drops-plain, pregnancy",
        "rehydration-sachet, pregnancy",
    })
    void theUsualChoiceIsNotAskedAbout(String product, String condition) {
        assertThat(of(product, adult().having(conditions(condition))))
                .noneSatisfy(c -> assertThat(c.asks()).as("%s", c).isTrue());
    }

    @ParameterizedTest
    @CsvSource({
        "ibuprofen-200, ASPIRIN",
        "aspirin-300, NSAID",
        "bismuth-262, ASPIRIN",
        "flurbiprofen-lozenge, NSAID",
        "diclofenac-gel, NSAID",
        "mouth-ulcer-gel, ASPIRIN",
        "paracetamol-500, PARACETAMOL",
        "cold-night, PARACETAMOL",
        "chlorphenamine-4, ANTIHISTAMINE",
        "teething-gel, LOCAL_ANAESTHETIC",
    })
    void whoReactsToOneOfAKindGetsNone(String product, Allergy allergy) {
        assertThat(of(product, adult().reactingTo(Set.of(allergy), Set.of()))
                        .getFirst()
                        .level())
                .isEqualTo(Level.NEVER);
    }

    @Test
    void aSingleMedicineSomebodyReactsToIsNotGivenNorItsKin() {
        Patient patient = adult().reactingTo(Set.of(), Set.of("naproxen", "loratadine", "some-herb"));
        assertThat(of("loratadine-10", patient).getFirst().because()).isEqualTo(new Because.ReactsTo("loratadine"));
        assertThat(of("ibuprofen-200", patient).getFirst().warning()).isEqualTo(new Warning.KinTo("ibuprofen"));
        // Antihistamines are not all alike in this; what nobody knows is asked about.
        assertThat(of("cetirizine-10", patient))
                .allSatisfy(c -> assertThat(c.level()).isNotEqualTo(Level.NEVER));
        assertThat(of("cetirizine-10", patient))
                .anySatisfy(c -> assertThat(c.because()).isEqualTo(new Because.ReactsTo("some-herb")));
    }

    /** Something of nobody knows what never passes silently, whoever gives what. */
    @Test
    void whatIsNotKnownHereIsAskedAboutWithEveryProduct() {
        Ingredient herb = Ingredient.ofHousehold("own-zest-root", "zest root", Set.of());
        Product drops = new Product(
                "zest",
                "Zest root tablets",
                MedicineForm.TABLET,
                Map.of("own-zest-root", Dose.ofMilligrams(10)),
                BigDecimal.ONE,
                Age.ofMonths(0),
                false,
                Optional.empty(),
                BigDecimal.ONE,
                false);
        Formulary with = SHIPPED.with(List.of(herb), List.of(drops), List.of());
        Patient takes = adult().taking(List.of(new RegularIntake(drops, BigDecimal.ONE, List.of())), Set.of());
        Patient tookWhatIsGone = adult().taking(List.of(), Set.of("a product that was removed"));
        for (Product each : with.products()) {
            assertThat(new Cautions(with).of(each, takes, List.of()))
                    .as(each.name())
                    .anySatisfy(c -> assertThat(c.kind()).isEqualTo(Caution.Kind.NOT_KNOWN_HERE));
            assertThat(new Cautions(with).of(each, tookWhatIsGone, List.of()))
                    .anySatisfy(c -> assertThat(c.warning()).isEqualTo(new Warning.NotKnownHere()));
        }
        // Its kind lets the cautions for the kind hold, and it is still not known.
        Formulary kind = SHIPPED.with(
                List.of(Ingredient.ofHousehold("own-zest-root", "zest root", Set.of(DrugClass.ANTI_INFLAMMATORY))),
                List.of(drops),
                List.of());
        assertThat(new Cautions(kind).of(kind.product("ibuprofen-200").orElseThrow(), takes, List.of()))
                .extracting(Caution::kind)
                .contains(Caution.Kind.TWO_OF_A_KIND, Caution.Kind.NOT_KNOWN_HERE);
        assertThat(new Cautions(kind)
                        .of(drops, adult().having(conditions("stomach-ulcer")), List.of())
                        .getFirst()
                        .level())
                .isEqualTo(Level.NEVER);
    }

    @Test
    void ageCounts() {
        assertThat(of("chlorphenamine-4", aged("70", "70")))
                .anySatisfy(c -> assertThat(c.because()).isEqualTo(new Because.OrOver(65)));
        assertThat(of("chlorphenamine-syrup", aged("4", "17")))
                .anySatisfy(c -> assertThat(c.because()).isEqualTo(new Because.Under(Age.ofYears(6))));
    }

    @Test
    void theGravestStandsFirst() {
        List<Level> levels = of("ibuprofen-200", aged("70", "70").having(conditions("kidney heart"))).stream()
                .map(Caution::level)
                .toList();
        assertThat(levels)
                .isSortedAccordingTo((a, b) -> b.compareTo(a))
                .startsWith(Level.NEVER)
                .endsWith(Level.KNOW);
    }

    @Test
    void aRuleOfTwoThingsHoldsWhicheverIsTakenNow() {
        assertThat(of("apixaban-5", adult().taking(List.of(), Set.of("ibuprofen"))))
                .anySatisfy(c -> assertThat(c.level()).isEqualTo(Level.NEVER));
        // What somebody takes every day is not held against itself.
        Patient takesIt =
                adult().taking(List.of(new RegularIntake(product("apixaban-5"), BigDecimal.ONE, List.of())), Set.of());
        assertThat(of("apixaban-5", takesIt)).isEmpty();
    }

    /** Whatever the reference files name, a rule speaks of something that is there, and of somebody. */
    @Test
    void everyConditionAndAllergyToMedicineHasARule() {
        List<Condition> heeded = Arrays.stream(Condition.values())
                .filter(Condition::onlyForMedicine)
                .toList();
        for (Condition condition : heeded) {
            assertThat(SHIPPED.products().stream()
                            .flatMap(p ->
                                    new Cautions(SHIPPED).of(p, adult().having(Set.of(condition)), List.of()).stream())
                            .filter(c -> c.because().equals(new Because.Having(condition))))
                    .as(condition.name())
                    .isNotEmpty();
        }
        assertThat(Condition.toHeed(Set.of(Condition.PREGNANCY))).contains(Condition.PREGNANCY_THIRD);
        assertThat(Condition.toHeed(Set.of(Condition.PREGNANCY_FIRST)))
                .contains(Condition.PREGNANCY)
                .doesNotContain(Condition.PREGNANCY_THIRD);
        assertThat(Condition.toHeed(Set.of(Condition.NSAID_ASTHMA))).contains(Condition.ASTHMA);
    }

    @Test
    void insteadComesWhatDoesTheSameAndIsSafeAndRatherWhatIsThere() {
        Substitute instead = new Substitute(CATALOGUE, SHIPPED, new DoseSheet(SHIPPED, Tradition.BRITISH));
        Patient thinned = aged("60", "70").having(Set.of(Condition.BLOOD_THINNER));
        assertThat(instead(instead, "ibuprofen", thinned, "paracetamol")).contains("paracetamol");
        assertThat(instead(instead, "antihistamine-drowsy", thinned)).contains("antihistamine-plain");
        // Who may not have aspirin for pain has paracetamol, which lies there.
        assertThat(instead(instead, "aspirin", thinned, "paracetamol")).contains("paracetamol");
        // A child who may not have tablets gets the syrup.
        assertThat(instead(instead, "paracetamol", aged("5", "19"), "child-paracetamol"))
                .contains("child-paracetamol");
        // Of two that are there rather the same in another form.
        assertThat(instead(instead, "paracetamol", aged("9", "29"), "ibuprofen", "child-paracetamol"))
                .contains("child-paracetamol");
    }

    private static Optional<String> instead(Substitute instead, String supply, Patient patient, String... there) {
        return instead.of(CATALOGUE.supply(supply).orElseThrow(), patient, Set.of(there))
                .map(Supply::id);
    }

    private static DoseAnswer byOwnPack(String confirmed, String... bands) {
        Product ours = new Product(
                "ours",
                "Ours",
                MedicineForm.TABLET,
                product("ibuprofen-400").strengths(),
                BigDecimal.ONE,
                Age.ofMonths(0),
                false,
                Optional.empty(),
                BigDecimal.ONE,
                false);
        Label label = Label.ofHousehold(
                "ours",
                Tradition.BRITISH,
                Label.Measure.MILLIGRAMS,
                Stream.of(bands).map(BandLine::parse).toList(),
                confirmed);
        return new DoseSheet(SHIPPED.with(List.of(), List.of(ours), List.of(label)), Tradition.BRITISH)
                .of(ours, adult().at(TODAY));
    }

    @Test
    void aHouseholdsOwnPackIsFollowedWithinReason() {
        assertThat(byOwnPack("", "age 18y- dose 400 every 8h times 2 most 800"))
                .isInstanceOfSatisfying(DoseAnswer.Give.class, g -> {
                    assertThat(g.amount()).isEqualTo("1 tablet");
                    assertThat(g.often()).isEqualTo("at least 8 h apart; at most 2 times and 2 tablets in 24 h");
                    assertThat(g.asks()).isFalse();
                });
        // More than the label that ships is told; more than anybody takes needs a reason.
        assertThat(byOwnPack("", "age 18y- dose 800 every 8h times 3 most 2400"))
                .isInstanceOfSatisfying(
                        DoseAnswer.Give.class, g -> assertThat(g.cautions()).anySatisfy(c -> assertThat(c.warning())
                                .isEqualTo(new Warning.PackSays(List.of(
                                        new MoreThanUsual.AtOnce(Dose.ofMilligrams(400)),
                                        new MoreThanUsual.InADay(Dose.ofMilligrams(1200)))))));
        assertThat(byOwnPack("", "age 18y- dose 4000 every 8h"))
                .isInstanceOfSatisfying(
                        DoseAnswer.Refused.class, r -> assertThat(r.why()).isEqualTo(WhyNot.Kind.ABOVE_A_CEILING));
        assertThat(byOwnPack("hospital pack", "age 18y- dose 1200 every 12h times 2 most 2400"))
                .isInstanceOfSatisfying(DoseAnswer.Give.class, g -> assertThat(g.cautions())
                        .anySatisfy(c -> assertThat(c.warning()).isEqualTo(new Warning.EntrySaysWhy("hospital pack"))));
    }
}
