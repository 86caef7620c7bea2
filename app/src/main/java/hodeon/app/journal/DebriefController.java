package hodeon.app.journal;

import hodeon.app.aid.KitAtHand;
import hodeon.app.brief.Progress;
import hodeon.app.brief.TripService;
import hodeon.app.brief.form.StoredTrip;
import hodeon.app.household.Member;
import hodeon.app.shell.Figures;
import hodeon.app.shell.Shown;
import hodeon.app.shell.Wording;
import hodeon.app.stock.StockService;
import hodeon.app.stock.ledger.Cause;
import hodeon.app.stock.ledger.Stock;
import hodeon.app.stock.ledger.StockHistory;
import hodeon.app.stock.place.Place;
import hodeon.core.notice.Fault;
import hodeon.core.notice.Faults;
import hodeon.core.stock.Held;
import hodeon.core.stock.Ledger.TooFew;
import hodeon.core.stock.Movement;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** After the trip: what was used leaves the kit, what was opened gets its date, the log is learned from. */
@Controller
class DebriefController {

    private final TripService trips;
    private final StockService stock;
    private final StockHistory history;
    private final UseLog log;
    private final KitAtHand along;
    private final Debrief debrief;
    private final Progress progress;
    private final Clock clock;

    DebriefController(
            TripService trips,
            StockService stock,
            StockHistory history,
            UseLog log,
            KitAtHand along,
            Debrief debrief,
            Progress progress,
            Clock clock) {
        this.trips = trips;
        this.stock = stock;
        this.history = history;
        this.log = log;
        this.along = along;
        this.debrief = debrief;
        this.progress = progress;
        this.clock = clock;
    }

    /**
     * A kind in the kit.
     *
     * @param logged pieces the log says were used
     * @param moved pieces that have already left for this trip
     * @param used what is filled in: logged and not yet moved, as far as it is there
     * @param lacking logged pieces that are not there to be taken
     */
    record LineView(String supply, String name, String unit, int there, int logged, int moved, int used, int lacking) {}

    /**
     * The page.
     *
     * @param place where the kit lies; empty while it lies nowhere
     * @param moved what has left for this trip already
     * @param begins the first day, while that is still to come; else empty
     */
    record DebriefPage(
            Progress.Strip strip,
            String place,
            List<LineView> lines,
            List<StockHistory.Line> moved,
            boolean learns,
            String begins,
            DebriefForm typed,
            List<Fault> faults) {}

    @GetMapping("/trips/{id}/debrief")
    String page(@AuthenticationPrincipal Member member, @PathVariable UUID id, Model model) {
        return page(member, trips.find(member.householdId(), id), DebriefForm.EMPTY, new Faults(), model);
    }

    private String page(Member member, StoredTrip trip, DebriefForm typed, Faults faults, Model model) {
        Stock all = stock.of(member.householdId());
        Optional<Place> place = along.place(trip, all);
        List<StockHistory.Line> moved = history.ofTrip(member.householdId(), trip.id());
        DebriefPage view = new DebriefPage(
                progress.of(member.householdId(), trip, "Log"),
                place.map(Place::name).orElse(""),
                place.map(p -> lines(member.householdId(), trip, all, p, moved)).orElse(List.of()),
                moved,
                log.learnsFrom(member.householdId(), trip.id()),
                notBegun(trip) ? trip.trip().start().toString() : "",
                typed,
                faults.all());
        return Shown.page("journal/debrief", view, model);
    }

    private boolean notBegun(StoredTrip trip) {
        return trip.trip().start().isAfter(LocalDate.now(clock));
    }

    private List<LineView> lines(
            UUID household, StoredTrip trip, Stock all, Place place, List<StockHistory.Line> movements) {
        Map<String, Integer> there = new LinkedHashMap<>();
        all.supplies().keySet().forEach(s -> there.put(s, 0));
        all.inKit(place.id()).forEach(h -> there.merge(h.lot().supply(), h.pieces(), Integer::sum));
        Map<String, Integer> logged = new HashMap<>();
        log.of(household, trip.id())
                .forEach(k -> k.detail().used().forEach((s, n) -> logged.merge(s, n, Integer::sum)));
        Map<String, Integer> moved = new HashMap<>();
        movements.stream()
                .filter(m -> m.kind() == Movement.Kind.USED && !m.undone())
                .forEach(m -> moved.merge(m.supply(), m.pieces(), Integer::sum));
        List<LineView> lines = new ArrayList<>();
        there.forEach((supply, pieces) -> {
            int wanted = Math.max(0, logged.getOrDefault(supply, 0) - moved.getOrDefault(supply, 0));
            if (pieces > 0 || wanted > 0) {
                lines.add(new LineView(
                        supply,
                        all.nameOf(supply),
                        Figures.unit(pieces, all.piece(supply)),
                        pieces,
                        logged.getOrDefault(supply, 0),
                        moved.getOrDefault(supply, 0),
                        Math.min(wanted, pieces),
                        Math.max(0, wanted - pieces)));
            }
        });
        // What the log speaks of comes first.
        lines.sort(Comparator.comparing((LineView l) -> l.logged() == 0));
        return lines;
    }

    /** Either what was used or what is left counts; where both are given, what is left. */
    @PostMapping("/trips/{id}/debrief")
    String write(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            DebriefForm form,
            HttpServletResponse response,
            RedirectAttributes next,
            Model model) {
        StoredTrip trip = trips.find(member.householdId(), id);
        Stock all = stock.of(member.householdId());
        Optional<Place> place = along.place(trip, all);
        Faults faults = new Faults();
        if (place.isEmpty()) {
            return "redirect:/trips/" + id + "/debrief";
        }
        if (notBegun(trip) && form.sure() == null) {
            faults.add(
                    "sure",
                    "",
                    Wording.says(
                            "debriefController.beginsOnAndNothingWasUsedOn",
                            trip.trip().name(),
                            trip.trip().start()),
                    Wording.says("debriefController.chooseAnotherOutingOrSayThatYou"));
        }
        List<Held> held = all.inKit(place.get().id());
        Map<String, Integer> used = new LinkedHashMap<>();
        List<String> opened = new ArrayList<>();
        for (String supply : all.supplies().keySet()) {
            int there = held.stream()
                    .filter(h -> h.lot().supply().equals(supply))
                    .mapToInt(Held::pieces)
                    .sum();
            String left = form.left().getOrDefault(supply, "").strip();
            String some = form.used().getOrDefault(supply, "").strip();
            if (!left.isEmpty()) {
                used.put(
                        supply,
                        there
                                - whole(
                                        Wording.says("debriefController.leftOf", all.nameOf(supply)),
                                        left,
                                        there,
                                        faults));
            } else if (!some.isEmpty()) {
                used.put(
                        supply,
                        whole(Wording.says("debriefController.usedOf", all.nameOf(supply)), some, there, faults));
            }
            if (form.opened().containsKey(supply)) {
                opened.add(supply);
            }
        }
        if (faults.none()) {
            try {
                debrief.write(
                        trip,
                        held,
                        used,
                        opened,
                        form.learn() != null,
                        Cause.onTrip(
                                member.getUsername(),
                                Wording.says(
                                        "debriefController.debriefOf",
                                        trip.trip().name()),
                                id));
                next.addFlashAttribute("said", "Written: the kit holds what is left.");
            } catch (TooFew few) {
                faults.add(
                        "used",
                        "",
                        Wording.says("debriefController.somebodyTookPiecesWhileYouCounted"),
                        Wording.says("debriefController.countAgain"));
            }
        }
        if (!faults.none()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return page(member, trip, form, faults, model);
        }
        return "redirect:/trips/" + id + "/debrief";
    }

    private static int whole(String field, String given, int most, Faults faults) {
        try {
            int number = Integer.parseInt(given);
            if (number >= 0 && number <= most) {
                return number;
            }
        } catch (NumberFormatException e) {
            // Told below.
        }
        faults.add(
                field,
                given,
                Wording.says("debriefController.isAWholeNumberFrom0To", field, most),
                Wording.says("problemController.correctIt"));
        return 0;
    }
}
