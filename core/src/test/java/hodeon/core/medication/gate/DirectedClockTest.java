package hodeon.core.medication.gate;

import static hodeon.core.medication.People.SHIPPED;
import static hodeon.core.medication.People.adult;
import static hodeon.core.medication.People.direction;
import static hodeon.core.medication.People.product;
import static org.assertj.core.api.Assertions.assertThat;

import hodeon.core.medication.Direction;
import hodeon.core.medication.Patient;
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
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Which direction, which pack and which ceiling binds the clock of an ingredient. */
class DirectedClockTest {

    private static final Instant NOW = Instant.parse("2026-06-01T12:00:00Z");
    private static final Product TABLET = product("paracetamol-500");
    private static final Product SYRUP = product("paracetamol-syrup-120");

    private static GivenDose given(double hoursAgo, Product product, int units) {
        return GivenDose.of(
                NOW.minus(Duration.ofMinutes(Math.round(60 * hoursAgo))), product, BigDecimal.valueOf(units));
    }

    private static List<Kind> objections(
            Formulary formulary, Patient patient, Product product, int units, GivenDose... history) {
        DoseGate gate = new DoseGate(formulary, Tradition.BRITISH, patient, Arrays.asList(history), ZoneOffset.UTC);
        return switch (gate.judge(product, BigDecimal.valueOf(units), NOW, NOW)) {
            case DoseVerdict.Allowed allowed -> List.of();
            case DoseVerdict.Stopped stopped ->
                stopped.objections().stream().map(Objection::kind).toList();
            case DoseVerdict.Refused refused -> List.of(refused.objection().kind());
        };
    }

    private static Patient directed(Direction direction) {
        return adult().directed(List.of(direction));
    }

    /** 500 mg every 8 h, at most 1,500 mg in 24 h. */
    private static Direction everyEightHours(Optional<MedicineForm> form, Optional<Age> from, Optional<Age> to) {
        return new Direction(
                "paracetamol",
                form,
                Optional.empty(),
                Dose.ofMilligrams(500),
                Duration.ofHours(8),
                Dose.ofMilligrams(1500),
                Optional.empty(),
                from,
                to,
                true,
                "",
                "the harbour practice",
                LocalDate.of(2026, 5, 1));
    }

    @Test
    void aDirectionForOneFormLeavesTheOthersToTheirLabel() {
        Patient syrupOnly =
                directed(everyEightHours(Optional.of(MedicineForm.SYRUP), Optional.empty(), Optional.empty()));
        assertThat(objections(SHIPPED, syrupOnly, TABLET, 1, given(5, TABLET, 1)))
                .isEmpty();
        assertThat(objections(SHIPPED, syrupOnly, SYRUP, 20, given(5, SYRUP, 20)))
                .contains(Kind.TOO_SOON);
        Patient whatever = directed(everyEightHours(Optional.empty(), Optional.empty(), Optional.empty()));
        assertThat(objections(SHIPPED, whatever, TABLET, 1, given(5, TABLET, 1)))
                .contains(Kind.TOO_SOON);
        assertThat(objections(SHIPPED, whatever, TABLET, 1, given(8, TABLET, 1)))
                .isEmpty();
    }

    @Test
    void aDirectionForAnotherAgeBindsNothing() {
        Patient outgrown =
                directed(everyEightHours(Optional.empty(), Optional.of(Age.ofYears(6)), Optional.of(Age.ofYears(12))));
        assertThat(objections(SHIPPED, outgrown, TABLET, 1, given(5, TABLET, 1)))
                .isEmpty();
        Patient grown = directed(everyEightHours(Optional.empty(), Optional.of(Age.ofYears(18)), Optional.empty()));
        assertThat(objections(SHIPPED, grown, TABLET, 1, given(5, TABLET, 1))).contains(Kind.TOO_SOON);
    }

    @Test
    void aReasonToPassTheCeilingsPassesTheirIntervalAndDayAndNothingElse() {
        Direction closer = direction("paracetamol", "", 1000, 2, 6000, true, "loading, by telephone");
        assertThat(objections(SHIPPED, directed(closer), TABLET, 2, given(2.5, TABLET, 2)))
                .isEmpty();
        assertThat(objections(SHIPPED, directed(closer), TABLET, 2, given(1.5, TABLET, 2)))
                .contains(Kind.TOO_SOON);
        // Five doses in 24 h would be 5,000 mg: within the direction's 6,000, above the ceiling of 4,000.
        GivenDose[] four = {given(20, TABLET, 2), given(15, TABLET, 2), given(10, TABLET, 2), given(5, TABLET, 2)};
        assertThat(objections(SHIPPED, directed(closer), TABLET, 2, four)).isEmpty();
        Direction within = direction("paracetamol", "", 1000, 4, 6000, true, "");
        assertThat(objections(SHIPPED, directed(within), TABLET, 2, four)).contains(Kind.TOO_MUCH_IN_A_DAY);
    }

    @Test
    void anOwnPackBindsForADayAfterItWasUsed() {
        Product ours = new Product(
                "ours",
                "Ours",
                MedicineForm.TABLET,
                Map.of("paracetamol", Dose.ofMilligrams(500)),
                BigDecimal.ONE,
                Age.ofMonths(0),
                false,
                Optional.empty(),
                BigDecimal.ONE,
                false);
        Formulary formulary = SHIPPED.with(
                List.of(),
                List.of(ours),
                List.of(Label.ofHousehold(
                        "ours",
                        Tradition.BRITISH,
                        Label.Measure.MILLIGRAMS,
                        List.of(BandLine.parse("age 12y- dose 1000 every 6h times 3 most 2500 days 30")),
                        "")));
        GivenDose noon = given(12, TABLET, 2);
        GivenDose six = given(6, TABLET, 2);
        assertThat(objections(formulary, adult(), TABLET, 2, given(25, ours, 1), noon, six))
                .isEmpty();
        assertThat(objections(formulary, adult(), TABLET, 2, given(23, ours, 1), noon, six))
                .contains(Kind.TOO_MUCH_IN_A_DAY);
        // The longest run of days that a label lets pass, and a week.
        assertThat(DoseGate.daysToKnow(formulary)).isEqualTo(37);
    }
}
