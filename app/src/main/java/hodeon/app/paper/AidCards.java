package hodeon.app.paper;

import hodeon.app.aid.DoNow;
import hodeon.app.aid.FirstAid;
import hodeon.app.aid.KitAtHand;
import hodeon.app.aid.KitAtHand.Lying;
import hodeon.app.brief.form.StoredTrip;
import hodeon.app.need.Forecasts;
import hodeon.app.paper.Card.DoNowCard;
import hodeon.app.paper.Card.HowToCard;
import hodeon.app.shell.Wording;
import hodeon.core.evidence.PlanningAssumption;
import hodeon.core.need.Drivers;
import hodeon.core.need.ProblemForecast;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/** What to do, on paper: a card for each problem that is grave and likely on an outing, and how risky things are used. */
@Component
public class AidCards {

    /** Cards for the problems of the greatest concern, and no more: nobody carries a book in a pouch. */
    private static final int CARDS = 8;

    private static final int GRAVE_ENOUGH = PlanningAssumption.TRIP_ENDING_SEVERITY.whole();

    /** What kills within minutes has its card whatever the odds say (an assumption of the house). */
    private static final List<String> ALWAYS = List.of("not-breathing", "severe-limb-bleeding", "choking");

    private final FirstAid aid;
    private final KitAtHand kits;
    private final Forecasts forecasts;

    AidCards(FirstAid aid, KitAtHand kits, Forecasts forecasts) {
        this.aid = aid;
        this.kits = kits;
        this.forecasts = forecasts;
    }

    List<FirstAid.Said> firstMinutes(StoredTrip trip) {
        return aid.firstMinutes(trip.householdId(), Drivers.around(trip.trip()));
    }

    /** By odds and severity of the outing. */
    List<DoNowCard> ofTrip(StoredTrip trip) {
        Set<String> problems = new LinkedHashSet<>(ALWAYS);
        forecasts.of(trip).problems().stream()
                .filter(p -> p.problem().severity() >= GRAVE_ENOUGH)
                .sorted(Comparator.comparingDouble(ProblemForecast::concern).reversed())
                .limit(CARDS)
                .forEach(p -> problems.add(p.problem().id()));
        Map<String, DoNow> byId = new HashMap<>();
        aid.all(trip.householdId(), problems, Drivers.around(trip.trip()), kits.of(trip))
                .forEach(now -> byId.put(now.id(), now));
        return problems.stream()
                .flatMap(p -> Stream.ofNullable(byId.get(p)))
                .map(AidCards::card)
                .toList();
    }

    Optional<DoNowCard> ofTrip(StoredTrip trip, String problem) {
        return aid.of(trip.householdId(), problem, Drivers.around(trip.trip()), Optional.of(kits.of(trip)))
                .map(AidCards::card);
    }

    private static DoNowCard card(DoNow now) {
        return new DoNowCard(
                now.name(),
                now.call(),
                lines(now),
                now.watch(),
                now.follows().stream().map(f -> f.name() + ": " + f.taught()).toList());
    }

    /** In order, each with what the kit has for it. */
    public static List<Card.DoLine> lines(DoNow now) {
        return now.lines().stream()
                .map(l -> new Card.DoLine(
                        Papers.capital(l.whom()),
                        l.words(),
                        l.has().stream()
                                .map(h -> (h.makeshift() ? Wording.says("aidCards.makeshift") + " " : "") + h.name()
                                        + ", " + h.where())
                                .collect(Collectors.joining("; "))))
                .toList();
    }

    HowToCard howTo(StoredTrip trip) {
        return new HowToCard(
                Wording.says("aidCards.howToUse", trip.trip().name()),
                kits.of(trip).stream()
                        .map(Lying::supply)
                        .distinct()
                        .flatMap(s -> aid.guidance().handling(s.id()).stream()
                                .map(h -> new Card.Use(s.name(), h.lines(), h.never())))
                        .toList());
    }
}
