package hodeon.app.brief;

import hodeon.app.brief.form.StoredTrip;
import hodeon.app.shell.Figures;
import hodeon.app.shell.Wording;
import hodeon.core.brief.Trip;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** The progress strip: the steps of a trip that exist, each with its state in a few words. */
@Component
public class Progress {

    /** What other rooms know about a trip's later steps. */
    public interface Later {
        List<Step> steps(UUID householdId, StoredTrip trip);
    }

    /** One step of the strip. */
    public record Step(String name, String address, String state, boolean stale) {}

    /**
     * The strip of one trip.
     *
     * @param stays whether it is of what a kit that stays is for
     * @param here the name of the step that is open
     */
    public record Strip(UUID tripId, String tripName, boolean stays, String here, List<Step> steps) {}

    private static final String BRIEF = "Brief";

    /** The brief of a kit that stays. */
    private static final String WHAT_FOR = "What for";

    private final List<Later> later;

    Progress(List<Later> later) {
        this.later = later;
    }

    public Strip of(UUID householdId, StoredTrip stored, String here) {
        Trip trip = stored.trip();
        String path = "/trips/" + stored.id();
        List<Step> steps = new ArrayList<>();
        boolean stays = trip.standing().isPresent();
        steps.add(new Step(
                stays ? WHAT_FOR : BRIEF,
                path + "/brief",
                Wording.says("party", trip.party().size()) + ", " + Figures.days(trip.days()),
                false));
        later.forEach(l -> steps.addAll(l.steps(householdId, stored)));
        return new Strip(
                stored.id(), trip.name(), stays, here.equals(BRIEF) && stays ? WHAT_FOR : here, List.copyOf(steps));
    }
}
