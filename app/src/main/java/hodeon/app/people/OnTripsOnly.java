package hodeon.app.people;

import hodeon.app.shell.Wording;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;

/** People who go along on trips and are not written down, the latest trip's first. */
public interface OnTripsOnly {

    /** @param trips names of the trips, the latest first */
    record Somebody(UUID id, String name, List<String> trips) {

        private static final int NAMED = 3;

        /** “Skerry ring, Seal count”, “… and 4 more”. */
        public String where() {
            String first = String.join(", ", trips.subList(0, Math.min(NAMED, trips.size())));
            return trips.size() > NAMED ? Wording.says("onTripsOnly.andMore", first, (trips.size() - NAMED)) : first;
        }

        public Somebody and(Somebody other) {
            return new Somebody(
                    id,
                    name,
                    Stream.concat(trips.stream(), other.trips.stream()).toList());
        }
    }

    List<Somebody> of(UUID household);
}
