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
import hodeon.app.stock.StockService;
import hodeon.core.notice.Fault;
import hodeon.core.units.Mass;
import jakarta.servlet.http.HttpServletResponse;
import java.nio.charset.StandardCharsets;
import java.util.Optional;
import java.util.UUID;
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

    @GetMapping("/trips/{id}/kit")
    String ofTrip(@AuthenticationPrincipal Member member, @PathVariable UUID id, Model model) {
        return page(member, trips.find(member.householdId(), id), model);
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
            model.addAttribute("fault", fault.get().sentence());
            return page(member, trip, model);
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
        model.addAttribute("kit", KitView.of(kit));
        return "kits/kit";
    }

    @GetMapping("/kits/{id}/contents")
    String contents(@AuthenticationPrincipal Member member, @PathVariable UUID id, Model model) {
        model.addAttribute("kit", KitView.of(kits.find(member.householdId(), id)));
        return "kits/contents";
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

    private String page(Member member, StoredTrip trip, Model model) {
        Optional<Kit> kit = kits.ofTrip(member.householdId(), trip.id());
        Mat mat = mats.mat(member.householdId(), trip);
        model.addAttribute("strip", progress.of(member.householdId(), trip, "Kit"));
        model.addAttribute("kit", kit.map(KitView::of).orElse(null));
        Mass limit = trip.trip().limits().mass();
        model.addAttribute(
                "packed",
                kit.flatMap(k -> Packed.of(k, stock.of(member.householdId()), limit))
                        .orElse(null));
        model.addAttribute("over", kit.map(k -> Packed.over(k.mass(), limit)).orElse(""));
        model.addAttribute("limit", Figures.grams(limit));
        model.addAttribute("differs", kit.isPresent() && !kit.get().pieces().equals(mat.pieces()));
        model.addAttribute("kinds", mat.pieces().size());
        model.addAttribute("version", mat.version());
        model.addAttribute(
                "suggestedName", kit.map(Kit::name).orElse(shortened(trip.trip().name()) + " kit"));
        return "kits/kit";
    }

    private static String shortened(String name) {
        return name.length() <= KitService.LONGEST_NAME - 4 ? name : name.substring(0, KitService.LONGEST_NAME - 4);
    }
}
