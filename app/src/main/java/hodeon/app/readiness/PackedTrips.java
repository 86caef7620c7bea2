package hodeon.app.readiness;

import hodeon.app.brief.TripService;
import hodeon.app.brief.form.StoredTrip;
import hodeon.app.kits.list.ListService;
import hodeon.app.kits.list.StoredList;
import hodeon.app.stock.ledger.Stock;
import hodeon.app.stock.place.Place;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The trips that are under way or come and whose saved kit lies somewhere. */
@Service
@Transactional(readOnly = true)
public class PackedTrips {

    private final TripService trips;
    private final ListService lists;
    private final Clock clock;

    PackedTrips(TripService trips, ListService lists, Clock clock) {
        this.trips = trips;
        this.lists = lists;
        this.clock = clock;
    }

    /** A trip with its kit and where that lies. */
    public record Packed(StoredTrip trip, StoredList kit, Place place) {}

    /** The soonest first. */
    public List<Packed> of(UUID household, Stock all) {
        return of(household, all, lists.all(household));
    }

    List<Packed> of(UUID household, Stock all, Collection<StoredList> saved) {
        Map<UUID, StoredList> byTrip = new HashMap<>();
        saved.forEach(k -> k.tripId().ifPresent(t -> byTrip.put(t, k)));
        return trips.coming(household, LocalDate.now(clock), Integer.MAX_VALUE).stream()
                .flatMap(trip -> Optional.ofNullable(byTrip.get(trip.id()))
                        .flatMap(kit -> kit.place(all).map(place -> new Packed(trip, kit, place)))
                        .stream())
                .toList();
    }
}
