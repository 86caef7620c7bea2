package hodeon.app.need;

import hodeon.core.catalogue.Catalogue;
import hodeon.core.need.Forecast;
import hodeon.core.trip.Trip;
import org.springframework.cache.annotation.Cacheable;
import org.springframework.stereotype.Service;

/** The forecast of a trip, kept for as long as the same trip is being looked at. */
@Service
public class Forecasts {

    private final Catalogue catalogue;

    Forecasts(Catalogue catalogue) {
        this.catalogue = catalogue;
    }

    @Cacheable("forecasts")
    public Forecast of(Trip trip) {
        return Forecast.of(trip, catalogue);
    }
}
