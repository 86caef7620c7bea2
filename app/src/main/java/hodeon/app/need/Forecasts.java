package hodeon.app.need;

import hodeon.app.trip.StoredTrip;
import hodeon.app.usage.Knowledge;
import hodeon.app.usage.Known;
import hodeon.core.brief.Trip;
import hodeon.core.need.Forecast;
import java.util.Objects;
import org.springframework.cache.Cache;
import org.springframework.cache.CacheManager;
import org.springframework.stereotype.Service;

/** The forecast of a trip with what its household knows, kept for as long as the same trip is being looked at. */
@Service
public class Forecasts {

    private final Knowledge knowledge;
    private final Cache cache;

    Forecasts(Knowledge knowledge, CacheManager caches) {
        this.knowledge = knowledge;
        this.cache = Objects.requireNonNull(caches.getCache("forecasts"));
    }

    private record Key(Known known, Trip trip) {}

    public Forecast of(StoredTrip stored) {
        return of(knowledge.of(stored.householdId()), stored.trip());
    }

    public Forecast of(Known known, Trip trip) {
        return Objects.requireNonNull(cache.get(new Key(known, trip), () -> Forecast.of(trip, known.catalogue())));
    }
}
