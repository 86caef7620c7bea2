package hodeon.app.need;

import hodeon.app.brief.form.StoredTrip;
import hodeon.app.evidence.HouseholdEvidence;
import hodeon.app.evidence.Known;
import hodeon.core.brief.Trip;
import hodeon.core.need.Forecast;
import java.util.Objects;
import org.springframework.cache.Cache;
import org.springframework.cache.CacheManager;
import org.springframework.stereotype.Service;

/** The forecast of a trip with what its household knows, kept for as long as the same trip is being looked at. */
@Service
public class Forecasts {

    private final HouseholdEvidence knowledge;
    private final Cache cache;

    Forecasts(HouseholdEvidence knowledge, CacheManager caches) {
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
