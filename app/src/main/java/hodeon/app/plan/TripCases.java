package hodeon.app.plan;

import hodeon.app.brief.form.StoredTrip;
import hodeon.app.evidence.HouseholdEvidence;
import org.springframework.stereotype.Component;

/** Puts together everything that an answer about a trip's kit depends on. */
@Component
public class TripCases {

    private final HouseholdEvidence knowledge;
    private final PartySuitability suitability;

    TripCases(HouseholdEvidence knowledge, PartySuitability suitability) {
        this.knowledge = knowledge;
        this.suitability = suitability;
    }

    public TripCase of(StoredTrip trip) {
        var known = knowledge.of(trip.householdId());
        return new TripCase(known, trip.trip(), suitability.of(trip, known.catalogue()));
    }
}
