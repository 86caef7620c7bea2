package hodeon.core.medication;

import static hodeon.core.medication.People.SHIPPED;
import static hodeon.core.medication.People.TODAY;
import static hodeon.core.medication.People.adult;
import static hodeon.core.medication.People.aged;
import static hodeon.core.medication.People.conditions;
import static hodeon.core.medication.People.direction;
import static hodeon.core.medication.People.product;
import static org.assertj.core.api.Assertions.assertThat;

import hodeon.core.Lane;
import hodeon.core.medication.DoseAnswer.Give;
import hodeon.core.medication.DoseAnswer.Refused;
import hodeon.core.medication.finding.Because;
import hodeon.core.medication.finding.Reckoning;
import hodeon.core.medication.finding.Warning;
import hodeon.core.medication.finding.WhyNot;
import hodeon.core.medication.formulary.Label;
import hodeon.core.medication.formulary.MedicineForm;
import hodeon.core.medication.formulary.Product;
import hodeon.core.medication.formulary.Tradition;
import hodeon.core.party.Age;
import hodeon.core.units.Dose;
import java.math.BigDecimal;
import java.time.Duration;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DoseSheetTest {

    private static DoseAnswer ask(Tradition tradition, String product, Patient patient, Direction... directions) {
        return new DoseSheet(SHIPPED, tradition).of(product(product), patient.directed(List.of(directions)));
    }

    private static Give british(String product, Patient patient, Direction... directions) {
        return (Give) ask(Tradition.BRITISH, product, patient, directions);
    }

    /** Reckoned by hand from the figures in labels.txt. */
    @ParameterizedTest
    @CsvSource({
        // tradition, product, age, kg, amount, hours apart, most units in 24 h
        "BRITISH, paracetamol-syrup-120, 9, 29, 15 ml, 4, 60",
        "BRITISH, paracetamol-syrup-250, 9, 29, 7 ml, 4, 28",
        "BRITISH, paracetamol-syrup-120, 4 m, 6.5, 2.5 ml, 4, 10",
        "BRITISH, paracetamol-syrup-120, 23 m, 11, 5 ml, 4, 20",
        "BRITISH, paracetamol-syrup-120, 2, 12, 7.5 ml, 4, 30",
        "BRITISH, paracetamol-500, 10, 32, 1 tablet, 4, 4",
        "BRITISH, paracetamol-500, 13, 46, 1 tablet, 4, 4",
        "BRITISH, paracetamol-500, 40, 70, 1 to 2 tablets, 4, 8",
        // 20 mg for each kilogram are 800 mg at once: one tablet; four of them fit
        "BRITISH, paracetamol-500, 40, 40, 1 tablet, 4, 4",
        "NORTH_AMERICAN, paracetamol-325, 40, 70, 1 to 2 tablets, 6, 8",
        "NORTH_AMERICAN, paracetamol-500, 40, 70, 2 tablets, 6, 6",
        "NORTH_AMERICAN, paracetamol-syrup-160, 9, 29, 12.5 ml, 4, 62.5",
        // nine years old but as light as one of seven: the smaller dose
        "NORTH_AMERICAN, paracetamol-syrup-160, 9, 23, 10 ml, 4, 50",
        // nine years old but as heavy as one of eleven: the age's dose, which is the smaller
        "NORTH_AMERICAN, paracetamol-syrup-160, 9, 40, 12.5 ml, 4, 62.5",
        // twelve years old and 28 kg: the line for grown people names no mass, but the rung for 28 kg says less
        "NORTH_AMERICAN, paracetamol-325, 12, 28, 1 tablet, 4, 5",
        "NORTH_AMERICAN, ibuprofen-200, 12, 28, 1 tablet, 6, 4",
        "NORTH_AMERICAN, paracetamol-chew-160, 9, 29, 2 chewable tablets, 4, 10",
        "BRITISH, ibuprofen-syrup-100, 9, 29, 10 ml, 6, 30",
        "BRITISH, ibuprofen-syrup-100, 5 m, 7, 2.5 ml, 6, 7.5",
        "BRITISH, ibuprofen-syrup-100, 13 m, 10, 5 ml, 6, 15",
        "NORTH_AMERICAN, ibuprofen-syrup-100, 9, 29, 12.5 ml, 6, 50",
        "BRITISH, ibuprofen-200, 40, 70, 1 to 2 tablets, 4, 6",
        "BRITISH, cetirizine-10, 9, 29, 0.5 tablets, 12, 1",
        "BRITISH, chlorphenamine-4, 9, 29, 0.5 tablets, 4, 3",
        "BRITISH, chlorphenamine-syrup, 20 m, 11, 2.5 ml, 12, 5",
        "BRITISH, loratadine-10, 13, 45, 1 tablet, 24, 1",
        "BRITISH, loratadine-syrup, 13, 28, 5 ml, 24, 5",
        // more at first than later, and in 24 h no more than all of them together
        "BRITISH, loperamide-2, 40, 70, '2 capsules first, then 1 capsule', 0, 6",
        "NORTH_AMERICAN, loperamide-2, 40, 70, '2 capsules first, then 1 capsule', 0, 4",
        "NORTH_AMERICAN, naproxen-220, 40, 70, '2 tablets first, then 1 tablet', 12, 3",
        "NORTH_AMERICAN, naproxen-220, 66, 70, 1 tablet, 12, 2",
        "BRITISH, cinnarizine-15, 40, 70, '2 tablets first, then 1 tablet', 8, 4",
        "BRITISH, cold-tablet, 40, 70, 1 to 2 tablets, 4, 8",
        "BRITISH, hyoscine-150, 8, 26, 1 tablet, 6, 3",
        "BRITISH, hydrocortisone-cream, 40, 70, 1 application, 12, 2",
    })
    void theLabelSaysSoMuch(
            Tradition tradition, String product, String age, String kg, String amount, int h, String day) {
        Give give = (Give) ask(tradition, product, aged(age, kg));
        assertThat(give.amount()).isEqualTo(amount);
        assertThat(give.dosing().apart()).isEqualTo(Duration.ofHours(h));
        assertThat(give.dosing().inADay().orElseThrow()).isEqualByComparingTo(day);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
        BRITISH        | paracetamol-syrup-120 | 2 m    | 5   |               | OUTSIDE_THE_LABEL  | MadeForOlder[from=3 months
        NORTH_AMERICAN | paracetamol-syrup-160 | 23 m   | 11  |               | OUTSIDE_THE_LABEL  | MadeForOlder[from=2 years
        NORTH_AMERICAN | paracetamol-syrup-160 | 30 m   | 10  |               | OUTSIDE_THE_LABEL  | TooLight[lightest=10.9, name=Beck, kilograms=10]
        BRITISH        | ibuprofen-syrup-100   | 2 m    | 6   |               | NOT_FOR_THEM       | Not under 3 months or 5 kg
        BRITISH        | ibuprofen-syrup-100   | 4 m    | 4.5 |               | NOT_FOR_THEM       | Not under 3 months or 5 kg
        BRITISH        | ibuprofen-syrup-100   | 4 m    | ''  |               | MASS_NOT_KNOWN     | LacksMass[name=Beck]
        BRITISH        | paracetamol-syrup-250 | 9 m    | 9   |               | OUTSIDE_THE_LABEL  | MadeForOlder[from=6 years
        NORTH_AMERICAN | ibuprofen-drops-200   | 9 m    | 9   |               | OUTSIDE_THE_LABEL  | MadeForOlder[from=7 years
        BRITISH        | aspirin-300           | 15 y 11 m | 60 |             | NOT_FOR_THEM       | Under[age=16 years]
        NORTH_AMERICAN | bismuth-262           | 15     | 60  |               | NOT_FOR_THEM       | Under[age=16 years]
        BRITISH        | loperamide-2          | 11     | 40  |               | NOT_FOR_THEM       | Under[age=12 years]
        BRITISH        | naproxen-220          | 40     | 70  |               | NO_LABEL           | NoLabel[tradition=BRITISH
        BRITISH        | paracetamol-500       | 9      | 29  |               | OUTSIDE_THE_LABEL  | MadeForOlder[from=10 years
        BRITISH        | paracetamol-500       | 10     | 24  |               | ABOVE_A_CEILING    | TooStrong[name=Beck, kilograms=24]
        NORTH_AMERICAN | paracetamol-500       | 12     | 28  |               | CANNOT_BE_MEASURED | TooFine[most=
        NORTH_AMERICAN | phenylephrine-12      | 40     | 70  |               | CANNOT_BE_MEASURED | TooFine[most=
        BRITISH        | ibuprofen-200         | 40     | 70  | blood-thinner | NOT_FOR_THEM       | bleeding much more likely
        BRITISH        | ibuprofen-200         | 40     | 70  | nsaid-asthma  | NOT_FOR_THEM       | brings on an attack
        BRITISH        | cold-tablet           | 40     | 70  | heart         | NOT_FOR_THEM       | blood pressure
        NORTH_AMERICAN | cetirizine-10         | 66     | 70  |               | OUTSIDE_THE_LABEL  | SaysNothing[age=66 years]
        BRITISH        | apixaban-5            | 40     | 70  |               | PRESCRIBED_TO_NOBODY_HERE | Prescribed[]
        """)
    void everyRefusalSaysWhy(
            Tradition tradition,
            String product,
            String age,
            String kg,
            String condition,
            WhyNot.Kind why,
            String says) {
        DoseAnswer answer = ask(tradition, product, aged(age, kg).having(conditions(condition)));
        assertThat(answer).isInstanceOfSatisfying(Refused.class, r -> {
            assertThat(r.why()).isEqualTo(why);
            assertThat(r.whyNot().toString()).contains(says);
        });
    }

    @Test
    void aDogGetsNothingOfIt() {
        for (Product each : SHIPPED.products()) {
            for (Tradition tradition : Tradition.values()) {
                assertThat(new DoseSheet(SHIPPED, tradition).of(each, adult().asDog()))
                        .isInstanceOfSatisfying(Refused.class, r -> {
                            assertThat(r.why()).isEqualTo(WhyNot.Kind.DOG);
                        });
            }
        }
    }

    @Test
    void aCliniciansDirectionGoesByMassAndIsCappedAndRoundedDown() {
        // 29 kg x 15 mg = 435 mg; / 24 mg a ml = 18.125 ml, down to 18; four fit: 72 ml, less than 1,740 mg / 24 =
        // 72.5.
        Give give = british("paracetamol-syrup-120", aged("9", "29"), direction("15", 500, 1740, false));
        assertThat(give.amount()).isEqualTo("18 ml");
        assertThat(give.milligrams()).isEqualTo("432 mg");
        assertThat(give.dosing().inADay().orElseThrow()).isEqualByComparingTo("72");
        assertThat(give.directed()).hasSize(1);
        assertThat(give.working().getFirst())
                .isEqualTo(new Reckoning.ForEachKilogram(
                        new BigDecimal("29"),
                        Dose.ofMilligrams(15),
                        Dose.ofMilligrams(435),
                        Dose.ofMilligrams(500),
                        Dose.ofMilligrams(435)));
        assertThat(give.cautions()).anySatisfy(c -> assertThat(c.warning())
                .isInstanceOfSatisfying(Warning.MoreThanLabel.class, w -> assertThat(w.milligrams())
                        .isEqualByComparingTo("360")));
        assertThat(british("paracetamol-syrup-120", aged("9", "29"), direction("15", 400, 1600, false))
                        .amount())
                .isEqualTo("16.5 ml");
    }

    /** 12.4 kg: 186 mg at once; 4,000 mg in 24 h were written down, four doses of 7.5 ml fit. */
    @Test
    void theMostInADayIsNeverMoreThanTheDosesThatFit() {
        Give give = british("paracetamol-syrup-120", aged("2", "12.4"), direction("15", 1000, 4000, false));
        assertThat(give.amount()).isEqualTo("7.5 ml");
        assertThat(give.dosing().inADay().orElseThrow()).isEqualByComparingTo("30");
        assertThat(give.cautions()).anySatisfy(c -> {
            assertThat(c.kind()).isEqualTo(Caution.Kind.CEILING);
            assertThat(c.warning()).isEqualTo(new Warning.HeldDown(Dose.ofMilligrams(4000), Dose.ofMilligrams(930)));
        });
        // Every 4 h six doses would fit, 108 ml; the ceiling of 75 mg a kilogram, 2,175 mg, says 90.5 ml.
        Give often = british(
                "paracetamol-syrup-120", aged("9", "29"), direction("paracetamol", "15", 500, 4, 3000, false, ""));
        assertThat(often.dosing().inADay().orElseThrow()).isEqualByComparingTo("90.5");
        // What was directed for each kilogram in 24 h binds too: 40 x 29 = 1,160 mg.
        Direction byKilogram = new Direction(
                "paracetamol",
                Optional.empty(),
                Optional.of(Dose.ofMilligrams(15)),
                Dose.ofMilligrams(500),
                Duration.ofHours(6),
                Dose.ofMilligrams(2000),
                Optional.of(Dose.ofMilligrams(40)),
                Optional.empty(),
                Optional.empty(),
                false,
                "",
                "the harbour practice",
                TODAY);
        assertThat(british("paracetamol-syrup-120", aged("9", "29"), byKilogram)
                        .dosing()
                        .inADay()
                        .orElseThrow())
                .isEqualByComparingTo("48");
    }

    /** @param hours apart, of a direction for paracetamol that is not said to pass anything */
    @ParameterizedTest
    @CsvSource({
        // age, kg, mg/kg, most mg, hours, says
        "40, 70, '', 2000, 6, 'TooMuch[once=2000 mg, name=paracetamol, most=1000 mg]'",
        "40, 70, '', 1000, 1, 'TooNear[apart=PT1H, name=paracetamol, least=PT4H]'",
        "9, 29, 25, 1000, 6, 'TooMuchForMass[once=725 mg, name=paracetamol, each=20 mg, most=580 mg]'",
        "40, 70, '', 1330, 6, 'TooMuch[once=1330 mg, name=paracetamol, most=1000 mg]'",
    })
    void aDirectionAboveACeilingIsNotFollowedUnlessItSaysWhy(
            String age, String kg, String each, long most, int hours, String says) {
        Direction plain = direction("paracetamol", each, most, hours, most * 4, true, "");
        assertThat(ask(Tradition.BRITISH, "paracetamol-syrup-120", aged(age, kg), plain))
                .isInstanceOfSatisfying(Refused.class, r -> {
                    assertThat(r.why()).isEqualTo(WhyNot.Kind.ABOVE_A_CEILING);
                    assertThat(r.whyNot().toString()).contains(says);
                });
        Give give = british(
                "paracetamol-syrup-120",
                aged(age, kg),
                direction("paracetamol", each, most, hours, most * 4, true, "loading dose, by telephone"));
        assertThat(give.cautions()).anySatisfy(c -> assertThat(c.warning())
                .isEqualTo(new Warning.MayPassCeilings("loading dose, by telephone")));
    }

    @Test
    void aSlowReleaseAmountIsWithinTheCeilingAtItsOwnInterval() {
        Give give = british("paracetamol-500", adult(), direction("paracetamol", "", 1330, 8, 3990, false, ""));
        assertThat(give.amount()).isEqualTo("2 tablets");
    }

    @Test
    void aDirectionHoldsOutsideTheLabelOnlyIfThatWasSaidAndThenNotSilently() {
        Patient small = aged("2 m", "5");
        assertThat(ask(Tradition.BRITISH, "paracetamol-syrup-120", small, direction("10", 60, 180, false)))
                .isInstanceOf(Refused.class);
        Give give = british("paracetamol-syrup-120", small, direction("10", 60, 180, true));
        assertThat(give.amount()).isEqualTo("2 ml");
        assertThat(give.cautions()).anySatisfy(c -> assertThat(c.warning()).isInstanceOf(Warning.OutsideLabel.class));
        assertThat(ask(Tradition.BRITISH, "paracetamol-syrup-120", aged("30 m", ""), direction("10", 60, 180, true)))
                .isInstanceOfSatisfying(Refused.class, r -> assertThat(r.why()).isEqualTo(WhyNot.Kind.MASS_NOT_KNOWN));
        assertThat(ask(Tradition.BRITISH, "paracetamol-500", aged("30 m", "12"), direction("15", 500, 900, true)))
                .isInstanceOfSatisfying(
                        Refused.class, r -> assertThat(r.whyNot()).isInstanceOf(WhyNot.DirectionTooFine.class));
    }

    @Test
    void whatDirectsOneThingOfAMixtureDoesNotDirectTheRest() {
        Direction paracetamol = direction("", 500, 2000, true);
        assertThat(ask(Tradition.BRITISH, "cold-night", aged("14", "50"), paracetamol))
                .isInstanceOfSatisfying(
                        Refused.class, r -> assertThat(r.why()).isEqualTo(WhyNot.Kind.OUTSIDE_THE_LABEL));
        assertThat(ask(Tradition.BRITISH, "cold-tablet", adult(), paracetamol))
                .isInstanceOfSatisfying(Give.class, g -> {
                    assertThat(g.directed()).isEmpty();
                    assertThat(g.cautions()).anySatisfy(c -> assertThat(c.warning())
                            .isEqualTo(new Warning.DirectsNotTheRest("paracetamol")));
                });
    }

    @Test
    void aDirectionNamesFormAgesAndADay() {
        Direction syrup = new Direction(
                "paracetamol",
                Optional.of(MedicineForm.SYRUP),
                Optional.empty(),
                Dose.ofMilligrams(300),
                Duration.ofHours(6),
                Dose.ofMilligrams(1200),
                Optional.empty(),
                Optional.of(Age.ofYears(6)),
                Optional.of(Age.ofYears(10)),
                false,
                "",
                "the harbour practice",
                TODAY);
        assertThat(british("paracetamol-syrup-120", aged("9", "29"), syrup).amount())
                .isEqualTo("12.5 ml");
        // Another form, or another age: the label.
        assertThat(british("paracetamol-500", aged("10", "32"), syrup).directed())
                .isEmpty();
        Give older = british("paracetamol-syrup-120", aged("10", "32"), syrup);
        assertThat(older.directed()).isEmpty();
        assertThat(older.cautions())
                .anySatisfy(c -> assertThat(c.warning()).isEqualTo(new Warning.ForAnotherAge("paracetamol")));
        // Half a year on, one asks whether a child's direction still holds; a grown-up's keeps a year.
        Direction plain = direction("", 300, 1200, false);
        assertThat(british("paracetamol-syrup-120", aged("9", "29").at(LocalDate.of(2026, 11, 2)), plain)
                        .cautions())
                .anySatisfy(c -> assertThat(c.warning()).isEqualTo(new Warning.StillHolds()));
        assertThat(british("paracetamol-500", adult().at(LocalDate.of(2026, 11, 2)), direction("", 500, 2000, false))
                        .cautions())
                .noneSatisfy(c -> assertThat(c.warning()).isEqualTo(new Warning.StillHolds()));
    }

    @Test
    void aMassOfAChildGoesStaleAndAnUnlikelyOrLightOneIsAskedAbout() {
        Patient grown = aged("9", "").weighing(new BigDecimal("29"), TODAY.minusMonths(7));
        assertThat(british("paracetamol-syrup-120", grown).cautions())
                .anySatisfy(c -> assertThat(c.because()).isEqualTo(new Because.MassFrom(LocalDate.of(2025, 11, 1))));
        Patient undated = aged("9", "").weighing(new Patient.Weighed(new BigDecimal("29"), Optional.empty()));
        assertThat(british("paracetamol-syrup-120", undated).cautions())
                .anySatisfy(c -> assertThat(c.kind()).isEqualTo(Caution.Kind.OLD_MASS));
        assertThat(british("paracetamol-syrup-120", aged("6", "300")).cautions())
                .anySatisfy(c -> assertThat(c.kind()).isEqualTo(Caution.Kind.UNLIKELY_MASS));
        // 1,440 mg / 19 kg = 75.8 mg a kg: 59 ml (1,416 mg) are said in place of 60.
        Give light = british("paracetamol-syrup-120", aged("9", "19"));
        assertThat(light.cautions())
                .anySatisfy(c -> assertThat(c.because()).isEqualTo(new Because.LightForLine(new BigDecimal("19"))));
        assertThat(light.dosing().inADay().orElseThrow()).isEqualByComparingTo("59");
        assertThat(british("paracetamol-syrup-120", aged("9", "19.2")).cautions())
                .noneSatisfy(c -> assertThat(c.because()).isInstanceOf(Because.LightForLine.class));
    }

    /** Whatever the body, the product and the syringe, what is said never holds more than label, ceilings and intervals let. */
    @Test
    void nothingSaidPassesTheLabelTheCeilingsOrWhatFits() {
        long seed = 20260601;
        System.out.println("seed " + seed);
        Random random = new Random(seed);
        int said = 0;
        for (int i = 0; i < Lane.of(4_000, 20_000); i++) {
            Tradition tradition = Tradition.values()[random.nextInt(2)];
            Product product = measuredBy(
                    SHIPPED.products().get(random.nextInt(SHIPPED.products().size())),
                    List.of("0.1", "0.25", "0.5", "1", "2.5").get(random.nextInt(5)));
            Patient patient = aged(
                    random.nextInt(12 * 80) + " m",
                    BigDecimal.valueOf(30 + random.nextInt(900), 1).toPlainString());
            if (new DoseSheet(SHIPPED, tradition).of(product, patient) instanceof Give give) {
                said++;
                withinCeilings(give, patient);
                withinWhatFits(give);
                assertThat(give.most().remainder(product.step())).isEqualByComparingTo("0");
                Label label = SHIPPED.label(product, tradition).orElseThrow();
                if (label.measure() == Label.Measure.MILLIGRAMS) {
                    BigDecimal exact =
                            give.most().multiply(product.of(product.only()).milligrams());
                    assertThat(label.bands())
                            .as("%s for %s", give, patient)
                            .anyMatch(b -> b.holdsAge(patient.age()) && exact.compareTo(b.most()) <= 0);
                }
            }
        }
        assertThat(said).isGreaterThan(1000);
    }

    private static void withinCeilings(Give give, Patient patient) {
        if (give.product().form().onTheSpot()) {
            return;
        }
        BigDecimal kg = patient.weighed().orElseThrow().kilograms();
        give.product().strengths().keySet().forEach(i -> {
            var ceilings = SHIPPED.ceilings(i);
            var once = give.product().limitOf(i, give.dosing().mostEver());
            ceilings.once(give.dosing().apart()).ifPresent(c -> assertThat(once).isLessThanOrEqualTo(c));
            ceilings.onceFor(kg).ifPresent(c -> assertThat(once).isLessThanOrEqualTo(c));
            give.dosing().inADay().ifPresent(d -> ceilings.dayFor(kg)
                    .ifPresent(c -> assertThat(give.product().limitOf(i, d)).isLessThanOrEqualTo(c)));
        });
    }

    private static void withinWhatFits(Give give) {
        Dosing d = give.dosing();
        if (d.inADay().isPresent() && !d.apart().isZero()) {
            long fit = Math.ceilDiv(Duration.ofHours(24).toMinutes(), d.apart().toMinutes());
            assertThat(d.inADay().get())
                    .isLessThanOrEqualTo(d.mostEver().add(d.most().multiply(BigDecimal.valueOf(fit - 1))));
        }
    }

    private static Product measuredBy(Product p, String graduation) {
        return new Product(
                p.id(),
                p.name(),
                p.form(),
                p.strengths(),
                new BigDecimal(graduation),
                p.from(),
                p.slowRelease(),
                p.supply(),
                p.perPiece(),
                p.prescribed());
    }
}
