package hodeon.app.mat.page;

import hodeon.app.brief.TripService;
import hodeon.app.brief.form.StoredTrip;
import hodeon.app.mat.MatService;
import hodeon.core.brief.Activity;
import hodeon.core.brief.Company;
import hodeon.core.brief.Environment;
import hodeon.core.brief.Leg;
import hodeon.core.brief.Limits;
import hodeon.core.brief.Season;
import hodeon.core.brief.Stance;
import hodeon.core.brief.Trip;
import hodeon.core.catalogue.Catalogue;
import hodeon.core.choice.Solution;
import hodeon.core.evidence.PlanningAssumption;
import hodeon.core.medication.Suitability;
import hodeon.core.need.Forecast;
import hodeon.core.party.Age;
import hodeon.core.party.Party;
import hodeon.core.party.Person;
import hodeon.core.party.Training;
import hodeon.core.plan.Holds;
import hodeon.core.plan.KitQuestion;
import hodeon.core.plan.Planner;
import hodeon.core.plan.tradeoff.IfItHappens;
import hodeon.core.units.Mass;
import java.time.Clock;
import java.time.Duration;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * Lays out the mats of the next outings right after the start, beside everything else, so that the first one somebody opens is quick;
 * where no outing comes, one for nobody.
 */
@Component
class WarmUp {

    private static final Logger LOG = LoggerFactory.getLogger(WarmUp.class);
    private static final Duration PATIENCE = Duration.ofMillis(500);

    private static final int NEXT_OUTINGS = 3;

    private final TripService trips;
    private final MatService mats;
    private final MatPage page;
    private final Catalogue catalogue;
    private final Clock clock;

    WarmUp(TripService trips, MatService mats, MatPage page, Catalogue catalogue, Clock clock) {
        this.trips = trips;
        this.mats = mats;
        this.page = page;
        this.catalogue = catalogue;
        this.clock = clock;
    }

    @EventListener
    void ready(ApplicationReadyEvent ready) {
        Thread thread = Thread.ofPlatform().daemon().name("warm-up").unstarted(this::layOut);
        thread.setPriority(Thread.MIN_PRIORITY);
        thread.start();
    }

    /** Answers how many outings' mats it laid out. */
    int layOut() {
        List<StoredTrip> next = trips.comingAnywhere(LocalDate.now(clock), NEXT_OUTINGS);
        next.forEach(this::layOut);
        if (next.isEmpty()) {
            balanceForNobody();
        }
        return next.size();
    }

    private void layOut(StoredTrip trip) {
        try {
            page.of(mats.mat(trip.householdId(), trip), MatLook.of(MatLook.Asked.NOTHING), null);
        } catch (RuntimeException e) { // Changed or gone meanwhile, or what cannot be read: whoever opens it is told.
            LOG.debug("The mat of {} was not laid out beforehand.", trip.id(), e);
        }
    }

    private void balanceForNobody() {
        LocalDate day = LocalDate.of(2027, 6, 12);
        Trip trip = new Trip(
                "Warm-up",
                day,
                day.plusDays(1),
                Season.SUMMER,
                List.of(new Leg(Activity.HILL_WALKING, Environment.TEMPERATE, 4)),
                new Party(List.of(Person.of(
                        "Anybody",
                        Age.ofYears(PlanningAssumption.USUAL_AGE.whole()),
                        Mass.ofGrams(70_000),
                        Training.BASIC,
                        Set.of(),
                        Set.of(),
                        Set.of()))),
                4,
                Set.of(),
                Set.of(),
                Company.NONE,
                Stance.HOLD_UNTIL_HELP,
                Limits.ofMass(Mass.ofGrams(1_000)));
        KitQuestion question =
                KitQuestion.of(trip, catalogue, Forecast.of(trip, catalogue), Holds.NONE, Suitability.OF_NOBODY);
        Planner planner = new Planner(question);
        if (planner.recommend(PATIENCE) instanceof Solution.Found found) {
            Map<String, Integer> kit = planner.contents(found.quantities());
            planner.weigh(kit);
            double more = kit.keySet().stream()
                    .mapToDouble(s -> planner.marginals(kit).apply(s).oneMore())
                    .sum();
            LOG.debug(
                    "Warm: {} answers, {}",
                    IfItHappens.of(question, kit, IfItHappens.GRAVE).size(),
                    more);
        }
    }
}
