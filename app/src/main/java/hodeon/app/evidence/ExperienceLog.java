package hodeon.app.evidence;

import hodeon.core.need.Learning.LoggedTrip;
import java.util.List;
import java.util.UUID;

/** Where a household's experience is written down: the journal, which itself needs to know what a household knows. */
public interface ExperienceLog {

    /**
     * Everything the household learns from.
     *
     * @param signature differs whenever it does
     */
    record Experience(List<LoggedTrip> trips, String signature) {}

    Experience experience(UUID householdId);
}
