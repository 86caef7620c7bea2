package hodeon.app.stock.ledger;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hodeon.app.WebTest;
import hodeon.app.shell.NotHere;
import hodeon.app.stock.StockService;
import hodeon.app.stock.enter.ArrivalForm;
import hodeon.app.stock.enter.Entering;
import hodeon.app.stock.place.Place;
import hodeon.core.notice.Faults;
import hodeon.core.stock.Held;
import hodeon.core.stock.Ledger;
import hodeon.core.stock.Ledger.TooFew;
import hodeon.core.stock.Movement.Holding;
import hodeon.core.stock.PrintedExpiry;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.LongStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.transaction.support.TransactionTemplate;

class StockLedgerTest extends WebTest {

    private static final Cause CAUSE = Cause.of("ottilie", "");

    @Autowired
    StockLedger ledger;

    @Autowired
    StockService stock;

    @Autowired
    Entering entering;

    @Autowired
    TransactionTemplate transaction;

    @Autowired
    MovementRepository movements;

    @Autowired
    BalanceRepository balances;

    private UUID household;
    private UUID pouch;
    private UUID shelf;

    @BeforeEach
    void twoPlaces() {
        household = mine.householdId();
        pouch = stock.addPlace(household, "Deck pouch", Place.Kind.KIT, Optional.empty(), Optional.empty());
        shelf = stock.addPlace(household, "Shore shelf", Place.Kind.SHELF, Optional.empty(), Optional.empty());
    }

    private UUID receive(int pieces) {
        return ledger.receive(
                        household,
                        List.of(Arrival.of(
                                shelf,
                                "antiseptic-wipe",
                                pieces,
                                Optional.of(PrintedExpiry.parse("2028-03")),
                                LocalDate.of(2026, 1, 1))),
                        CAUSE)
                .getFirst();
    }

    @Test
    void aLongDeliverySaysHowFarItHasCome() {
        Arrival wipes = Arrival.of(shelf, "antiseptic-wipe", 1, Optional.empty(), LocalDate.of(2026, 1, 1));
        List<Integer> said = new ArrayList<>();
        ledger.receive(household, Collections.nCopies(1_200, wipes), CAUSE, said::add);
        assertThat(said).containsExactly(500, 1_000);
        balancesFollowFromMovements();
    }

    private Map<Holding, Integer> written() {
        Map<Holding, Integer> held = new HashMap<>();
        balances.findByHouseholdId(household).forEach(b -> held.put(new Holding(b.lotId, b.placeId), b.pieces));
        return held;
    }

    private void balancesFollowFromMovements() {
        assertThat(written())
                .isEqualTo(Ledger.holdings(movements.findByHouseholdIdOrderByNumber(household).stream()
                        .map(MovementRow::movement)
                        .toList()));
    }

    @Test
    void everythingThatCanBeDoneAndUndone() {
        UUID wipes = receive(12);
        ledger.move(household, wipes, shelf, pouch, 5, CAUSE);
        UUID open = ledger.open(household, wipes, pouch, 1, LocalDate.of(2026, 6, 1), CAUSE);
        ledger.use(household, wipes, pouch, 2, CAUSE);
        ledger.count(household, wipes, pouch, 2, 3, CAUSE);
        ledger.discard(household, wipes, shelf, 7, CAUSE);
        assertThat(written()).isEqualTo(Map.of(new Holding(wipes, pouch), 3, new Holding(open, pouch), 1));
        for (long number = 6; number >= 2; number--) {
            ledger.undo(household, number, CAUSE);
        }
        assertThat(written()).isEqualTo(Map.of(new Holding(wipes, shelf), 12));
        ledger.undo(household, 3, CAUSE);
        assertThat(movements.findByHouseholdIdOrderByNumber(household)).hasSize(11);
        balancesFollowFromMovements();
    }

    @Test
    void whatIsNotThereCannotBeTakenAndNothingIsHalfWritten() {
        UUID wipes = receive(3);
        assertThatThrownBy(() -> ledger.use(household, wipes, shelf, 4, CAUSE)).isInstanceOf(TooFew.class);
        ledger.use(household, wipes, shelf, 3, CAUSE);
        assertThatThrownBy(() -> ledger.undo(household, 1, CAUSE)).isInstanceOf(TooFew.class);
        UUID nowhere = UUID.randomUUID();
        assertThatThrownBy(() -> ledger.receive(
                        household,
                        List.of(
                                Arrival.of(shelf, "antiseptic-wipe", 1, Optional.empty(), LocalDate.of(2026, 1, 1)),
                                Arrival.of(nowhere, "antiseptic-wipe", 1, Optional.empty(), LocalDate.of(2026, 1, 1))),
                        CAUSE))
                .isInstanceOf(NotHere.class);
        assertThat(movements.findByHouseholdIdOrderByNumber(household)).hasSize(2);
        balancesFollowFromMovements();
    }

    @Test
    void anotherHouseholdsStockIsNotThere() {
        UUID wipes = receive(3);
        UUID stranger = others.householdId();
        assertThatThrownBy(() -> ledger.use(stranger, wipes, shelf, 1, CAUSE)).isInstanceOf(NotHere.class);
        assertThatThrownBy(() -> ledger.undo(stranger, 1, CAUSE)).isInstanceOf(NotHere.class);
        assertThatThrownBy(() -> stock.place(stranger, pouch)).isInstanceOf(NotHere.class);
        assertThat(stock.of(stranger).held()).isEmpty();
    }

    @Test
    void twoWhoCountTheSamePouchAreTold() {
        UUID wipes = receive(10);
        ledger.count(household, wipes, shelf, 10, 8, CAUSE);
        assertThatThrownBy(() -> ledger.count(household, wipes, shelf, 10, 7, CAUSE))
                .isInstanceOfSatisfying(
                        CountedElsewhere.class, e -> assertThat(e.there()).isEqualTo(8));
        assertThat(written()).isEqualTo(Map.of(new Holding(wipes, shelf), 8));
    }

    /** Eight hands at once on one lot: nothing goes below zero, no piece is made or lost, every movement has its number. */
    @RepeatedTest(4)
    void manyAtOnceNeitherMakeNorLosePieces() throws Exception {
        UUID wipes = receive(40);
        try (ExecutorService hands = Executors.newFixedThreadPool(8)) {
            List<Callable<Integer>> work = new ArrayList<>();
            for (int hand = 0; hand < 8; hand++) {
                Random random = new Random(hand);
                work.add(() -> {
                    int used = 0;
                    for (int i = 0; i < 12; i++) {
                        try {
                            switch (random.nextInt(3)) {
                                case 0 -> ledger.move(household, wipes, shelf, pouch, 1 + random.nextInt(3), CAUSE);
                                case 1 -> ledger.move(household, wipes, pouch, shelf, 1, CAUSE);
                                default -> {
                                    ledger.use(household, wipes, pouch, 1, CAUSE);
                                    used++;
                                }
                            }
                        } catch (TooFew none) {
                            // Somebody else was quicker: exactly what must be refused.
                        }
                    }
                    return used;
                });
            }
            int used = 0;
            for (Future<Integer> done : hands.invokeAll(work)) {
                used += done.get();
            }
            assertThat(written().values().stream().mapToInt(Integer::intValue).sum())
                    .isEqualTo(40 - used);
        }
        List<MovementRow> all = movements.findByHouseholdIdOrderByNumber(household);
        assertThat(all.stream().mapToLong(m -> m.number))
                .containsExactly(LongStream.rangeClosed(1, all.size()).boxed().toArray(Long[]::new));
        balancesFollowFromMovements();
    }

    /** Two people at the kitchen table, and one at the cupboard: through the service that pages use, which reads before it writes. */
    @Test
    void whoeverEntersWhileOthersEnterAndUseLosesNothing() throws Exception {
        UUID wipes = receive(60);
        ledger.move(household, wipes, shelf, pouch, 60, CAUSE);
        try (ExecutorService hands = Executors.newFixedThreadPool(6)) {
            List<Callable<Integer>> work = new ArrayList<>();
            for (int hand = 0; hand < 6; hand++) {
                boolean enters = hand < 4;
                work.add(() -> {
                    int done = 0;
                    for (int i = 0; i < 12; i++) {
                        if (enters) {
                            Faults faults = new Faults();
                            entering.add(household, gloves(), CAUSE, faults);
                            assertThat(faults.all()).isEmpty();
                        } else {
                            readThenUse(wipes);
                        }
                        done++;
                    }
                    return done;
                });
            }
            for (Future<Integer> done : hands.invokeAll(work)) {
                assertThat(done.get()).isEqualTo(12);
            }
        }
        assertThat(stock.of(household).held().stream()
                        .filter(h -> h.lot().supply().equals("gloves-nitrile"))
                        .mapToInt(Held::pieces)
                        .sum())
                .isEqualTo(48);
        assertThat(stock.of(household).held().stream()
                        .filter(h -> h.lot().id().equals(wipes))
                        .mapToInt(Held::pieces)
                        .sum())
                .isEqualTo(36);
        List<MovementRow> all = movements.findByHouseholdIdOrderByNumber(household);
        assertThat(all.stream().map(r -> r.number))
                .containsExactlyElementsOf(
                        LongStream.rangeClosed(1, all.size()).boxed().toList());
    }

    /** As a page does: looks at the stock and writes in one transaction. */
    private void readThenUse(UUID lot) {
        transaction.executeWithoutResult(status -> {
            assertThat(stock.of(household).held()).isNotEmpty();
            assertThat(balances.findById(new BalanceRow.Key(lot, pouch))).isPresent();
            ledger.use(household, lot, pouch, 1, CAUSE);
        });
    }

    @Test
    void theFirstMovementsOfAHouseholdMayComeTogether() throws Exception {
        try (ExecutorService hands = Executors.newFixedThreadPool(6)) {
            List<Callable<UUID>> work = new ArrayList<>();
            for (int i = 0; i < 6; i++) {
                work.add(() -> receive(2));
            }
            for (Future<UUID> done : hands.invokeAll(work)) {
                done.get();
            }
        }
        assertThat(movements.findByHouseholdIdOrderByNumber(household)).hasSize(6);
        balancesFollowFromMovements();
    }

    private static ArrivalForm gloves() {
        return new ArrivalForm(
                "Shore shelf", "Nitrile gloves, pale", "1", "", "", "", "", "", "", "", "", "", "", "", "");
    }
}
