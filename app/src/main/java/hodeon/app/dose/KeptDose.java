package hodeon.app.dose;

import hodeon.core.medication.gate.GivenDose;
import hodeon.core.units.Dose;
import java.time.Instant;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;

/** A dose that is kept. */
public record KeptDose(UUID id, Instant at, NotedDose noted) {

    boolean counts() {
        return noted.struck().isEmpty() && !noted.unreadable();
    }

    GivenDose given() {
        return new GivenDose(
                at,
                noted.product(),
                noted.name(),
                noted.units(),
                noted.onTheSpot(),
                noted.amounts().entrySet().stream()
                        .filter(e -> !NotedDose.oldMark(e.getKey()))
                        .collect(Collectors.toMap(Map.Entry::getKey, e -> new Dose(e.getValue()))),
                false);
    }
}
