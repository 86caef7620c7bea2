package hodeon.app.readiness;

import hodeon.app.kits.Kit;
import hodeon.app.kits.KitService;
import hodeon.app.readiness.PackedTrips.Packed;
import hodeon.app.stock.StockService;
import hodeon.app.stock.ledger.Stock;
import hodeon.app.stock.place.Place;
import hodeon.core.readiness.Restock;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** The one allocation of what lies at home over all kits and outings, so that no piece is promised twice. */
@Component
@Transactional(readOnly = true)
public class HomeAllocation {

    private final StockService stock;
    private final KitService kits;
    private final PackedTrips packed;
    private final Clock clock;

    HomeAllocation(StockService stock, KitService kits, PackedTrips packed, Clock clock) {
        this.stock = stock;
        this.kits = kits;
        this.packed = packed;
        this.clock = clock;
    }

    /**
     * What a household owns, and who of its kits gets what of it.
     *
     * @param until for each kit with a plan, the day its pieces must outlast
     * @param going outings whose kit lies somewhere, the soonest first
     */
    public record Allocated(Stock stock, Restock restock, Map<UUID, LocalDate> until, List<Packed> going) {}

    public Allocated of(UUID household) {
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
        Set<String> prescribed = all.supplies().values().stream()
                .filter(s -> s.prescribed().isPresent())
                .map(s -> s.id())
                .collect(Collectors.toSet());
        return new Allocated(all, Restock.of(wanted, all.atHome(), prescribed), until, going);
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
}
