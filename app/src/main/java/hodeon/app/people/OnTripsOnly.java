package hodeon.app.people;

import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;

/** People who go along on trips and are not written down, the latest trip's first. */
public interface OnTripsOnly {

    /** @param trips names of the trips, the latest first */
    record Somebody(UUID id, String name, List<String> trips) {

        public Somebody and(Somebody other) {
            return new Somebody(
                    id,
                    name,
                    Stream.concat(trips.stream(), other.trips.stream()).toList());
        }
    }

    List<Somebody> of(UUID household);
}
