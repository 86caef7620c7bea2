package hodeon.app.kit;

import hodeon.app.trip.StoredTrip;
import hodeon.app.usage.Knowledge;
import org.springframework.stereotype.Component;

/** Puts together everything that an answer about a trip's kit depends on. */
@Component
class TripCases {

    private final Knowledge knowledge;
    private final PartySuitability suitability;

    TripCases(Knowledge knowledge, PartySuitability suitability) {
        this.knowledge = knowledge;
        this.suitability = suitability;
    }

    TripCase of(StoredTrip trip) {
        var known = knowledge.of(trip.householdId());
        return new TripCase(known, trip.trip(), suitability.of(trip, known.catalogue()));
    }
}
