package hodeon.app.plan;

import hodeon.app.evidence.Known;
import hodeon.core.brief.Trip;
import hodeon.core.catalogue.Catalogue;
import hodeon.core.medication.Suitability;

/**
 * A trip together with what its household knows: everything an answer depends on besides what the user holds.
 *
 * @param suitability which medicine is not for whom of the party
 */
public record TripCase(Known known, Trip trip, Suitability suitability) {

    /** The catalogue as this party uses it up: how many tablets are a dose. */
    public Catalogue catalogue() {
        return known.catalogue().withPiecesPerUse(suitability.meanPiecesPerDose());
    }

    /** The same party with another stance or another limit. */
    public TripCase with(Trip changed) {
        return new TripCase(known, changed, suitability);
    }
}
