package hodeon.app.kits;

import hodeon.app.brief.Progress;
import hodeon.app.brief.TripService;
import hodeon.app.brief.form.StoredTrip;
import hodeon.app.household.Member;
import hodeon.app.mat.Mat;
import hodeon.app.mat.MatChangedElsewhere;
import hodeon.app.mat.MatService;
import hodeon.app.shell.Binned;
import hodeon.app.shell.Figures;
import hodeon.app.shell.Shown;
import hodeon.app.stock.StockService;
import hodeon.core.notice.Fault;
import hodeon.core.units.Mass;
import jakarta.servlet.http.HttpServletResponse;
import java.nio.charset.StandardCharsets;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** The saved kit of a trip: its contents on the page, on paper and as CSV. */
@Controller
class KitController {

    private final KitService kits;
    private final MatService mats;
    private final TripService trips;
    private final Progress progress;
    private final StockService stock;

    KitController(KitService kits, MatService mats, TripService trips, Progress progress, StockService stock) {
        this.stock = stock;
        this.kits = kits;
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
     * @param fault what is wrong with the name; empty if nothing
     */
    record TripKitPage(
            Progress.Strip strip,
            @Nullable KitView kit,
            @Nullable Packed packed,
            String over,
            String limit,
            boolean differs,
            int kinds,
            long version,
            String suggestedName,
            String fault) {}

    record KitPage(KitView kit) {}

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
        Optional<Fault> fault = KitService.nameFault(name);
        if (fault.isPresent()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return page(member, trip, fault.get().sentence(), model);
        }
        try {
            kits.save(
                    member.householdId(),
                    id,
                    given,
                    mats.freeze(member.householdId(), id, version.orElseGet(() -> mats.mat(member.householdId(), trip)
                            .version())));
            next.addFlashAttribute("said", "Saved.");
        } catch (MatChangedElsewhere | OptimisticLockingFailureException | DataIntegrityViolationException conflict) {
            next.addFlashAttribute(
                    "said", "This kit or its mat was changed elsewhere a moment ago; look it over and save again.");
        }
        return "redirect:/trips/" + id + "/kit";
    }

    @GetMapping("/kits/{id}")
    String kit(@AuthenticationPrincipal Member member, @PathVariable UUID id, Model model) {
        Kit kit = kits.find(member.householdId(), id);
        if (kit.tripId().isPresent()) {
            return "redirect:/trips/" + kit.tripId().get() + "/kit";
        }
        return Shown.page("kits/kit", new KitPage(KitView.of(kit)), model);
    }

    @GetMapping("/kits/{id}/contents")
    String contents(@AuthenticationPrincipal Member member, @PathVariable UUID id, Model model) {
        return Shown.page("kits/contents", new KitPage(KitView.of(kits.find(member.householdId(), id))), model);
    }

    @GetMapping("/kits/{id}/contents.csv")
    ResponseEntity<String> csv(@AuthenticationPrincipal Member member, @PathVariable UUID id) {
        Kit kit = kits.find(member.householdId(), id);
        return ResponseEntity.ok()
                .contentType(new MediaType("text", "csv", StandardCharsets.UTF_8))
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename(kit.name() + ".csv", StandardCharsets.UTF_8)
                                .build()
                                .toString())
                .body(KitCsv.write(kit));
    }

    @PostMapping("/kits/{id}/delete")
    String delete(@AuthenticationPrincipal Member member, @PathVariable UUID id, RedirectAttributes next) {
        Binned.told(next, "KIT", id, kits.find(member.householdId(), id).name());
        kits.delete(member.householdId(), id);
        return "redirect:/";
    }

    private String page(Member member, StoredTrip trip, String fault, Model model) {
        Optional<Kit> kit = kits.ofTrip(member.householdId(), trip.id());
        Mat mat = mats.mat(member.householdId(), trip);
        Mass limit = trip.trip().limits().mass();
        TripKitPage view = new TripKitPage(
                progress.of(member.householdId(), trip, "Kit"),
                kit.map(KitView::of).orElse(null),
                kit.flatMap(k -> Packed.of(k, stock.of(member.householdId()), limit))
                        .orElse(null),
                kit.map(k -> Packed.over(k.mass(), limit)).orElse(""),
                Figures.grams(limit),
                kit.isPresent() && !kit.get().pieces().equals(mat.pieces()),
                mat.pieces().size(),
                mat.version(),
                kit.map(Kit::name).orElse(shortened(trip.trip().name()) + " kit"),
                fault);
        return Shown.page("kits/kit", view, model);
    }

    private static String shortened(String name) {
        return name.length() <= KitService.LONGEST_NAME - 4 ? name : name.substring(0, KitService.LONGEST_NAME - 4);
    }
}
