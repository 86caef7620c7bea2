package hodeon.core.medication;

import static org.assertj.core.api.Assertions.assertThat;

import hodeon.core.medication.DoseAnswer.Give;
import hodeon.core.medication.DoseAnswer.Refused;
import hodeon.core.party.Allergy;
import hodeon.core.party.Condition;
import hodeon.core.units.Dose;
import java.math.BigDecimal;
import java.time.Duration;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DoseSheetTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 6, 1);
    private static final Formulary SHIPPED = FormularyReader.shipped();

    private static Patient patient(int months, String kilograms, Set<Condition> conditions) {
        return new Patient(
                "Beck",
                months,
                kilograms.isEmpty()
                        ? Optional.empty()
                        : Optional.of(new Patient.Weighed(new BigDecimal(kilograms), TODAY.minusMonths(1))),
                Set.of(),
                conditions,
                Set.of());
    }

    private static DoseAnswer ask(Tradition tradition, String product, Patient patient, Direction... directions) {
        return new DoseSheet(SHIPPED, tradition, TODAY)
                .of(SHIPPED.product(product).orElseThrow(), patient, List.of(directions), Set.of());
    }

    /** Reckoned by hand from the figures in labels.txt. */
    @ParameterizedTest
    @CsvSource({
        // tradition, product, months, kg, amount, hours apart, most units in 24 h
        "BRITISH, paracetamol-syrup-120, 108, 29, 15 ml, 4, 60",
        "BRITISH, paracetamol-syrup-250, 108, 29, 7 ml, 4, 28.5",
        "BRITISH, paracetamol-syrup-120, 4, 6.5, 2.5 ml, 4, 10",
        "BRITISH, paracetamol-syrup-120, 23, 11, 5 ml, 4, 20",
        "BRITISH, paracetamol-syrup-120, 24, 12, 7.5 ml, 4, 30",
        "BRITISH, paracetamol-500, 156, 46, 1 tablet, 4, 6",
        "BRITISH, paracetamol-500, 480, 70, 1 to 2 tablets, 4, 8",
        "NORTH_AMERICAN, paracetamol-325, 480, 70, 2 to 3 tablets, 6, 9",
        "NORTH_AMERICAN, paracetamol-syrup-160, 108, 29, 12.5 ml, 4, 62.5",
        // nine years old but as light as one of seven: the smaller dose
        "NORTH_AMERICAN, paracetamol-syrup-160, 108, 23, 10 ml, 4, 50",
        // nine years old but as heavy as one of eleven: the age's dose, which is the smaller
        "NORTH_AMERICAN, paracetamol-syrup-160, 108, 40, 12.5 ml, 4, 62.5",
        "NORTH_AMERICAN, paracetamol-chew-160, 108, 29, 2 chewable tablets, 4, 12",
        "BRITISH, ibuprofen-syrup-100, 108, 29, 10 ml, 6, 30",
        "BRITISH, ibuprofen-syrup-100, 5, 7, 2.5 ml, 6, 7.5",
        "NORTH_AMERICAN, ibuprofen-syrup-100, 108, 29, 12.5 ml, 6, 50",
        "BRITISH, ibuprofen-200, 480, 70, 1 to 2 tablets, 4, 6",
        "BRITISH, cetirizine-10, 108, 29, 0.5 tablets, 12, 1",
        "BRITISH, chlorphenamine-4, 108, 29, 0.5 tablets, 4, 3",
        "BRITISH, chlorphenamine-syrup, 20, 11, 2.5 ml, 12, 5",
        "BRITISH, loperamide-2, 480, 70, 1 to 2 capsules, 0, 6",
        "NORTH_AMERICAN, loperamide-2, 480, 70, 1 to 2 capsules, 0, 4",
        "BRITISH, cold-tablet, 480, 70, 1 to 2 tablets, 4, 8",
        "BRITISH, hyoscine-150, 96, 26, 1 tablet, 6, 3",
        "BRITISH, hydrocortisone-cream, 480, 70, 1 application, 12, 2",
    })
    void theLabelSaysSoMuch(
            Tradition tradition, String product, int months, String kg, String amount, int h, String day) {
        DoseAnswer answer = ask(tradition, product, patient(months, kg, Set.of()));
        assertThat(answer).isInstanceOf(Give.class);
        Give give = (Give) answer;
        assertThat(give.amount()).isEqualTo(amount);
        assertThat(give.apart()).isEqualTo(Duration.ofHours(h));
        assertThat(give.inADay().orElseThrow()).isEqualByComparingTo(day);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
        BRITISH        | paracetamol-syrup-120 | 2   | 5   |               | speaks from 3 months
        NORTH_AMERICAN | paracetamol-syrup-160 | 23  | 11  |               | speaks from 2 years
        NORTH_AMERICAN | paracetamol-syrup-160 | 30  | 10  |               | speaks from 10.9 kg; Beck weighs 10 kg
        BRITISH        | ibuprofen-syrup-100   | 2   | 6   |               | Not under 3 months or 5 kg
        BRITISH        | ibuprofen-syrup-100   | 4   | 4.5 |               | Not under 3 months or 5 kg
        BRITISH        | ibuprofen-syrup-100   | 4   | ''  |               | Weigh them
        BRITISH        | aspirin-300           | 191 | 60  |               | under 16 years
        NORTH_AMERICAN | bismuth-262           | 180 | 60  |               | under 16 years
        BRITISH        | loperamide-2          | 140 | 40  |               | under 12 years
        BRITISH        | naproxen-220          | 480 | 70  |               | No label of this kind
        BRITISH        | paracetamol-500       | 60  | 19  |               | cannot be measured out
        BRITISH        | ibuprofen-200         | 480 | 70  | BLOOD_THINNER | bleeding much more likely
        BRITISH        | ibuprofen-200         | 480 | 70  | STOMACH_ULCER | ulcer
        BRITISH        | ibuprofen-200         | 480 | 70  | KIDNEY        | kidney
        BRITISH        | ibuprofen-200         | 480 | 70  | PREGNANCY     | pregnancy
        BRITISH        | cold-tablet           | 480 | 70  | HEART         | blood pressure
        NORTH_AMERICAN | cetirizine-10         | 792 | 70  |               | says nothing for 66 years
        BRITISH        | apixaban-5            | 480 | 70  |               | On prescription
        """)
    void everyRefusalSaysWhyAndWhatToDo(
            Tradition tradition, String product, int months, String kg, Condition condition, String says) {
        DoseAnswer answer =
                ask(tradition, product, patient(months, kg, condition == null ? Set.of() : Set.of(condition)));
        assertThat(answer).isInstanceOf(Refused.class);
        Refused refused = (Refused) answer;
        assertThat(refused.reason() + " " + refused.remedy()).contains(says);
        assertThat(refused.remedy()).isNotBlank();
    }

    private static Direction direction(String perKilogram, long mostAtOnce, long day, boolean beyond) {
        return new Direction(
                "paracetamol",
                Optional.of(perKilogram).filter(p -> !p.isEmpty()).map(p -> Dose.ofMilligrams(new BigDecimal(p))),
                Dose.ofMilligrams(mostAtOnce),
                Duration.ofHours(6),
                Dose.ofMilligrams(day),
                beyond,
                "the harbour practice",
                LocalDate.of(2026, 5, 1));
    }

    @Test
    void aCliniciansDirectionGoesByMassAndIsCappedAndRoundedDown() {
        // 29 kg x 15 mg = 435 mg; / 24 mg a ml = 18.125 ml, down to 18; 1,740 mg a day / 24 = 72.5 ml.
        Give give = (Give) ask(
                Tradition.BRITISH,
                "paracetamol-syrup-120",
                patient(108, "29", Set.of()),
                direction("15", 500, 1740, false));
        assertThat(give.amount()).isEqualTo("18 ml");
        assertThat(give.inADay().orElseThrow()).isEqualByComparingTo("72.5");
        assertThat(give.directed()).isTrue();
        assertThat(give.working().getFirst()).isEqualTo("29 kg × 15 mg a kg = 435 mg, at most 500 mg: 435 mg.");
        assertThat(give.cautions()).anySatisfy(c -> assertThat(c.says()).contains("More than the label's 360 mg"));
        Give capped = (Give) ask(
                Tradition.BRITISH,
                "paracetamol-syrup-120",
                patient(108, "29", Set.of()),
                direction("15", 400, 1600, false));
        assertThat(capped.amount()).isEqualTo("16.5 ml");
    }

    @Test
    void aDirectionHoldsOutsideTheLabelOnlyIfThatWasSaidAndThenNotSilently() {
        Patient small = patient(2, "5", Set.of());
        assertThat(ask(Tradition.BRITISH, "paracetamol-syrup-120", small, direction("10", 60, 180, false)))
                .isInstanceOf(Refused.class);
        Give give = (Give) ask(Tradition.BRITISH, "paracetamol-syrup-120", small, direction("10", 60, 180, true));
        assertThat(give.amount()).isEqualTo("2 ml");
        assertThat(give.cautions()).anySatisfy(c -> assertThat(c.says()).contains("Outside the label"));
        assertThat(ask(
                        Tradition.BRITISH,
                        "paracetamol-syrup-120",
                        patient(30, "", Set.of()),
                        direction("10", 60, 180, true)))
                .isInstanceOfSatisfying(
                        Refused.class, r -> assertThat(r.remedy()).contains("Weigh them"));
        assertThat(ask(
                        Tradition.BRITISH,
                        "paracetamol-500",
                        patient(30, "12", Set.of()),
                        direction("15", 500, 900, true)))
                .isInstanceOfSatisfying(
                        Refused.class, r -> assertThat(r.reason()).contains("less than can be measured"));
    }

    @Test
    void aMassOfAChildGoesStaleAndALightOneIsAskedAbout() {
        Patient grown = new Patient(
                "Beck",
                108,
                Optional.of(new Patient.Weighed(new BigDecimal("29"), TODAY.minusMonths(7))),
                Set.of(),
                Set.of(),
                Set.of());
        assertThat(ask(Tradition.BRITISH, "paracetamol-syrup-120", grown).cautions())
                .anySatisfy(c -> assertThat(c.because()).isEqualTo("the mass is from 2025-11-01"));
        // 1,440 mg / 19 kg = 75.8 mg a kg.
        assertThat(ask(Tradition.BRITISH, "paracetamol-syrup-120", patient(108, "19", Set.of()))
                        .cautions())
                .anySatisfy(c -> assertThat(c.because()).contains("19 kg is light"));
        assertThat(ask(Tradition.BRITISH, "paracetamol-syrup-120", patient(108, "19.2", Set.of()))
                        .cautions())
                .noneSatisfy(c -> assertThat(c.because()).contains("is light"));
    }

    @Test
    void whatSomebodyTakesAlreadyIsNoticed() {
        Patient jonas = new Patient(
                "Jonas",
                540,
                Optional.empty(),
                Set.of(Allergy.LATEX),
                Set.of(),
                Set.of("apixaban", "sertraline", "cetirizine"));
        assertThat(ask(Tradition.BRITISH, "ibuprofen-200", jonas))
                .isInstanceOfSatisfying(
                        Refused.class, r -> assertThat(r.reason()).contains("takes apixaban"));
        assertThat(ask(Tradition.BRITISH, "dextromethorphan-syrup", jonas))
                .isInstanceOfSatisfying(
                        Refused.class, r -> assertThat(r.reason()).contains("takes sertraline"));
        assertThat(ask(Tradition.BRITISH, "chlorphenamine-4", jonas).cautions())
                .anySatisfy(c -> assertThat(c.says()).contains("Two of one kind (antihistamine)"));
        assertThat(ask(Tradition.BRITISH, "cetirizine-10", jonas).cautions())
                .anySatisfy(c -> assertThat(c.says()).contains("The same ingredient twice"));
    }

    @Test
    void aRuleOfTwoThingsHoldsWhicheverIsTakenNow() {
        Patient patient = new Patient("Jonas", 540, Optional.empty(), Set.of(), Set.of(), Set.of("ibuprofen"));
        assertThat(SHIPPED.cautions(SHIPPED.product("apixaban-5").orElseThrow(), patient, Set.of()))
                .anySatisfy(c -> assertThat(c.level()).isEqualTo(Rule.Level.NEVER));
    }

    /** Whatever the body, the product and the syringe, what is said never holds more than the label or the direction. */
    @Test
    void roundingNeverGoesUp() {
        long seed = 20260601;
        System.out.println("seed " + seed);
        Random random = new Random(seed);
        int said = 0;
        for (int i = 0; i < 20_000; i++) {
            Tradition tradition = Tradition.values()[random.nextInt(2)];
            Product product = measuredBy(
                    SHIPPED.products().get(random.nextInt(SHIPPED.products().size())),
                    List.of("0.1", "0.25", "0.5", "1", "2.5").get(random.nextInt(5)));
            Patient patient = patient(
                    random.nextInt(12 * 80),
                    BigDecimal.valueOf(30 + random.nextInt(900), 1).toPlainString(),
                    Set.of());
            Optional<Label> label = SHIPPED.label(product, tradition);
            if (new DoseSheet(SHIPPED, tradition, TODAY).of(product, patient, List.of(), Set.of()) instanceof Give give
                    && label.orElseThrow().measure() == Label.Measure.MILLIGRAMS) {
                said++;
                BigDecimal exact =
                        give.most().multiply(product.of(product.only()).milligrams());
                assertThat(label.orElseThrow().bands())
                        .as("%s for %s", give, patient)
                        .anyMatch(b -> b.holdsAge(patient.months()) && exact.compareTo(b.most()) <= 0);
                assertThat(give.most().remainder(product.step())).isEqualByComparingTo("0");
                give.inADay().ifPresent(day -> assertThat(
                                day.multiply(product.of(product.only()).milligrams()))
                        .isLessThanOrEqualTo(label.orElseThrow().bands().stream()
                                .filter(b -> b.holdsAge(patient.months()))
                                .findFirst()
                                .flatMap(Band::inADay)
                                .orElseThrow()));
            }
        }
        assertThat(said).isGreaterThan(1000);
    }

    private static Product measuredBy(Product p, String graduation) {
        return new Product(
                p.id(),
                p.name(),
                p.form(),
                p.strengths(),
                new BigDecimal(graduation),
                p.supply(),
                p.perPiece(),
                p.prescribed());
    }
}
