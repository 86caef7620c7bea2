package hodeon.app.contents;

import hodeon.app.catalogue.OwnCatalogue;
import hodeon.app.kits.list.ListService;
import hodeon.app.shell.FieldReader;
import hodeon.app.shell.RepeatedFields;
import hodeon.app.stock.StockService;
import hodeon.app.stock.enter.OpenLines;
import hodeon.app.stock.ledger.Arrival;
import hodeon.app.stock.ledger.Cause;
import hodeon.app.stock.ledger.Stock;
import hodeon.app.stock.ledger.StockLedger;
import hodeon.app.stock.place.Place;
import hodeon.core.catalogue.Catalogue;
import hodeon.core.notice.Faults;
import hodeon.core.stock.FirstExpired;
import hodeon.core.stock.Held;
import hodeon.core.stock.PrintedExpiry;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** A kit as it was bought becomes lots and a list; what of it is too much becomes a second kit, with pieces and list of its own. */
@Service
@Transactional
class BoughtKit {

    private final StockService stock;
    private final StockLedger ledger;
    private final ListService lists;
    private final OwnCatalogue catalogues;
    private final OpenLines open;
    private final Clock clock;

    BoughtKit(
            StockService stock,
            StockLedger ledger,
            ListService lists,
            OwnCatalogue catalogues,
            OpenLines open,
            Clock clock) {
        this.stock = stock;
        this.ledger = ledger;
        this.lists = lists;
        this.catalogues = catalogues;
        this.open = open;
        this.clock = clock;
    }

    /** @param aside lines that no supply was found for */
    record Entered(int kinds, List<String> aside) {}

    /**
     * Everything that was confirmed comes into the kit, and is its list if it has none; with any fault nothing does.
     *
     * @param until good until then, for every line that says nothing else; empty if nobody knows
     */
    Entered enter(
            UUID household,
            UUID kit,
            ConfirmedLines confirmed,
            String until,
            List<String> untils,
            String who,
            Faults faults) {
        Place place = stock.place(household, kit);
        Catalogue catalogue = catalogues.of(household).catalogue();
        FieldReader read = new FieldReader(faults);
        Optional<PrintedExpiry> all = read.printed("until", until, "the printed date");
        List<String> aside = new ArrayList<>();
        Map<String, Integer> counted = new LinkedHashMap<>();
        List<Arrival> arrivals = new ArrayList<>();
        List<ConfirmedLines.Row> rows = confirmed.rows(catalogue);
        for (int i = 0; i < rows.size(); i++) {
            Optional<PrintedExpiry> own = read.printed("lineUntil", RepeatedFields.at(untils, i), "the printed date");
            ConfirmedLines.one(rows.get(i), catalogue, aside).ifPresent(line -> {
                counted.merge(line.getKey(), line.getValue(), Integer::sum);
                arrivals.add(Arrival.of(kit, line.getKey(), line.getValue(), own.or(() -> all), LocalDate.now(clock)));
            });
        }
        if (arrivals.isEmpty() && faults.none()) {
            faults.add(
                    "lines", "nothing", "a kit that was bought holds at least one thing", "Choose what its lines are");
        }
        if (!faults.none()) {
            return new Entered(0, aside);
        }
        ledger.receive(household, arrivals, Cause.of(who, "bought as it is"));
        open.keep(household, aside);
        if (place.kitId().isEmpty()) {
            stock.plan(household, kit, Optional.of(lists.save(household, place.name() + " list", counted)));
        }
        return new Entered(counted.size(), aside);
    }

    /**
     * Makes a second kit of what is too much in the first: what expires first goes there, and its list is what lies in it.
     *
     * @param surplus pieces by supply id; what does not lie there is left out
     */
    UUID split(UUID household, UUID kit, String name, Map<String, Integer> surplus, String who) {
        Stock here = stock.at(household, kit);
        UUID second = stock.addPlace(household, name, Place.Kind.KIT, Optional.empty(), Optional.empty());
        Map<String, Integer> moved = new LinkedHashMap<>();
        surplus.forEach((supply, pieces) -> {
            List<Held> there = here.inKit(kit).stream()
                    .filter(h -> h.lot().supply().equals(supply))
                    .toList();
            for (FirstExpired.Taken taken : FirstExpired.take(there, pieces)) {
                ledger.move(
                        household,
                        taken.held().lot().id(),
                        taken.held().place(),
                        second,
                        taken.pieces(),
                        Cause.of(who, "too much in " + here.placeName(kit)));
                moved.merge(supply, taken.pieces(), Integer::sum);
            }
        });
        stock.plan(household, second, Optional.of(lists.save(household, name + " list", moved)));
        return second;
    }
}
