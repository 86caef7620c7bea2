package hodeon.app.readiness;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hodeon.app.StockTest;
import hodeon.app.kits.list.ListService;
import hodeon.app.stock.ledger.Cause;
import hodeon.app.stock.ledger.StockHistory;
import hodeon.app.stock.place.Place;
import hodeon.core.readiness.UseRates;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

class YearlyUseTest extends StockTest {

    private static final Cause CAUSE = Cause.of("sef", "");

    @Autowired
    YearlyUse rates;

    @Autowired
    PackedTrips packed;

    @Autowired
    StockHistory history;

    @Autowired
    ListService lists;

    private UUID pouch;
    private UUID car;
    private UUID wipes;

    @BeforeEach
    void twoKits() {
        pouch = stock.addPlace(mine.householdId(), "Deck pouch", Place.Kind.KIT, Optional.empty(), Optional.empty());
        car = stock.addPlace(mine.householdId(), "Car box", Place.Kind.KIT, Optional.empty(), Optional.empty());
        wipes = put(pouch, "antiseptic-wipe", 40, "2030-01");
    }

    private UseRates known() {
        return rates.of(mine.householdId(), List.of());
    }

    @Test
    void whatWasUsedCountsWhereItWasUsedAndWhatWasUndoneDoesNot() {
        ledger.use(mine.householdId(), wipes, pouch, 3, CAUSE);
        ledger.move(mine.householdId(), wipes, pouch, car, 10, CAUSE);
        ledger.use(mine.householdId(), wipes, car, 2, CAUSE);
        ledger.use(mine.householdId(), wipes, pouch, 5, CAUSE);
        ledger.undo(mine.householdId(), 5, CAUSE);
        ledger.discard(mine.householdId(), wipes, pouch, 4, CAUSE);
        assertThat(known().at("antiseptic-wipe", pouch)).isCloseTo(3, within(1e-9));
        assertThat(known().at("antiseptic-wipe", car)).isCloseTo(2, within(1e-9));
        assertThat(known().of("antiseptic-wipe")).isCloseTo(5, within(1e-9));
        assertThat(known().of("paracetamol")).isZero();
        assertThat(rates.of(others.householdId(), List.of()).of("antiseptic-wipe"))
                .isZero();
    }

    @Test
    void aComingTripIsExpectedToUseSomeOfItsKit() throws Exception {
        String trip = trip(mine, "Skerry ring");
        UUID id = UUID.fromString(trip.replace("/trips/", ""));
        UUID kit = lists.save(mine.householdId(), id, "Deck pouch", Map.of("antiseptic-wipe", 10, "shears", 1));
        stock.plan(mine.householdId(), pouch, Optional.of(kit));
        UseRates rates = this.rates.of(mine.householdId(), packed.of(mine.householdId(), stock.of(mine.householdId())));
        assertThat(rates.at("antiseptic-wipe", pouch)).isBetween(0.1, 10.0);
        assertThat(rates.of("shears")).isZero();
    }

    @Test
    void spendingIsWhatWasPaidAndNotTakenBack() throws Exception {
        send(
                mine,
                "/stock/enter",
                "place",
                "Deck pouch",
                "supply",
                "paracetamol",
                "pieces",
                "10",
                "price",
                "0.25",
                "received",
                "2026-03-01");
        send(
                mine,
                "/stock/enter",
                "place",
                "Deck pouch",
                "supply",
                "paracetamol",
                "pieces",
                "4",
                "price",
                "0.50",
                "received",
                "2025-03-01");
        assertThat(history.spending(mine.householdId()))
                .containsExactly(new StockHistory.Spent(2026, 250), new StockHistory.Spent(2025, 200));
        ledger.undo(mine.householdId(), 3, CAUSE);
        assertThat(history.spending(mine.householdId())).containsExactly(new StockHistory.Spent(2026, 250));
    }
}
