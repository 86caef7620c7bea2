package hodeon.core.stock;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hodeon.core.stock.Movement.Holding;
import hodeon.core.stock.Movement.Kind;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;
import org.junit.jupiter.api.Test;

class LedgerTest {

    private static final UUID PLASTERS = UUID.randomUUID();
    private static final UUID SHELF = UUID.randomUUID();
    private static final UUID POUCH = UUID.randomUUID();

    private static Movement movement(long number, Kind kind, Optional<UUID> from, Optional<UUID> to, int pieces) {
        return new Movement(number, kind, PLASTERS, Optional.empty(), from, to, pieces, Optional.empty());
    }

    @Test
    void theWorkedExample() {
        Movement use = movement(3, Kind.USED, Optional.of(POUCH), Optional.empty(), 3);
        List<Movement> movements = List.of(
                movement(1, Kind.RECEIVED, Optional.empty(), Optional.of(SHELF), 20),
                movement(2, Kind.MOVED, Optional.of(SHELF), Optional.of(POUCH), 8),
                use,
                use.turnedRound(4));
        assertThat(Ledger.holdings(movements))
                .isEqualTo(Map.of(new Holding(PLASTERS, SHELF), 12, new Holding(PLASTERS, POUCH), 8));
    }

    @Test
    void openingMakesALotOfItsOwnAndCanBeTurnedRound() {
        UUID open = UUID.randomUUID();
        Movement opened = new Movement(
                2,
                Kind.OPENED,
                PLASTERS,
                Optional.of(open),
                Optional.of(POUCH),
                Optional.of(POUCH),
                1,
                Optional.empty());
        Movement came = movement(1, Kind.RECEIVED, Optional.empty(), Optional.of(POUCH), 2);
        assertThat(Ledger.holdings(List.of(came, opened)))
                .isEqualTo(Map.of(new Holding(PLASTERS, POUCH), 1, new Holding(open, POUCH), 1));
        assertThat(Ledger.holdings(List.of(came, opened, opened.turnedRound(3))))
                .isEqualTo(Map.of(new Holding(PLASTERS, POUCH), 2));
        assertThatThrownBy(() -> opened.turnedRound(3).turnedRound(4)).isInstanceOf(IllegalStateException.class);
    }

    @Test
    void nothingIsTakenThatIsNotThere() {
        List<Movement> movements = List.of(
                movement(1, Kind.RECEIVED, Optional.empty(), Optional.of(SHELF), 2),
                movement(2, Kind.USED, Optional.of(SHELF), Optional.empty(), 3));
        assertThatThrownBy(() -> Ledger.holdings(movements)).isInstanceOfSatisfying(Ledger.TooFew.class, few -> {
            assertThat(few.there()).isEqualTo(2);
            assertThat(few.wanted()).isEqualTo(3);
            assertThat(few.holding()).isEqualTo(new Holding(PLASTERS, SHELF));
        });
    }

    @Test
    void aMovementThatMakesNoSenseCannotBeMade() {
        assertThatThrownBy(() -> movement(1, Kind.RECEIVED, Optional.of(SHELF), Optional.empty(), 1))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> movement(1, Kind.MOVED, Optional.of(SHELF), Optional.of(SHELF), 1))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> movement(1, Kind.USED, Optional.of(SHELF), Optional.empty(), 0))
                .isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void whateverIsDoneAndUndonePiecesAreNeitherMadeNorLost() {
        for (long seed = 1; seed <= 200; seed++) {
            Random random = new Random(seed);
            List<Movement> movements = new ArrayList<>();
            movements.add(movement(1, Kind.RECEIVED, Optional.empty(), Optional.of(SHELF), 50));
            int undone = 0;
            for (int i = 2; i < 30; i++) {
                Movement last = movements.getLast();
                boolean undo = random.nextInt(3) == 0 && last.kind() != Kind.REVERSED && last.number() > 1;
                movements.add(undo ? last.turnedRound(i) : moved(i, random, Ledger.holdings(movements)));
                undone += undo ? 1 : 0;
            }
            int used = movements.stream()
                    .mapToInt(m ->
                            (m.to().isPresent() ? 0 : m.pieces()) - (m.from().isPresent() ? 0 : m.pieces()))
                    .sum();
            int there = Ledger.holdings(movements).values().stream()
                    .mapToInt(Integer::intValue)
                    .sum();
            assertThat(there).as("seed %d, %d undone", seed, undone).isEqualTo(-used);
        }
    }

    private static Movement moved(int number, Random random, Map<Holding, Integer> held) {
        Holding from = List.copyOf(held.keySet()).get(random.nextInt(held.size()));
        int pieces = 1 + random.nextInt(held.get(from));
        Optional<UUID> place = Optional.of(from.place());
        return random.nextInt(4) == 0 && pieces < held.get(from)
                ? movement(number, Kind.USED, place, Optional.empty(), pieces)
                : movement(number, Kind.MOVED, place, Optional.of(from.place().equals(SHELF) ? POUCH : SHELF), pieces);
    }
}
