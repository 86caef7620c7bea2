package hodeon.app.readiness;

import hodeon.app.shell.FieldReader;
import hodeon.app.shell.Wording;
import hodeon.app.stock.StockService;
import hodeon.app.stock.enter.ArrivalForm;
import hodeon.app.stock.enter.Entering;
import hodeon.app.stock.ledger.Arrival;
import hodeon.app.stock.ledger.Cause;
import hodeon.app.stock.ledger.StockLedger;
import hodeon.core.catalogue.Supply;
import hodeon.core.evidence.PlanningAssumption;
import hodeon.core.notice.Faults;
import hodeon.core.readiness.Offer;
import hodeon.core.readiness.Packs;
import hodeon.core.readiness.Restock;
import hodeon.core.readiness.UseRates;
import hodeon.core.stock.Held;
import hodeon.core.stock.PrintedExpiry;
import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
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
    private final HomeAllocation allocation;
    private final PriceList prices;
    private final TickRepository ticks;
    private final YearlyUse rates;
    private final Clock clock;

    RestockService(
            StockService stock,
            StockLedger ledger,
            Entering entering,
            HomeAllocation allocation,
            PriceList prices,
            TickRepository ticks,
            YearlyUse rates,
            Clock clock) {
        this.stock = stock;
        this.ledger = ledger;
        this.entering = entering;
        this.allocation = allocation;
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
    record Purchase(
            String supply, int need, double further, Packs packs, boolean own, int monthsGood, boolean ticked) {}

    /** Everything the page shows. */
    record Answer(HomeAllocation.Allocated all, List<Purchase> purchases) {

        Restock restock() {
            return all.restock();
        }
    }

    @Transactional(readOnly = true)
    Answer answer(UUID household) {
        HomeAllocation.Allocated all = allocation.of(household);
        return new Answer(all, purchases(household, all, rates.of(household, all.going())));
    }

    private List<Purchase> purchases(UUID household, HomeAllocation.Allocated all, UseRates rates) {
        Map<String, List<Offer>> own = prices.own(household);
        Set<String> ticked =
                ticks.findByHouseholdId(household).stream().map(t -> t.supplyId).collect(Collectors.toSet());
        List<Purchase> purchases = new ArrayList<>();
        all.restock().toBuy().forEach((id, need) -> {
            Supply supply = all.stock().supplies().get(id);
            if (supply != null) {
                int months = supply.keeping().shelfLifeMonths().orElse(PlanningAssumption.UNKNOWN_SHELF_LIFE.whole());
                double further = rates.further(id, need, months);
                List<Offer> offers = own.getOrDefault(id, List.of(PriceList.usual(supply)));
                purchases.add(new Purchase(
                        id,
                        need,
                        further,
                        Packs.cheapest(Math.min(need, Packs.MOST_NEEDED), offers, further),
                        own.containsKey(id),
                        months,
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
        int moved = 0;
        for (Restock.Fill fill : allocation.of(household).restock().fillsOf(kit, supply)) {
            int some = Math.min(fill.pieces(), pieces - moved);
            if (some > 0 && fill.from().outlasts(until, 0)) {
                move(household, fill.from(), kit, some, who);
                moved += some;
            }
        }
        return moved;
    }

    private void move(UUID household, Held from, UUID kit, int pieces, String who) {
        ledger.move(household, from.lot().id(), from.place(), kit, pieces, Cause.of(who, "refilled"));
    }

    /** Makes every fill of a kit and of what lies in it; answers how many pieces moved. */
    int fillKit(UUID household, UUID kit, String who) {
        HomeAllocation.Allocated allocated = allocation.of(household);
        Set<UUID> within = Set.copyOf(allocated.stock().nesting().within(kit));
        List<Restock.Fill> fills = allocated.restock().fills().stream()
                .filter(f -> within.contains(f.to()))
                .toList();
        fills.forEach(f -> move(household, f.from(), f.to(), f.pieces(), who));
        return fills.stream().mapToInt(Restock.Fill::pieces).sum();
    }

    /** Makes every fill that the page suggests; answers how many pieces moved. */
    int fillAll(UUID household, String who) {
        int moved = 0;
        for (Restock.Fill fill : answer(household).restock().fills()) {
            move(household, fill.from(), fill.to(), fill.pieces(), who);
            moved += fill.pieces();
        }
        return moved;
    }

    /** Throws out of kits what does not last, or answers how many lots there would be. */
    int discardOld(UUID household, String who) {
        List<Held> old = answer(household).restock().old().stream()
                .filter(h -> h.lastDay().isBefore(LocalDate.now(clock)))
                .toList();
        old.forEach(h -> ledger.discard(
                household,
                h.lot().id(),
                h.place(),
                h.pieces(),
                Cause.of(who, Wording.says("restockService.pastItsDate"))));
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
    Optional<Integer> putAway(UUID household, ArrivalForm form, String who, Faults faults) {
        Optional<Arrival> arrival = entering.add(household, form, Cause.of(who, "bought"), faults);
        arrival.ifPresent(a -> ticks.deleteById(new TickRow.Key(household, a.supply())));
        return arrival.map(Arrival::pieces);
    }

    /**
     * Puts everything in the basket away in one place, with one date or none; the whole of it, or nothing and what is wrong in
     * {@code faults}. Answers how many kinds.
     */
    int putBasketAway(UUID household, UUID shelf, String until, String who, Faults faults) {
        Optional<PrintedExpiry> good =
                new FieldReader(faults).printed("until", until, Wording.says("restockService.thePrintedDate"));
        Answer answer = answer(household);
        List<Purchase> basket =
                answer.purchases().stream().filter(Purchase::ticked).toList();
        if (basket.isEmpty()) {
            faults.add(
                    "basket",
                    "",
                    Wording.says("restockService.somethingIsTickedAsBoughtBeforeIt"),
                    Wording.says("restockService.tickItInTheList"));
        }
        if (!answer.all().stock().places().containsKey(shelf)) {
            faults.add(
                    "shelf",
                    shelf.toString(),
                    Wording.says("restockService.thePlaceIsOneOfYours"),
                    Wording.says("restockService.chooseAnother"));
        }
        if (!faults.none()) {
            return 0;
        }
        LocalDate today = LocalDate.now(clock);
        entering.add(
                household,
                basket.stream()
                        .map(p -> Arrival.of(shelf, p.supply(), p.packs().pieces(), good, today))
                        .toList(),
                Cause.of(who, "bought"));
        basket.forEach(p -> ticks.deleteById(new TickRow.Key(household, p.supply())));
        return basket.size();
    }
}
