package hodeon.app.brief.form;

import hodeon.core.brief.Trip;
import java.util.List;
import java.util.UUID;

/** A trip as it is kept, with the version that a change must name. */
public record StoredTrip(UUID id, UUID householdId, long version, Trip trip, List<People> people) {

    public StoredTrip {
        people = List.copyOf(people);
    }
}
