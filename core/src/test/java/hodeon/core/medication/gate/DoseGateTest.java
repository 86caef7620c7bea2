package hodeon.core.medication.gate;

import static hodeon.core.medication.People.SHIPPED;
import static hodeon.core.medication.People.adult;
import static hodeon.core.medication.People.aged;
import static hodeon.core.medication.People.direction;
import static hodeon.core.medication.People.product;
import static org.assertj.core.api.Assertions.assertThat;

import hodeon.core.medication.Patient;
import hodeon.core.medication.People;
import hodeon.core.medication.RegularIntake;
import hodeon.core.medication.finding.Because;
import hodeon.core.medication.finding.WhyNot;
import hodeon.core.medication.formulary.BandLine;
import hodeon.core.medication.formulary.Formulary;
import hodeon.core.medication.formulary.Label;
import hodeon.core.medication.formulary.MedicineForm;
import hodeon.core.medication.formulary.Product;
import hodeon.core.medication.formulary.Tradition;
import hodeon.core.medication.gate.DoseVerdict.Kind;
import hodeon.core.party.Age;
import hodeon.core.units.Dose;
import java.math.BigDecimal;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DoseGateTest {

    private static final Instant NOW = Instant.parse("2026-06-01T12:00:00Z");
    private static final ZoneId UTC = ZoneId.of("Etc/UTC");
    private static final Objection.Subject PARACETAMOL = new Objection.Subject.OfIngredient("paracetamol");

    private static Instant ago(double hours) {
        return NOW.minusSeconds(Math.round(3600 * hours));
    }

    private static GivenDose given(double hoursAgo, Product product, double units) {
        return GivenDose.of(ago(hoursAgo), product, BigDecimal.valueOf(units));
    }

    private static GivenDose given(double hoursAgo, String product, double units) {
        return given(hoursAgo, product(product), units);
    }

    /** @param history such as “3 cold-night 2, 1 ibuprofen-200 1”: hours ago, product, units */
    private static List<GivenDose> history(String history) {
        return history == null || history.isBlank()
                ? List.of()
                : Stream.of(history.split(", "))
                        .map(h -> h.split(" "))
                        .map(w -> given(Double.parseDouble(w[0]), w[1], Double.parseDouble(w[2])))
                        .toList();
    }

    private static DoseGate gate(Formulary formulary, Tradition tradition, Patient patient, List<GivenDose> history) {
        return new DoseGate(formulary, tradition, patient, history, UTC);
    }

    private static DoseGate british(Patient patient, GivenDose... history) {
        return gate(SHIPPED, Tradition.BRITISH, patient, List.of(history));
    }

    private static List<Kind> objections(DoseGate gate, Product product, double units, Instant at) {
        return switch (gate.judge(product, BigDecimal.valueOf(units), at, NOW)) {
            case DoseVerdict.Allowed allowed -> List.of();
            case DoseVerdict.Stopped stopped ->
                stopped.objections().stream().map(Objection::kind).toList();
            case DoseVerdict.Refused refused -> List.of(refused.objection().kind());
        };
    }

    private static NextDose next(int now, int hoursToFull) {
        return new NextDose(
                BigDecimal.valueOf(now), Optional.empty(), Optional.of(NOW.plus(Duration.ofHours(hoursToFull))));
    }

    @Test
    void theWorkedExampleOfTheNextDoseGivesOneNowAndTwoLater() {
        assertThat(british(adult(), given(18, "ibuprofen-200", 3), given(5, "ibuprofen-200", 2))
                        .next(product("ibuprofen-200"), NOW))
                .contains(next(1, 6));
        assertThat(british(adult()).next(product("ibuprofen-200"), NOW)).contains(next(2, 0));
    }

    /** Two at 08:00 and two at 14:00; two more noted late for 11:00. */
    @Test
    void theWorkedExampleOfTheGateIsStoppedOnBothSides() {
        DoseGate gate = british(adult(), given(7, "paracetamol-500", 2), given(1, "paracetamol-500", 2));
        DoseVerdict verdict = gate.judge(product("paracetamol-500"), BigDecimal.TWO, ago(4), NOW);
        assertThat(verdict).isInstanceOfSatisfying(DoseVerdict.Stopped.class, s -> assertThat(s.objections())
                .contains(new Objection.TooSoon(PARACETAMOL, Duration.ofHours(4), ago(7), false)));
        DoseGate later = british(adult(), given(1, "paracetamol-500", 2));
        assertThat(later.judge(product("paracetamol-500"), BigDecimal.TWO, ago(4), NOW))
                .isInstanceOfSatisfying(DoseVerdict.Stopped.class, s -> assertThat(s.objections())
                        .contains(new Objection.TooSoon(PARACETAMOL, Duration.ofHours(4), ago(1), true)));
    }

    /** What a grown-up of 70 kg had, what they are to have now, and what speaks against it. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
        # tradition    | had, hours ago                                        | product              | units | against
        BRITISH        | ''                                                    | paracetamol-500      | 2     | ''
        BRITISH        | ''                                                    | paracetamol-500      | 3     | TOO_MUCH_AT_ONCE
        BRITISH        | 2 paracetamol-500 2                                   | paracetamol-500      | 1     | TOO_SOON
        BRITISH        | 4 paracetamol-500 2                                   | paracetamol-500      | 2     | ''
        BRITISH        | 16 paracetamol-500 2, 12 paracetamol-500 2, 8 paracetamol-500 2, 4 paracetamol-500 2 | paracetamol-500 | 1 | TOO_MANY_IN_A_DAY
        # a mixture counts for what it holds
        BRITISH        | 3 cold-sachet 1                                       | paracetamol-500      | 2     | TOO_SOON
        BRITISH        | 2 cold-sachet 1                                       | phenylephrine-12     | 1     | TOO_SOON
        # and lends the plain product neither its interval nor its day
        BRITISH        | 5 cold-night 2                                        | paracetamol-500      | 2     | ''
        BRITISH        | 5 cold-night 2                                        | cold-sachet          | 1     | ''
        BRITISH        | 5 cold-night 2                                        | cold-night           | 2     | TOO_SOON
        BRITISH        | 18 cold-sachet 1, 13 cold-sachet 1, 5 cold-sachet 1   | paracetamol-500      | 2     | ''
        NORTH_AMERICAN | 6 paracetamol-325 2                                   | paracetamol-325      | 2     | ''
        # more first, less later
        BRITISH        | ''                                                    | loperamide-2         | 2     | ''
        BRITISH        | 1 loperamide-2 2                                      | loperamide-2         | 2     | TOO_MUCH_AT_ONCE
        BRITISH        | 1 loperamide-2 2                                      | loperamide-2         | 1     | ''
        BRITISH        | 6 loperamide-2 2, 5 loperamide-2 1, 4 loperamide-2 1, 3 loperamide-2 1, 1 loperamide-2 1 | loperamide-2 | 1 | TOO_MUCH_IN_A_DAY
        NORTH_AMERICAN | 12 naproxen-220 2                                     | naproxen-220         | 2     | TOO_MUCH_AT_ONCE
        NORTH_AMERICAN | 12 naproxen-220 2                                     | naproxen-220         | 1     | ''
        # two of one kind need a reason
        BRITISH        | 1 aspirin-300 2                                       | ibuprofen-200        | 2     | TWO_OF_A_KIND
        BRITISH        | 20 ibuprofen-200 1                                    | aspirin-300          | 1     | TWO_OF_A_KIND
        NORTH_AMERICAN | 1 aspirin-300 2                                       | bismuth-262          | 2     | TWO_OF_A_KIND
        NORTH_AMERICAN | 3 ibuprofen-200 2                                     | bismuth-262          | 2     | TWO_OF_A_KIND
        BRITISH        | 3 aspirin-paracetamol-caffeine 2                      | ibuprofen-200        | 1     | TWO_OF_A_KIND
        BRITISH        | 3 chlorphenamine-4 1                                  | cinnarizine-15       | 1     | TWO_OF_A_KIND
        BRITISH        | 3 diclofenac-gel 1                                    | ibuprofen-200        | 1     | ''
        BRITISH        | 25 aspirin-300 2                                      | ibuprofen-200        | 2     | ''
        # creams, drops and sprays have clocks of their own
        BRITISH        | 3 hydrocortisone-cream 1                              | hydrocortisone-cream | 1     | TOO_SOON
        BRITISH        | 13 hydrocortisone-cream 1                             | hydrocortisone-cream | 1     | ''
        BRITISH        | 3 diclofenac-gel 1                                    | diclofenac-gel       | 1     | TOO_SOON
        """)
    void aDoseIsJudgedAgainstEverythingInTheBook(
            Tradition tradition, String had, String product, double units, String against) {
        DoseGate gate = gate(SHIPPED, tradition, adult(), history(had));
        List<Kind> objections = objections(gate, product(product), units, NOW);
        if (against == null || against.isBlank()) {
            assertThat(objections).isEmpty();
        } else {
            assertThat(objections).contains(Kind.valueOf(against));
        }
    }

    /** On a long trip, noted late: the dose's own moment counts, not the moment it was written down. */
    @Test
    void aNoteOfTwentyDaysAgoIsWeighedAgainstTwentyDaysAgo() {
        double then = 20 * 24;
        List<GivenDose> book = new ArrayList<>();
        int kept = 0;
        for (int i = 0; i < 4; i++) {
            DoseGate gate = gate(SHIPPED, Tradition.BRITISH, adult(), book);
            if (objections(gate, product("paracetamol-500"), 2, ago(then)).isEmpty()) {
                book.add(given(then, "paracetamol-500", 2));
                kept++;
            }
        }
        assertThat(kept).isEqualTo(1);
        // What was taken today does not matter for then, and then not for now.
        DoseGate gate = british(adult(), given(then, "paracetamol-500", 2), given(1, "ibuprofen-200", 2));
        assertThat(objections(gate, product("aspirin-300"), 1, ago(then))).isEmpty();
        assertThat(objections(gate, product("paracetamol-500"), 2, NOW)).isEmpty();
        // The age of then counts: an infant was too young twenty days ago.
        Patient infant = aged("3 m", "6").bornOn(People.TODAY.minusMonths(3).minusDays(5));
        DoseGate young = british(infant);
        assertThat(objections(young, product("paracetamol-syrup-120"), 2.5, NOW))
                .isEmpty();
        assertThat(objections(young, product("paracetamol-syrup-120"), 2.5, ago(then)))
                .containsExactly(Kind.NOT_SAID);
    }

    @Test
    void nothingIsNotedForATimeThatHasNotComeAndNothingForADog() {
        assertThat(british(adult()).judge(product("paracetamol-500"), BigDecimal.ONE, NOW.plusSeconds(1200), NOW))
                .isInstanceOfSatisfying(
                        DoseVerdict.Refused.class,
                        r -> assertThat(r.objection().kind()).isEqualTo(Kind.IN_THE_FUTURE));
        assertThat(objections(british(adult()), product("paracetamol-500"), 1, NOW.plusSeconds(300)))
                .isEmpty();
        assertThat(british(adult().asDog()).judge(product("paracetamol-500"), BigDecimal.ONE, NOW, NOW))
                .isInstanceOfSatisfying(DoseVerdict.Refused.class, r -> assertThat(r.objection())
                        .isInstanceOfSatisfying(
                                Objection.Dog.class,
                                d -> assertThat(d.refused().whyNot()).isInstanceOf(WhyNot.Dog.class)));
    }

    private static Product own(String id, String strengths, boolean slow) {
        return new Product(
                id,
                id,
                MedicineForm.TABLET,
                Map.of("paracetamol", Dose.ofMilligrams(new BigDecimal(strengths))),
                BigDecimal.ONE,
                Age.ofMonths(0),
                slow,
                Optional.empty(),
                BigDecimal.ONE,
                false);
    }

    private static Formulary with(Product product, String band) {
        Label label = Label.ofHousehold(
                product.id(), Tradition.BRITISH, Label.Measure.MILLIGRAMS, List.of(BandLine.parse(band)), "");
        return SHIPPED.with(List.of(), List.of(product), List.of(label));
    }

    @Test
    void anOwnPackOfSlowReleaseIsWaitedFor() {
        Product slow = own("slow", "665", true);
        Formulary formulary = with(slow, "age 12y- dose 1330 every 8h times 3 most 3990");
        List<GivenDose> fiveHoursAgo = List.of(given(5, slow, 2));
        DoseGate gate = gate(formulary, Tradition.BRITISH, adult(), fiveHoursAgo);
        assertThat(gate.next(slow, NOW)).hasValueSatisfying(n -> {
            assertThat(n.now()).isZero();
            assertThat(n.full()).contains(NOW.plus(Duration.ofHours(3)));
        });
        // Also by the plain tablets, and one slow tablet alone has to be waited for as well.
        assertThat(objections(gate, product("paracetamol-500"), 2, NOW)).contains(Kind.TOO_SOON);
        DoseGate one = gate(formulary, Tradition.BRITISH, adult(), List.of(given(5, slow, 1)));
        assertThat(objections(one, product("paracetamol-500"), 2, NOW)).contains(Kind.TOO_SOON);
        // Three times in 24 h, as its pack says, though four doses of plain paracetamol would be let.
        DoseGate three = gate(
                formulary,
                Tradition.BRITISH,
                adult(),
                List.of(given(23, slow, 2), given(15, slow, 2), given(8, slow, 2)));
        assertThat(objections(three, slow, 2, ago(0.1))).contains(Kind.TOO_MANY_IN_A_DAY);
    }

    @Test
    void anOwnPackThatSaysLessIsKeptTo() {
        Product ours = own("ours", "500", false);
        Formulary formulary = with(ours, "age 12y- dose 1000 every 6h times 3 most 2500");
        assertThat(objections(gate(formulary, Tradition.BRITISH, adult(), List.of(given(5, ours, 2))), ours, 2, NOW))
                .contains(Kind.TOO_SOON);
        List<GivenDose> twice = List.of(given(13, ours, 2), given(7, ours, 2));
        assertThat(objections(gate(formulary, Tradition.BRITISH, adult(), twice), ours, 2, NOW))
                .contains(Kind.TOO_MUCH_IN_A_DAY);
        assertThat(objections(gate(formulary, Tradition.BRITISH, adult(), twice), ours, 1, NOW))
                .isEmpty();
        // Its day holds for the ingredient while it is in use, whichever product comes next; its interval only for
        // itself.
        assertThat(objections(gate(formulary, Tradition.BRITISH, adult(), twice), product("paracetamol-500"), 2, NOW))
                .contains(Kind.TOO_MUCH_IN_A_DAY);
        assertThat(objections(
                        gate(formulary, Tradition.BRITISH, adult(), List.of(given(5, ours, 2))),
                        product("paracetamol-500"),
                        2,
                        NOW))
                .isEmpty();
    }

    @Test
    void aDirectionSetsItsOwnIntervalAndDay() {
        Patient beck = aged("9", "29").directed(List.of(direction("15", 500, 2000, false)));
        Product syrup = product("paracetamol-syrup-120");
        DoseGate gate = british(beck, given(5, "paracetamol-syrup-120", 18));
        assertThat(objections(gate, syrup, 18, NOW)).containsExactly(Kind.TOO_SOON);
        assertThat(objections(british(beck, given(6, "paracetamol-syrup-120", 18)), syrup, 18, NOW))
                .isEmpty();
        assertThat(objections(british(beck), syrup, 18.5, NOW)).containsExactly(Kind.TOO_MUCH_AT_ONCE);
        // 4 x 432 mg in 24 h; a slip of the point is stopped, and so are milligrams typed as millilitres.
        assertThat(objections(british(beck), syrup, 180, NOW)).contains(Kind.TOO_MUCH_AT_ONCE, Kind.TOO_MUCH_IN_A_DAY);
    }

    @Test
    void aDirectionAnswersForTwoOfAKind() {
        Patient directed = adult().directed(List.of(direction("ibuprofen", "", 400, 8, 1200, true, "")));
        assertThat(objections(british(directed, given(3, "aspirin-300", 1)), product("ibuprofen-200"), 2, NOW))
                .isEmpty();
    }

    @Test
    void whatIsTakenEveryDayCountsOnTheClock() {
        Patient takes = adult().taking(
                        List.of(new RegularIntake(
                                product("paracetamol-500"),
                                BigDecimal.TWO,
                                List.of(LocalTime.of(8, 0), LocalTime.of(14, 0)))),
                        Set.of());
        // At noon the dose of 08:00 was 4 h ago, and that of 14:00 is 2 h ahead.
        assertThat(objections(british(takes), product("cold-sachet"), 1, NOW)).contains(Kind.TOO_SOON);
        assertThat(british(takes)
                        .tallies(Optional.of(product("paracetamol-500")), NOW)
                        .getFirst()
                        .taken())
                .isEqualByComparingTo("2000");
        // Noting the dose of 14:00 a little early is that dose, and not one more.
        assertThat(objections(british(takes), product("paracetamol-500"), 2, NOW))
                .isEmpty();
        DoseGate noted = british(takes, given(3.9, "paracetamol-500", 2));
        assertThat(noted.tallies(Optional.empty(), NOW).getFirst().taken()).isEqualByComparingTo("2000");
        // In another zone the clock on the wall shows another time.
        DoseGate tokyo = new DoseGate(SHIPPED, Tradition.BRITISH, takes, List.of(), ZoneId.of("Asia/Tokyo"));
        assertThat(objections(tokyo, product("cold-sachet"), 1, NOW)).isEmpty();
    }

    @Test
    void onTheDayAfterTheLastThatTheLabelLetsOneAsks() {
        // Ask after 3 days: taken on the 29th, 30th and 31st, a dose on the 1st is the fourth day running.
        GivenDose[] threeDays = {
            given(72, "paracetamol-500", 1), given(48, "paracetamol-500", 1), given(24, "paracetamol-500", 1)
        };
        DoseGate gate = british(adult(), threeDays);
        assertThat(objections(gate, product("paracetamol-500"), 1, NOW)).containsExactly(Kind.DAYS_RUNNING);
        assertThat(gate.answer(product("paracetamol-500"), NOW).cautions())
                .anySatisfy(c -> assertThat(c.because()).isEqualTo(new Because.DayRunning(4)));
        assertThat(objections(british(adult(), threeDays[0], threeDays[2]), product("paracetamol-500"), 1, NOW))
                .isEmpty();
        // A mixture counts for what it holds.
        assertThat(objections(
                        british(adult(), given(72, "cold-tablet", 1), threeDays[1], threeDays[2]),
                        product("paracetamol-500"),
                        1,
                        NOW))
                .containsExactly(Kind.DAYS_RUNNING);
    }

    @Test
    void whatKeepsTheOtherFromBeingTakenUpIsHeldApart() {
        Product thyroid = new Product(
                "thyroid",
                "Levothyroxine 50 µg tablets",
                MedicineForm.TABLET,
                Map.of("levothyroxine", new Dose(50)),
                BigDecimal.ONE,
                Age.ofMonths(0),
                false,
                Optional.empty(),
                BigDecimal.ONE,
                true);
        Formulary formulary = SHIPPED.with(List.of(), List.of(thyroid), List.of());
        Patient takes = adult().taking(
                        List.of(new RegularIntake(thyroid, BigDecimal.ONE, List.of(LocalTime.of(10, 0)))), Set.of());
        DoseGate gate = gate(formulary, Tradition.BRITISH, takes, List.of());
        assertThat(objections(gate, product("calcium-carbonate-500"), 1, NOW)).containsExactly(Kind.KEEP_APART);
        assertThat(objections(gate, product("calcium-carbonate-500"), 1, ago(7)))
                .isEmpty();
    }

    @Test
    void whatWasNotedIsShownWhetherOrNotAnythingIsStillKnownOfIt() {
        GivenDose gone = new GivenDose(
                ago(1),
                "removed",
                "Some mixture",
                BigDecimal.TWO,
                false,
                Map.of(Formulary.ownId("Zest Root"), Dose.ofMilligrams(20)),
                false);
        List<DoseTally> tallies =
                british(adult(), gone, given(2, "hydrocortisone-cream", 1)).tallies(Optional.empty(), NOW);
        assertThat(tallies).map(DoseTally::name).containsExactly("zest root", "Hydrocortisone 1 % cream");
        assertThat(tallies.getFirst().taken()).isEqualByComparingTo("20");
        assertThat(tallies.getFirst().limited()).isFalse();
        assertThat(tallies.getLast().room().orElseThrow()).isEqualByComparingTo("1");
        // A child for whom no label speaks has no room, and what they had is shown all the same.
        assertThat(british(aged("8", "26"), given(1, "naproxen-220", 1))
                        .tallies(Optional.empty(), NOW)
                        .getFirst())
                .satisfies(t -> {
                    assertThat(t.taken()).isEqualByComparingTo("220");
                    assertThat(t.limited()).isFalse();
                    assertThat(t.room()).isEmpty();
                });
    }
}
