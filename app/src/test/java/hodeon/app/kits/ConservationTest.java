package hodeon.app.kits;

import static org.assertj.core.api.Assertions.assertThat;

import hodeon.app.StockTest;
import hodeon.app.kits.list.ListService;
import hodeon.app.readiness.RestockService;
import hodeon.app.stock.ledger.Cause;
import hodeon.app.stock.ledger.StockHistory;
import hodeon.app.stock.place.KitKeeping;
import hodeon.app.stock.place.Place;
import hodeon.core.stock.Held;
import hodeon.core.stock.Ledger.TooFew;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;

/** Whatever is lifted, filled, taken and undone in whatever order: no piece is lost or made, and each lies in one place. */
class ConservationTest extends StockTest {

    private static final Cause CAUSE = Cause.of("sef", "");
    private static final List<String> SUPPLIES = List.of("plaster-fabric", "antiseptic-wipe", "gauze-small");

    @Autowired
    KitKeeping keeping;

    @Autowired
    RestockService restock;

    @Autowired
    StockHistory history;

    @Autowired
    ListService lists;

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3})
    void noPieceIsLostOrMade(long seed) {
        Random random = new Random(seed);
        UUID household = mine.householdId();
        UUID list = lists.save(household, "Box list", Map.of("plaster-fabric", 10, "antiseptic-wipe", 6));
        UUID shelf = stock.addPlace(household, "Shelf", Place.Kind.SHELF, Optional.empty(), Optional.empty());
        UUID box = stock.addPlace(household, "Box", Place.Kind.KIT, Optional.empty(), Optional.of(list));
        UUID bag = stock.addPlace(household, "Bag", Place.Kind.KIT, Optional.empty(), Optional.of(list));
        UUID tray = stock.addPlace(household, "Tray", Place.Kind.MODULE, Optional.of(box), Optional.empty());
        List<UUID> places = List.of(shelf, box, bag, tray);
        int expected = 0;
        for (String supply : SUPPLIES) {
            put(shelf, supply, 30, "2029-01");
            put(tray, supply, 5, "2028-01");
            expected += 35;
        }
        List<String> done = new ArrayList<>();
        for (int step = 0; step < 40; step++) {
            int act = random.nextInt(5);
            done.add(String.valueOf(act));
            switch (act) {
                case 0 -> keeping.put(household, tray, Optional.of(random.nextBoolean() ? box : bag), "sef");
                case 1 -> keeping.put(household, tray, Optional.empty(), "sef");
                case 2 ->
                    restock.fill(
                            household,
                            random.nextBoolean() ? box : bag,
                            SUPPLIES.get(random.nextInt(2)),
                            1 + random.nextInt(5),
                            LocalDate.of(2027, 1, 1),
                            "sef");
                case 3 -> {
                    List<Held> held = stock.of(household).held();
                    if (!held.isEmpty()) {
                        Held some = held.get(random.nextInt(held.size()));
                        int pieces = 1 + random.nextInt(some.pieces());
                        ledger.use(household, some.lot().id(), some.place(), pieces, CAUSE);
                        expected -= pieces;
                    }
                }
                default -> {
                    List<StockHistory.Line> last = history.latest(household, 8).stream()
                            .filter(l -> l.canUndo() && !l.undone())
                            .toList();
                    if (!last.isEmpty()) {
                        StockHistory.Line line = last.get(random.nextInt(last.size()));
                        try {
                            ledger.undo(household, line.number(), CAUSE);
                            expected += switch (line.kind()) {
                                case USED -> line.pieces();
                                case RECEIVED -> -line.pieces();
                                default -> 0;
                            };
                        } catch (TooFew gone) {
                            done.add("refused");
                        }
                    }
                }
            }
            List<Held> held = stock.of(household).held();
            assertThat(held.stream().mapToInt(Held::pieces).sum())
                    .as("seed %d after %s", seed, done)
                    .isEqualTo(expected);
            assertThat(held).as("seed %d", seed).allSatisfy(h -> {
                assertThat(h.pieces()).isPositive();
                assertThat(places).contains(h.place());
            });
            history.verified(household);
        }
    }
}
