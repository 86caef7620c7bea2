package hodeon.app.aid;

import hodeon.app.aid.KitAtHand.Lying;
import hodeon.app.brief.Progress;
import hodeon.app.brief.TripService;
import hodeon.app.brief.form.StoredTrip;
import hodeon.app.household.Member;
import hodeon.app.household.Right;
import hodeon.app.need.Forecasts;
import hodeon.app.shell.NotHere;
import hodeon.app.shell.Shown;
import hodeon.app.shell.style.HouseStyle;
import hodeon.app.stock.StockService;
import hodeon.core.catalogue.Problem;
import hodeon.core.catalogue.Severity;
import hodeon.core.catalogue.Tag;
import hodeon.core.catalogue.procedure.Guide;
import hodeon.core.catalogue.procedure.Handling;
import hodeon.core.need.Drivers;
import hodeon.core.need.ProblemForecast;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;

/** What to do: on its own, with the kit of a trip, or with a kit where it lies; and the decisions on the way. */
@Controller
class AidController {

    private final FirstAid aid;
    private final KitAtHand kits;
    private final TripService trips;
    private final Progress progress;
    private final Forecasts forecasts;
    private final StockService stock;

    AidController(
            FirstAid aid,
            KitAtHand kits,
            TripService trips,
            Progress progress,
            Forecasts forecasts,
            StockService stock) {
        this.aid = aid;
        this.kits = kits;
        this.trips = trips;
        this.progress = progress;
        this.forecasts = forecasts;
        this.stock = stock;
    }

    /** Problems of one severity. */
    record Shelf(String label, List<Choice> choices, boolean open) {}

    record Choice(String id, String name) {}

    /** With whose kit one asks, and where the page stands. */
    private record Asked(String title, String whose, String address, Progress.@Nullable Strip strip) {}

    /** @param chosen what to do in the problem; missing while none is chosen */
    record AidPage(
            String title,
            String whose,
            String address,
            Progress.@Nullable Strip strip,
            String problem,
            @Nullable DoNow chosen,
            List<Shelf> shelves,
            List<Guide> guides) {}

    @GetMapping("/aid")
    String alone(@AuthenticationPrincipal Member member, @RequestParam(defaultValue = "") String problem, Model model) {
        Asked asked = new Asked("First aid", "", "/aid", null);
        return page(member, problem, asked, Set.of(), Optional.empty(), Map.of(), model);
    }

    @GetMapping("/trips/{id}/aid")
    String ofTrip(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "") String problem,
            Model model) {
        StoredTrip trip = trips.find(member.householdId(), id).seen(member.may(Right.PEOPLE));
        Map<String, Double> concern = new HashMap<>();
        for (ProblemForecast forecast : forecasts.of(trip).problems()) {
            concern.put(forecast.problem().id(), forecast.concern());
        }
        return page(
                member,
                problem,
                new Asked(
                        "What to do",
                        trip.trip().name(),
                        "/trips/" + id + "/aid",
                        progress.of(member.householdId(), trip, "Cards")),
                Drivers.around(trip.trip()),
                Optional.of(kits.of(trip)),
                concern,
                model);
    }

    @GetMapping("/stock/places/{id}/aid")
    String ofPlace(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "") String problem,
            Model model) {
        String name = stock.of(member.householdId()).placeName(id);
        if (name.isEmpty()) {
            throw new NotHere("place " + id);
        }
        return page(
                member,
                problem,
                new Asked("What to do", name, "/stock/places/" + id + "/aid", null),
                Set.of(),
                Optional.of(kits.of(member.householdId(), id)),
                Map.of(),
                model);
    }

    private String page(
            Member member,
            String problem,
            Asked asked,
            Set<Tag> around,
            Optional<List<Lying>> kit,
            Map<String, Double> concern,
            Model model) {
        AidPage view = new AidPage(
                asked.title(),
                asked.whose(),
                asked.address(),
                asked.strip(),
                problem,
                problem.isEmpty()
                        ? null
                        : aid.of(member.householdId(), problem, around, kit)
                                .orElseThrow(() -> new NotHere("problem " + problem)),
                shelves(member, problem, concern),
                aid.guidance().guides());
        return Shown.page("aid/aid", view, model);
    }

    /** The gravest first; within a severity by concern, else by name. */
    private List<Shelf> shelves(Member member, String problem, Map<String, Double> concern) {
        List<Shelf> shelves = new ArrayList<>();
        for (int severity = Severity.WORST; severity >= 1; severity--) {
            int of = severity;
            List<Problem> problems = aid.problems(member.householdId()).stream()
                    .filter(p -> p.severity() == of)
                    .sorted(Comparator.comparingDouble((Problem p) -> -concern.getOrDefault(p.id(), 0.0))
                            .thenComparing(Problem::name))
                    .toList();
            boolean here = problems.stream().anyMatch(p -> p.id().equals(problem));
            shelves.add(new Shelf(
                    Severity.label(of),
                    problems.stream().map(p -> new Choice(p.id(), p.name())).toList(),
                    here || problem.isEmpty() && of == Severity.WORST));
        }
        return shelves;
    }

    /** How a supply is used, by its name; its lines in the units of the house. */
    record Use(String id, String name, List<String> lines, Handling handling) {}

    @GetMapping("/aid/supplies")
    String supplies(@AuthenticationPrincipal Member member, Model model) {
        model.addAttribute(
                "uses",
                aid.supplies(member.householdId()).stream()
                        .flatMap(s -> aid.guidance().handling(s.id()).stream()
                                .map(h -> new Use(
                                        s.id(),
                                        s.name(),
                                        h.lines().stream()
                                                .map(HouseStyle.here()::says)
                                                .toList(),
                                        h)))
                        .toList());
        return "aid/supplies";
    }

    record GuidePage(Guide guide, List<Guide> guides) {}

    @GetMapping("/aid/guides/{id}")
    String guide(@PathVariable String id, Model model) {
        Guide guide = aid.guidance().guide(id).orElseThrow(() -> new NotHere("guide " + id));
        return Shown.page("aid/guide", new GuidePage(guide, aid.guidance().guides()), model);
    }
}
