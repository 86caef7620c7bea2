package hodeon.core.readiness;

import static org.assertj.core.api.Assertions.assertThat;

import hodeon.core.Samples;
import hodeon.core.party.Age;
import hodeon.core.party.Person;
import hodeon.core.party.RescueMedicine;
import hodeon.core.party.Training;
import hodeon.core.stock.GoodUntil;
import hodeon.core.stock.Held;
import hodeon.core.stock.Lot;
import hodeon.core.units.Mass;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;

class RescueShortageTest {

    private static final LocalDate BACK = LocalDate.of(2027, 6, 20);

    private static Person with(String name, RescueMedicine... rescue) {
        return Person.of(
                name, Age.ofYears(35), Mass.ofGrams(70_000), Training.UNTRAINED, Set.of(), Set.of(), Set.of(rescue));
    }

    private static Held injectors(int pieces, LocalDate until) {
        Lot lot = new Lot(
                UUID.randomUUID(),
                "auto-injector",
                "",
                "",
                Optional.empty(),
                LocalDate.of(2026, 1, 1),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                OptionalInt.empty());
        return new Held(lot, UUID.randomUUID(), pieces, Optional.of(new GoodUntil(until, GoodUntil.Reason.PRINTED)));
    }

    private static List<RescueShortage> lacking(List<Held> held) {
        RescueMedicine injector = RescueMedicine.AUTO_INJECTOR;
        return RescueShortage.of(
                List.of(with("Sef", injector), with("Jonas"), with("Ottilie", injector)),
                Samples.CATALOGUE.supplies(),
                held,
                BACK,
                30);
    }

    @Test
    void theWorkedExample() {
        RescueShortage lack = lacking(List.of(injectors(3, BACK.plusYears(1)))).getFirst();
        assertThat(lack.people()).containsExactly("Sef", "Ottilie");
        assertThat(lack.wanted()).isEqualTo(4);
        assertThat(lack.missing()).isEqualTo(1);
        assertThat(lack.supplies()).contains("auto-injector");
    }

    @Test
    void whatDoesNotOutlastTheMarginIsNotThereAndEnoughIsNoShortage() {
        assertThat(lacking(List.of(injectors(3, BACK.plusYears(1)), injectors(1, BACK.plusDays(29)))))
                .hasSize(1);
        assertThat(lacking(List.of(injectors(4, BACK.plusYears(1))))).isEmpty();
    }
}
