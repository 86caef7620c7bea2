package hodeon.app.trail;

import hodeon.app.kit.Kit;
import hodeon.app.kit.KitService;
import hodeon.app.ready.ReadyService;
import hodeon.app.stock.Place;
import hodeon.app.stock.Stock;
import hodeon.app.stock.StockService;
import hodeon.app.trip.StoredTrip;
import hodeon.core.catalogue.Supply;
import hodeon.core.stock.Held;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The kit that is along on a trip: what lies in its place, or as it was planned while it lies nowhere. */
@Service
@Transactional(readOnly = true)
class KitAlong {

    private final KitService kits;
    private final StockService stock;

    KitAlong(KitService kits, StockService stock) {
        this.kits = kits;
        this.stock = stock;
    }

    Optional<Place> place(StoredTrip trip, Stock all) {
        return kits.ofTrip(trip.householdId(), trip.id()).flatMap(k -> ReadyService.place(k, all));
    }

    List<Supply> supplies(StoredTrip trip) {
        Stock all = stock.of(trip.householdId());
        Optional<Place> place = place(trip, all);
        Set<String> along = place.isPresent()
                ? all.inKit(place.get().id()).stream()
                        .map(Held::lot)
                        .map(l -> l.supply())
                        .collect(Collectors.toSet())
                : kits.ofTrip(trip.householdId(), trip.id())
                        .map(Kit::pieces)
                        .orElse(Map.of())
                        .keySet();
        return all.supplies().values().stream()
                .filter(s -> along.contains(s.id()))
                .toList();
    }
}
