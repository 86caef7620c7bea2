package hodeon.app.sample;

import hodeon.app.brief.TripService;
import hodeon.app.kits.list.ListService;
import hodeon.app.shell.NotHere;
import hodeon.app.stock.StockService;
import hodeon.app.stock.ledger.Arrival;
import hodeon.app.stock.ledger.Cause;
import hodeon.app.stock.ledger.StockLedger;
import hodeon.app.stock.place.KitKeeping;
import hodeon.app.stock.place.Place;
import hodeon.core.readiness.KitList;
import hodeon.core.stock.Held;
import hodeon.core.stock.PrintedExpiry;
import java.time.Clock;
import java.time.LocalDate;
import java.time.YearMonth;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** An outing and a kit to look at among one's own things, taken away in one touch. All made up. */
@Service
@Transactional
public class Example {

    static final String OUTING = "Example: a day along the coast";
    static final String TIN = "Example tin";
    private static final String MARK = "EXAMPLE";
    private static final Cause CAUSE = Cause.of("example", "so that there is something to look at");

    private final ExampleRepository rows;
    private final TripService trips;
    private final ListService lists;
    private final StockService stock;
    private final KitKeeping keeping;
    private final StockLedger ledger;
    private final Clock clock;

    Example(
            ExampleRepository rows,
            TripService trips,
            ListService lists,
            StockService stock,
            KitKeeping keeping,
            StockLedger ledger,
            Clock clock) {
        this.rows = rows;
        this.trips = trips;
        this.lists = lists;
        this.stock = stock;
        this.keeping = keeping;
        this.ledger = ledger;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    public boolean isThere(UUID household) {
        return rows.existsById(household);
    }

    /** Lays it out, once. The tin lacks some of its list, and something in it is good for a month only: that is what there is to see. */
    void layOut(UUID household) {
        if (isThere(household)) {
            return;
        }
        LocalDate today = LocalDate.now(clock);
        ExampleRow row = new ExampleRow();
        row.householdId = household;
        row.tripId = trips.add(household, SampleTrips.example(OUTING, today));
        row.listId = lists.save(household, TIN + " list", Map.of());
        lists.write(
                household,
                row.listId,
                lists.find(household, row.listId).version(),
                new KitList(List.of(
                        new KitList.Line("plaster-fabric", 12, 4, "", "grazes and cuts"),
                        new KitList.Line("gauze-small", 4, 2, "", ""),
                        new KitList.Line("gloves-nitrile", 2, 1, "", ""),
                        new KitList.Line("hydrocolloid-pad", 4, 0, "", "blisters"),
                        new KitList.Line("fine-tweezers", 1, 1, "", "ticks and splinters"),
                        new KitList.Line("paracetamol", 8, 4, "", ""))),
                "example",
                "first written");
        row.kitId = stock.addPlace(household, TIN, Place.Kind.KIT, Optional.empty(), Optional.of(row.listId));
        keeping.describe(
                household, row.kitId, TIN, new Place.Facts("hall, top drawer", "everybody", "", Optional.empty()));
        YearMonth month = YearMonth.from(today);
        ledger.receive(
                household,
                List.of(
                        lies(row.kitId, "plaster-fabric", 7, Optional.of(month.plusYears(3)), today),
                        lies(row.kitId, "gauze-small", 4, Optional.of(month.plusYears(4)), today),
                        lies(row.kitId, "gloves-nitrile", 2, Optional.of(month.plusYears(4)), today),
                        lies(row.kitId, "fine-tweezers", 1, Optional.empty(), today),
                        lies(row.kitId, "paracetamol", 8, Optional.of(month.plusMonths(1)), today)),
                CAUSE);
        rows.save(row);
    }

    /** Its lots bear a mark, so that nothing of one's own is ever taken for the example's. */
    private static Arrival lies(UUID kit, String supply, int pieces, Optional<YearMonth> until, LocalDate today) {
        return new Arrival(
                kit,
                supply,
                pieces,
                "",
                "",
                MARK,
                "",
                until.map(PrintedExpiry::of),
                today,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                OptionalInt.empty(),
                "");
    }

    /** What somebody put into the tin of their own lies on a shelf from now on. */
    private void leaveWhatIsTheirs(UUID household, UUID kit) {
        List<Held> theirs = stock.at(household, kit).inKit(kit).stream()
                .filter(h -> !h.lot().code().equals(MARK))
                .toList();
        if (theirs.isEmpty()) {
            return;
        }
        UUID shelf = stock.addPlace(
                household, "Out of the example tin", Place.Kind.SHELF, Optional.empty(), Optional.empty());
        theirs.forEach(h -> ledger.move(household, h.lot().id(), h.place(), shelf, h.pieces(), CAUSE));
    }

    /**
     * To the bin with all of it; what somebody put into the tin or took out of it stays theirs. Each goes by itself, since one that is gone already must
     * not keep the others.
     */
    @Transactional(propagation = Propagation.NOT_SUPPORTED)
    void takeAway(UUID household) {
        rows.findById(household).ifPresent(row -> {
            gone(() -> leaveWhatIsTheirs(household, row.kitId));
            gone(() -> trips.delete(household, row.tripId));
            gone(() -> keeping.delete(household, row.kitId));
            gone(() -> lists.delete(household, row.listId));
            rows.delete(row);
        });
    }

    /** What somebody deleted by hand before is gone already. */
    private static void gone(Runnable delete) {
        try {
            delete.run();
        } catch (NotHere before) {
            // Nothing is left to delete.
        }
    }
}
