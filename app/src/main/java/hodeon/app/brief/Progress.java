package hodeon.app.brief;

import hodeon.app.brief.form.StoredTrip;
import hodeon.app.shell.Figures;
import hodeon.app.shell.Wording;
import hodeon.core.brief.Trip;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
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
    public record Strip(UUID tripId, String tripName, boolean stays, String here, List<Step> steps) {

        /** The step that comes after the one that is open; nothing after the last. */
        public Optional<Next> next() {
            List<String> path = PATH.stream().map(Way::step).toList();
            int place = path.indexOf(here);
            return PATH.stream()
                    .skip(place + 1L)
                    .filter(way -> place >= 0)
                    .flatMap(way -> steps.stream()
                            .filter(s -> s.name().equals(way.step()))
                            .map(s -> new Next(s.address(), way.words())))
                    .findFirst();
        }
    }

    /** What is done next, and where. */
    public record Next(String address, String words) {}

    private record Way(String step, String words) {}

    /** In which order the steps are gone; those of a kit that stays and of an outing among each other. */
    private static final List<Way> PATH = List.of(
            new Way("Brief", ""),
            new Way("What for", ""),
            new Way("Odds", "see what could happen"),
            new Way("Mat", "balance the kit"),
            new Way("Kit", "look at the list"),
            new Way("List", "write the list"),
            new Way("Ready", "see what is missing"),
            new Way("Pack", "look into the kit"),
            new Way("Check", "check each piece"),
            new Way("Refill", "fill it up"),
            new Way("Medicines", "look at the medicines"),
            new Way("Cards", "print the papers"),
            new Way("Log", "take the log along"));

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
