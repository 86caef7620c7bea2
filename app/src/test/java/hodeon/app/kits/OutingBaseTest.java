package hodeon.app.kits;

import static hodeon.app.PageText.says;
import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import hodeon.app.WebTest;
import hodeon.app.brief.TripService;
import hodeon.app.kits.list.ListService;
import hodeon.app.kits.list.StoredList;
import hodeon.app.stock.StockService;
import hodeon.app.stock.ledger.Arrival;
import hodeon.app.stock.ledger.Cause;
import hodeon.app.stock.ledger.Stock;
import hodeon.app.stock.ledger.StockLedger;
import hodeon.app.stock.place.Place;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** An outing takes a standing kit along as it is, with a module of what lacks, and brings that home again. */
class OutingBaseTest extends WebTest {

    @Autowired
    StockService stock;

    @Autowired
    StockLedger ledger;

    @Autowired
    ListService lists;

    @Autowired
    TripService trips;

    private Stock all() {
        return stock.of(mine.householdId());
    }

    private void put(UUID where, String supply, int pieces) {
        ledger.receive(
                mine.householdId(),
                List.of(Arrival.of(where, supply, pieces, Optional.empty(), LocalDate.of(2026, 1, 1))),
                Cause.of("test", ""));
    }

    private int pieces(UUID place) {
        return all().inKit(place).stream().mapToInt(h -> h.pieces()).sum();
    }

    @Test
    void theBaseCountsAsThereWhatLacksComesInAModuleAndGoesHomeAgain() throws Exception {
        UUID trip = UUID.fromString(trip(mine, "Skerry ring").replace("/trips/", ""));
        UUID ownList = lists.save(mine.householdId(), "Car list", Map.of("plaster-fabric", 12, "shears", 1));
        UUID car =
                stock.addPlace(mine.householdId(), "Car kit", Place.Kind.KIT, Optional.empty(), Optional.of(ownList));
        UUID shelf =
                stock.addPlace(mine.householdId(), "Hall shelf", Place.Kind.SHELF, Optional.empty(), Optional.empty());
        put(car, "plaster-fabric", 12);
        put(car, "shears", 1);
        put(car, "insulin-pen", 2);
        send(mine, "/trips/" + trip + "/base", "kit", car.toString()).andExpect(status().is3xxRedirection());
        StoredList list = lists.ofTrip(mine.householdId(), trip).orElseThrow();
        // What lies in it is planned, and it keeps its own list.
        assertThat(list.pieces().get("plaster-fabric")).isGreaterThanOrEqualTo(12);
        // What is nobody's of this party is in the kit, and not planned for it.
        assertThat(list.pieces()).containsKey("shears").doesNotContainKey("insulin-pen");
        assertThat(stock.place(mine.householdId(), car).kitId()).contains(ownList);
        open(mine, "/trips/" + trip + "/ready")
                .andExpect(
                        says("Car kit goes along", "that this outing wants are not in Car kit", "Make a module of it"));

        send(mine, "/trips/" + trip + "/base/module").andExpect(status().is3xxRedirection());
        UUID module = all().modules(car).getFirst().id();
        StoredList lacks = lists.find(
                mine.householdId(),
                stock.place(mine.householdId(), module).kitId().orElseThrow());
        list.pieces().forEach((supply, n) -> {
            int there = supply.equals("plaster-fabric") ? 12 : supply.equals("shears") ? 1 : 0;
            assertThat(lacks.pieces().getOrDefault(supply, 0) + there)
                    .as(supply)
                    .isGreaterThanOrEqualTo(0);
            assertThat(lacks.pieces().getOrDefault(supply, 0)).as(supply).isLessThanOrEqualTo(n);
        });
        assertThat(lacks.pieces()).doesNotContainKey("shears").isNotEmpty();

        // Filled from home, a little is used, and the rest comes home.
        String some = lacks.pieces().keySet().iterator().next();
        put(shelf, some, lacks.pieces().get(some));
        int before = pieces(shelf);
        send(
                        mine,
                        "/restock/fill",
                        "kit",
                        module.toString(),
                        "supply",
                        some,
                        "pieces",
                        String.valueOf(before),
                        "until",
                        LocalDate.of(2027, 1, 1).toString())
                .andExpect(status().is3xxRedirection());
        assertThat(pieces(module)).isEqualTo(before);
        send(mine, "/trips/" + trip + "/base/home", "shelf", shelf.toString()).andExpect(status().is3xxRedirection());
        assertThat(pieces(shelf)).isEqualTo(before);
        assertThat(pieces(car)).isEqualTo(15);
        assertThat(all().modules(car)).isEmpty();
        assertThat(lists.ofTrip(mine.householdId(), trip).orElseThrow().base()).isEmpty();
    }

    @Test
    void aModuleIsAnOutingsWholeKit() throws Exception {
        UUID trip = UUID.fromString(trip(mine, "Short walk").replace("/trips/", ""));
        UUID box = stock.addPlace(mine.householdId(), "Box", Place.Kind.KIT, Optional.empty(), Optional.empty());
        UUID cuts = stock.addPlace(mine.householdId(), "Cuts", Place.Kind.MODULE, Optional.of(box), Optional.empty());
        lists.save(mine.householdId(), trip, "Walk list", Map.of("plaster-fabric", 4));
        put(cuts, "plaster-fabric", 4);
        open(mine, "/trips/" + trip + "/ready").andExpect(says("Cuts"));
        send(mine, "/trips/" + trip + "/ready/lies", "place", cuts.toString()).andExpect(status().is3xxRedirection());
        open(mine, "/trips/" + trip + "/ready").andExpect(says("“Walk list” lies in Cuts", "○ enough"));
    }
}
