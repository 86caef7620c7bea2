package hodeon.core.medication.gate;

import static hodeon.core.medication.People.SHIPPED;
import static hodeon.core.medication.People.TODAY;
import static hodeon.core.medication.People.adult;
import static hodeon.core.medication.People.aged;
import static hodeon.core.medication.People.product;
import static org.assertj.core.api.Assertions.assertThat;

import hodeon.core.medication.Patient;
import hodeon.core.medication.formulary.Product;
import hodeon.core.medication.formulary.Tradition;
import java.math.BigDecimal;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** What a device reckons with this is compared with the gate in the browser tests; here is what it is given. */
class AwayClockTest {

    private static final Product TABLETS = product("paracetamol-500");
    private static final Instant NINE = TODAY.atTime(LocalTime.of(9, 0)).toInstant(ZoneOffset.UTC);

    private static AwayClock away(Patient patient, Product product) {
        List<GivenDose> noted = List.of(GivenDose.of(NINE.minus(Duration.ofHours(1)), TABLETS, BigDecimal.valueOf(2)));
        return new DoseGate(SHIPPED, Tradition.BRITISH, patient, noted, ZoneOffset.UTC)
                .away(List.of(product), List.of(product), NINE);
    }

    @Test
    void aGrownUpsTabletsHoldForADay() {
        AwayClock clock = away(adult(), TABLETS);
        assertThat(Duration.ofMillis(clock.until() - clock.from())).isEqualTo(Duration.ofHours(24));
        assertThat(clock.noted().getFirst().holds().get("paracetamol").micrograms())
                .isEqualTo(1_000_000);
        AwayClock.Asked asked = clock.products().getFirst();
        assertThat(asked.first()).extracting(AwayClock.Amount::units).containsExactly(2_000L, 1_000L);
        assertThat(asked.itself())
                .isEqualTo(new AwayClock.Most(
                        Optional.of(8_000L), Duration.ofHours(4).toMillis(), Optional.of(4)));
        assertThat(asked.limits().get("paracetamol").always().inADay()).contains(4_000_000L);
        assertThat(clock.packs().getFirst().amounts().get(1).says()).isEqualTo("2 tablets");
    }

    /** On a birthday another line of the label holds: from midnight on the device says nothing. */
    @Test
    void whatABirthdayChangesHoldsOnlyUntilMidnight() {
        Patient child = aged("11", "36").bornOn(TODAY.minusYears(12).plusDays(1));
        AwayClock clock = away(child, TABLETS);
        assertThat(Instant.ofEpochMilli(clock.until()))
                .isEqualTo(TODAY.plusDays(1).atStartOfDay().toInstant(ZoneOffset.UTC));
    }
}
