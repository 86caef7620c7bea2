package hodeon.app.dose;

import hodeon.core.medication.DoseClock.Taken;
import hodeon.core.units.Dose;
import java.time.Instant;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;

/** A dose that is kept. */
record Kept(UUID id, Instant at, Noted noted) {

    boolean counts() {
        return noted.struck().isEmpty();
    }

    Taken taken() {
        return new Taken(
                at,
                noted.product(),
                noted.amounts().entrySet().stream()
                        .collect(Collectors.toMap(Map.Entry::getKey, e -> new Dose(e.getValue()))));
    }
}
