package hodeon.app.kits;

import hodeon.app.brief.Progress;
import hodeon.app.brief.TripService;
import hodeon.app.brief.form.StoredTrip;
import hodeon.app.household.Member;
import hodeon.app.kits.list.ListService;
import hodeon.app.kits.list.ListView;
import hodeon.app.kits.list.StoredList;
import hodeon.app.mat.Mat;
import hodeon.app.mat.MatChangedElsewhere;
import hodeon.app.mat.MatService;
import hodeon.app.plan.ExpectedUse;
import hodeon.app.shell.Figures;
import hodeon.app.shell.Shown;
import hodeon.app.shell.Wording;
import hodeon.app.stock.StockService;
import hodeon.app.stock.place.Place;
import hodeon.core.notice.Fault;
import hodeon.core.readiness.LeastCount;
import hodeon.core.units.Mass;
import jakarta.servlet.http.HttpServletResponse;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** The list of an outing, saved from its mat. */
@Controller
class TripKitController {

    private final ListService lists;
    private final MatService mats;
    private final TripService trips;
    private final Progress progress;
    private final StockService stock;
    private final ExpectedUse uses;

    TripKitController(
            ListService lists,
            MatService mats,
            TripService trips,
            Progress progress,
            StockService stock,
            ExpectedUse uses) {
        this.uses = uses;
        this.stock = stock;
        this.lists = lists;
        this.mats = mats;
        this.trips = trips;
        this.progress = progress;
    }

    /**
     * The kit of a trip.
     *
     * @param kit missing while none is saved, and {@code packed} while none of it is packed
     * @param over grams above the limit, in words; empty if none
     * @param differs whether the mat has been changed since
     * @param kinds on the mat
     * @param stays whether it is the list of a kit that stays
     * @param laid names of the kits that it is laid in
     * @param fault what is wrong with the name; empty if nothing
     */
    record TripKitPage(
            Progress.Strip strip,
            @Nullable ListView kit,
            @Nullable Packed packed,
            String over,
            String limit,
            boolean differs,
            int kinds,
            long version,
            String suggestedName,
            boolean stays,
            List<String> laid,
            String fault) {}

    @GetMapping("/trips/{id}/kit")
    String ofTrip(@AuthenticationPrincipal Member member, @PathVariable UUID id, Model model) {
        return page(member, trips.find(member.householdId(), id), "", model);
    }

    @PostMapping("/trips/{id}/kit")
    String save(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @RequestParam String name,
            @RequestParam(required = false) Optional<Long> version,
            HttpServletResponse response,
            RedirectAttributes next,
            Model model) {
        StoredTrip trip = trips.find(member.householdId(), id);
        String given = name.strip();
        Optional<Fault> fault = ListService.nameFault(name);
        if (fault.isPresent()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return page(member, trip, fault.get().sentence(), model);
        }
        try {
            Map<String, Integer> pieces =
                    mats.freeze(member.householdId(), id, version.orElseGet(() -> mats.mat(member.householdId(), trip)
                            .version()));
            lists.save(member.householdId(), id, given, pieces, least(trip, pieces));
            next.addFlashAttribute("said", "Saved.");
        } catch (MatChangedElsewhere | OptimisticLockingFailureException | DataIntegrityViolationException conflict) {
            next.addFlashAttribute(
                    "said", "This kit or its mat was changed elsewhere a moment ago; look it over and save again.");
        }
        return "redirect:/trips/" + id + "/kit";
    }

    /** Of a kit that stays what it holds before somebody must fill it up; an outing's is packed full. */
    private Map<String, Integer> least(StoredTrip trip, Map<String, Integer> pieces) {
        if (trip.trip().standing().isEmpty()) {
            return Map.of();
        }
        Map<String, Double> used = uses.of(trip, pieces);
        Map<String, Integer> least = new HashMap<>();
        pieces.forEach((supply, n) -> least.put(supply, LeastCount.of(n, used.getOrDefault(supply, 0.0))));
        return least;
    }

    private String page(Member member, StoredTrip trip, String fault, Model model) {
        Optional<StoredList> kit = lists.ofTrip(member.householdId(), trip.id());
        Mat mat = mats.mat(member.householdId(), trip);
        Mass limit = trip.trip().limits().mass();
        boolean stays = trip.trip().standing().isPresent();
        TripKitPage view = new TripKitPage(
                progress.of(member.householdId(), trip, stays ? "List" : "Kit"),
                kit.map(ListView::of).orElse(null),
                kit.flatMap(k -> Packed.of(k, stock.of(member.householdId()), limit))
                        .orElse(null),
                kit.map(k -> Packed.over(k.mass(), limit)).orElse(""),
                Figures.grams(limit),
                kit.isPresent() && !kit.get().pieces().equals(mat.pieces()),
                mat.pieces().size(),
                mat.version(),
                kit.map(StoredList::name)
                        .orElse(shortened(trip.trip().name())
                                + (stays
                                        ? " " + Wording.says("tripKitController.list")
                                        : " " + Wording.says("tripKitController.kit"))),
                stays,
                kit.map(k -> stock.of(member.householdId()).laidIn(k.id()).stream()
                                .map(Place::name)
                                .toList())
                        .orElse(List.of()),
                fault);
        return Shown.page("kits/trip", view, model);
    }

    private static String shortened(String name) {
        return name.length() <= ListService.LONGEST_NAME - 4 ? name : name.substring(0, ListService.LONGEST_NAME - 4);
    }
}
