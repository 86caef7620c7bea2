package hodeon.app.kit;

import hodeon.core.catalogue.Catalogue;
import hodeon.core.kit.Holds;
import hodeon.core.kit.IfItHappens;
import hodeon.core.kit.KitQuestion;
import hodeon.core.kit.Planner;
import hodeon.core.kit.choice.Solution;
import hodeon.core.medication.Suitability;
import hodeon.core.need.Forecast;
import hodeon.core.party.Age;
import hodeon.core.party.Party;
import hodeon.core.party.Person;
import hodeon.core.party.Training;
import hodeon.core.trip.Activity;
import hodeon.core.trip.Company;
import hodeon.core.trip.Environment;
import hodeon.core.trip.Leg;
import hodeon.core.trip.Limits;
import hodeon.core.trip.Season;
import hodeon.core.trip.Stance;
import hodeon.core.trip.Trip;
import hodeon.core.units.Mass;
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

/** Balances a kit for nobody right after the start, beside everything else, so that the first one somebody asks for is quick. */
@Component
class WarmUp {

    private static final Logger LOG = LoggerFactory.getLogger(WarmUp.class);
    private static final Duration PATIENCE = Duration.ofMillis(500);

    private final Catalogue catalogue;

    WarmUp(Catalogue catalogue) {
        this.catalogue = catalogue;
    }

    @EventListener
    void ready(ApplicationReadyEvent ready) {
        Thread thread = Thread.ofPlatform().daemon().name("warm-up").unstarted(this::balance);
        thread.setPriority(Thread.MIN_PRIORITY);
        thread.start();
    }

    void balance() {
        LocalDate day = LocalDate.of(2027, 6, 12);
        Trip trip = new Trip(
                "Warm-up",
                day,
                day.plusDays(1),
                Season.SUMMER,
                List.of(new Leg(Activity.HILL_WALKING, Environment.TEMPERATE, 4)),
                new Party(List.of(Person.of(
                        "Anybody",
                        Age.ofYears(40),
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
