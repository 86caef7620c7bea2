package hodeon.app.kits.base;

import hodeon.app.brief.form.StoredTrip;
import hodeon.app.kits.list.ListService;
import hodeon.app.kits.list.StoredList;
import hodeon.app.mat.Mat;
import hodeon.app.mat.MatService;
import hodeon.app.plan.KitCalculator;
import hodeon.app.shell.NotHere;
import hodeon.app.shell.Wording;
import hodeon.app.stock.StockService;
import hodeon.app.stock.ledger.Cause;
import hodeon.app.stock.ledger.Stock;
import hodeon.app.stock.ledger.StockLedger;
import hodeon.app.stock.place.KitKeeping;
import hodeon.app.stock.place.Place;
import hodeon.core.plan.Holds;
import hodeon.core.readiness.AgainstList;
import hodeon.core.readiness.Substitution;
import hodeon.core.stock.Held;
import java.time.LocalDate;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * A kit that stands somewhere goes along on an outing: what lies in it is already there, what lacks comes in a module that is taken out
 * again afterwards. The kit keeps its own list throughout.
 */
@Service
@Transactional
public class OutingBase {

    private final ListService lists;
    private final MatService mats;
    private final StockService stock;
    private final StockLedger ledger;
    private final KitKeeping keeping;
    private final KitCalculator calculator;

    OutingBase(
            ListService lists,
            MatService mats,
            StockService stock,
            StockLedger ledger,
            KitKeeping keeping,
            KitCalculator calculator) {
        this.calculator = calculator;
        this.lists = lists;
        this.mats = mats;
        this.stock = stock;
        this.ledger = ledger;
        this.keeping = keeping;
    }

    /** Plans an outing with what lies in a kit as already there, and writes its list. */
    public void take(UUID household, StoredTrip trip, UUID kit) {
        Stock all = stock.of(household);
        Place base = stock.place(household, kit);
        LocalDate until = trip.trip().end().plusDays(all.rules().marginDays());
        Map<String, Integer> there = new TreeMap<>();
        all.inKit(kit).stream()
                .filter(h -> h.good().isEmpty() || !h.good().get().day().isBefore(until))
                .forEach(h -> there.merge(h.lot().supply(), h.pieces(), Integer::sum));
        Mat before = mats.mat(household, trip.id());
        Set<String> excluded = calculator.exclusions(before.of(), Holds.NONE).keySet();
        Set<String> mayCome = before.known().catalogue().supplies().stream()
                .map(s -> s.id())
                .filter(id -> !excluded.contains(id))
                .collect(Collectors.toSet());
        there.keySet().retainAll(mayCome);
        if (!there.isEmpty()) {
            mats.pinAll(
                    household,
                    trip.id(),
                    before.version(),
                    there,
                    Wording.says("outingBase.whichGoesAlong", base.name()));
            mats.rebalance(household, trip.id(), mats.mat(household, trip.id()).version());
        }
        String name = lists.ofTrip(household, trip.id())
                .map(StoredList::name)
                .orElse(shortened(trip.trip().name(), " " + Wording.says("tripKitController.list")));
        Mat planned = mats.mat(household, trip.id());
        UUID list = lists.save(household, trip.id(), name, mats.freeze(household, trip.id(), planned.version()));
        lists.takeAlong(household, list, kit);
    }

    /** Makes the module of what an outing wants and its base lacks, empty as yet; answers it, or nothing if nothing lacks. */
    public Optional<UUID> module(UUID household, StoredTrip trip) {
        StoredList list = taken(household, trip);
        UUID base = list.base().orElseThrow();
        Stock all = stock.of(household);
        LocalDate until = trip.trip().end().plusDays(all.rules().marginDays());
        AgainstList there = list.against(base, all, until, new Substitution(all.supplies()));
        Map<String, Integer> lacks = new TreeMap<>(there.lacking());
        if (lacks.isEmpty() || list.module().filter(all.places()::containsKey).isPresent()) {
            return Optional.empty();
        }
        String name = shortened(Wording.says("outingBase.for", trip.trip().name()), "");
        UUID own = lists.save(household, name, lacks);
        UUID module = stock.addPlace(household, name, Place.Kind.MODULE, Optional.of(base), Optional.of(own));
        lists.carry(household, list.id(), Optional.of(module));
        return Optional.of(module);
    }

    /**
     * Takes the module out again after the outing, and what is left in it back home.
     *
     * @return pieces that went back
     */
    public int bringHome(UUID household, StoredTrip trip, UUID shelf, String who) {
        StoredList list = taken(household, trip);
        Stock all = stock.of(household);
        stock.place(household, shelf);
        int pieces = 0;
        Optional<Place> module = list.module().map(all.places()::get);
        if (module.isPresent()) {
            for (Held left : all.inKit(module.get().id())) {
                ledger.move(
                        household,
                        left.lot().id(),
                        left.place(),
                        shelf,
                        left.pieces(),
                        Cause.of(
                                who,
                                Wording.says("outingBase.backFrom", trip.trip().name())));
                pieces += left.pieces();
            }
            keeping.delete(household, module.get().id());
            module.get().kitId().ifPresent(own -> lists.delete(household, own));
        }
        lists.carry(household, list.id(), Optional.empty());
        lists.leave(household, list.id());
        return pieces;
    }

    private StoredList taken(UUID household, StoredTrip trip) {
        return lists.ofTrip(household, trip.id())
                .filter(l -> l.base().isPresent())
                .orElseThrow(() -> new NotHere("base of outing " + trip.id()));
    }

    private static String shortened(String name, String more) {
        int most = ListService.LONGEST_NAME - more.length();
        return (name.length() <= most ? name : name.substring(0, most)) + more;
    }
}
