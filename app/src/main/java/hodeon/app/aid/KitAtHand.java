package hodeon.app.aid;

import hodeon.app.kit.Kit;
import hodeon.app.kit.KitService;
import hodeon.app.kit.MatService;
import hodeon.app.ready.ReadyService;
import hodeon.app.stock.Place;
import hodeon.app.stock.Stock;
import hodeon.app.stock.StockService;
import hodeon.app.trip.StoredTrip;
import hodeon.core.catalogue.Supply;
import hodeon.core.stock.Held;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The kit that is at hand: what lies in its place, or on a trip as it is planned while it lies nowhere. */
@Service
@Transactional(readOnly = true)
public class KitAtHand {

    /** Where what is only planned lies. */
    private static final String NOT_PACKED = "not packed yet";

    private final KitService kits;
    private final MatService mats;
    private final StockService stock;

    KitAtHand(KitService kits, MatService mats, StockService stock) {
        this.kits = kits;
        this.mats = mats;
        this.stock = stock;
    }

    /** A supply of the kit. @param where names of the places it lies in, with the pieces if there are several */
    public record Lying(Supply supply, int pieces, String where) {}

    public Optional<Place> place(StoredTrip trip, Stock all) {
        return kits.ofTrip(trip.householdId(), trip.id()).flatMap(k -> ReadyService.place(k, all));
    }

    /** In catalogue order. */
    public List<Lying> of(StoredTrip trip) {
        Stock all = stock.of(trip.householdId());
        Optional<Place> place = place(trip, all);
        if (place.isPresent()) {
            return in(all, place.get().id());
        }
        Optional<Kit> saved = kits.ofTrip(trip.householdId(), trip.id());
        return planned(all, saved.map(Kit::pieces).orElseGet(() -> mats.onMat(trip.householdId(), trip)
                .pieces()));
    }

    private static List<Lying> planned(Stock all, Map<String, Integer> pieces) {
        return all.supplies().values().stream()
                .filter(s -> pieces.getOrDefault(s.id(), 0) > 0)
                .map(s -> new Lying(s, pieces.getOrDefault(s.id(), 0), NOT_PACKED))
                .toList();
    }

    /** What lies in a kit or a module. */
    public List<Lying> of(UUID household, UUID place) {
        return in(stock.at(household, place), place);
    }

    private static List<Lying> in(Stock all, UUID kit) {
        Map<String, Map<String, Integer>> bySupply = new LinkedHashMap<>();
        for (Held held : all.inKit(kit)) {
            bySupply.computeIfAbsent(held.lot().supply(), s -> new LinkedHashMap<>())
                    .merge(all.placeName(held.place()), held.pieces(), Integer::sum);
        }
        return all.supplies().values().stream()
                .filter(s -> bySupply.containsKey(s.id()))
                .map(s -> lying(s, bySupply.getOrDefault(s.id(), Map.of())))
                .toList();
    }

    private static Lying lying(Supply supply, Map<String, Integer> byPlace) {
        return new Lying(
                supply,
                byPlace.values().stream().mapToInt(Integer::intValue).sum(),
                byPlace.size() == 1
                        ? byPlace.keySet().iterator().next()
                        : byPlace.entrySet().stream()
                                .map(e -> e.getKey() + " (" + e.getValue() + ")")
                                .collect(Collectors.joining(", ")));
    }
}
