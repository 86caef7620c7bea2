package hodeon.app.readiness;

import hodeon.app.kits.Kit;
import hodeon.app.kits.KitService;
import hodeon.app.readiness.PackedTrips.Packed;
import hodeon.app.stock.StockService;
import hodeon.app.stock.enter.Entering;
import hodeon.app.stock.ledger.Arrival;
import hodeon.app.stock.ledger.Cause;
import hodeon.app.stock.ledger.Stock;
import hodeon.app.stock.ledger.StockLedger;
import hodeon.app.stock.place.Place;
import hodeon.core.catalogue.Supply;
import hodeon.core.notice.Faults;
import hodeon.core.readiness.Offer;
import hodeon.core.readiness.Packs;
import hodeon.core.readiness.Restock;
import hodeon.core.stock.FirstExpired;
import hodeon.core.stock.Held;
import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What all kits lack, filled from home and then bought. */
@Service
@Transactional
public class RestockService {

    private final StockService stock;
    private final StockLedger ledger;
    private final Entering entering;
    private final KitService kits;
    private final PackedTrips packed;
    private final PriceList prices;
    private final TickRepository ticks;
    private final UseRates rates;
    private final Clock clock;

    RestockService(
            StockService stock,
            StockLedger ledger,
            Entering entering,
            KitService kits,
            PackedTrips packed,
            PriceList prices,
            TickRepository ticks,
            UseRates rates,
            Clock clock) {
        this.stock = stock;
        this.ledger = ledger;
        this.entering = entering;
        this.kits = kits;
        this.packed = packed;
        this.prices = prices;
        this.ticks = ticks;
        this.rates = rates;
        this.clock = clock;
    }

    /**
     * A purchase.
     *
     * @param further pieces that will be used after the need is met and before they expire
     */
    record Purchase(String supply, int need, double further, Packs packs, boolean own, long daysGood, boolean ticked) {}

    /** Everything the page shows. */
    record Answer(
            Stock stock, Restock restock, List<Purchase> purchases, Map<UUID, LocalDate> until, List<Packed> going) {}

    @Transactional(readOnly = true)
    Answer answer(UUID household) {
        Stock all = stock.of(household);
        List<Packed> going = packed.of(household, all);
        Map<UUID, LocalDate> until = new HashMap<>();
        List<Restock.Kit> wanted = new ArrayList<>();
        Map<UUID, Kit> saved = kits.all(household).stream().collect(Collectors.toMap(Kit::id, k -> k));
        for (Place place : all.kits()) {
            Optional<Kit> plan = place.kitId().map(saved::get);
            if (plan.isPresent()) {
                LocalDate day = until(place, going, all);
                until.put(place.id(), day);
                wanted.add(new Restock.Kit(place.id(), plan.get().pieces(), all.inKit(place.id()), day));
            }
        }
        Restock restock = Restock.of(wanted, all.atHome());
        return new Answer(all, restock, purchases(household, all, restock, rates.of(household, going)), until, going);
    }

    /** A kit that goes along must last beyond the return by the margin, others beyond today. */
    private LocalDate until(Place kit, List<Packed> going, Stock all) {
        return going.stream()
                .filter(g -> g.place().id().equals(kit.id()))
                .map(g -> g.trip().trip().end())
                .max(Comparator.naturalOrder())
                .orElse(LocalDate.now(clock))
                .plusDays(all.rules().marginDays());
    }

    private List<Purchase> purchases(UUID household, Stock all, Restock restock, UseRates.Rates rates) {
        Map<String, List<Offer>> own = prices.own(household);
        Set<String> ticked =
                ticks.findByHouseholdId(household).stream().map(t -> t.supplyId).collect(Collectors.toSet());
        List<Purchase> purchases = new ArrayList<>();
        restock.toBuy().forEach((id, need) -> {
            Supply supply = all.supplies().get(id);
            if (supply != null) {
                long days = Math.round(supply.keeping().shelfLifeMonths().orElse(60) * 30.44);
                double further = Math.max(0, rates.of(id) * days / 365.25 - need);
                List<Offer> offers = own.getOrDefault(id, List.of(PriceList.usual(supply)));
                purchases.add(new Purchase(
                        id,
                        need,
                        further,
                        Packs.cheapest(Math.min(need, Packs.MOST_NEEDED), offers, further),
                        own.containsKey(id),
                        days,
                        ticked.contains(id)));
            }
        });
        return purchases;
    }

    /**
     * Moves pieces of a supply from home to a kit, what is just good enough first; answers how many.
     *
     * @param until the day they must outlast
     */
    public int fill(UUID household, UUID kit, String supply, int pieces, LocalDate until, String who) {
        Stock all = stock.of(household);
        List<Held> home = all.atHome().stream()
                .filter(h -> h.lot().supply().equals(supply))
                .toList();
        int moved = 0;
        for (FirstExpired.Taken taken : FirstExpired.takeAdequate(home, pieces, until, 0)) {
            ledger.move(
                    household,
                    taken.held().lot().id(),
                    taken.held().place(),
                    kit,
                    taken.pieces(),
                    Cause.of(who, "restocked from home"));
            moved += taken.pieces();
        }
        return moved;
    }

    /** Makes every fill that the page suggests; answers how many pieces moved. */
    int fillAll(UUID household, String who) {
        int moved = 0;
        for (Restock.Fill fill : answer(household).restock().fills()) {
            ledger.move(
                    household,
                    fill.from().lot().id(),
                    fill.from().place(),
                    fill.to(),
                    fill.pieces(),
                    Cause.of(who, "restocked from home"));
            moved += fill.pieces();
        }
        return moved;
    }

    /** Throws out of kits what does not last, or answers how many lots there would be. */
    int discardOld(UUID household, String who) {
        List<Held> old = answer(household).restock().old().stream()
                .filter(h -> h.lastDay().isBefore(LocalDate.now(clock)))
                .toList();
        old.forEach(
                h -> ledger.discard(household, h.lot().id(), h.place(), h.pieces(), Cause.of(who, "past its date")));
        return old.size();
    }

    void tick(UUID household, String supply, boolean inBasket) {
        if (inBasket) {
            ticks.save(new TickRow(household, supply, LocalDateTime.now(clock)));
        } else {
            ticks.deleteById(new TickRow.Key(household, supply));
        }
    }

    /** Answers how many pieces; empty with everything that is wrong in {@code faults}. */
    Optional<Integer> putAway(UUID household, Map<String, String> form, String who, Faults faults) {
        Optional<Arrival> arrival = entering.add(household, form, Cause.of(who, "bought"), faults);
        arrival.ifPresent(a -> ticks.deleteById(new TickRow.Key(household, a.supply())));
        return arrival.map(Arrival::pieces);
    }
}
