package hodeon.app.journal;

import hodeon.app.brief.Progress;
import hodeon.app.brief.form.StoredTrip;
import hodeon.app.shell.Wording;
import java.util.List;
import java.util.UUID;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** The log on the progress strip. */
@Component
@Order(4)
class LogStep implements Progress.Later {

    private final UseLog log;

    LogStep(UseLog log) {
        this.log = log;
    }

    @Override
    public List<Progress.Step> steps(UUID householdId, StoredTrip trip) {
        if (trip.trip().standing().isPresent()) {
            return List.of();
        }
        int entries = log.of(householdId, trip.id()).size();
        String state = log.learnsFrom(householdId, trip.id())
                ? Wording.says("logStep.completeLearnedFrom")
                : entries == 0 ? Wording.says("logStep.nothingYet") : Wording.says("log.entries", entries);
        return List.of(new Progress.Step("Log", "/trips/" + trip.id() + "/log", state, false));
    }
}
