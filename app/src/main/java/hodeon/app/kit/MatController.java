package hodeon.app.kit;

import hodeon.app.household.Member;
import hodeon.app.kit.MatService.Change;
import hodeon.app.shell.Figures;
import hodeon.app.trip.Progress;
import hodeon.core.catalogue.Supply;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** The mat: what comes, how many, what it weighs. Every change is a small form, with and without script. */
@Controller
class MatController {

    private final MatService mats;
    private final MatPage page;
    private final Progress progress;

    MatController(MatService mats, MatPage page, Progress progress) {
        this.mats = mats;
        this.page = page;
        this.progress = progress;
    }

    @GetMapping("/trips/{id}/mat")
    String mat(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @RequestParam(required = false) String about,
            Model model) {
        Mat mat = mats.mat(member.householdId(), id);
        model.addAttribute("strip", progress.of(member.householdId(), mat.trip(), "Mat"));
        model.addAttribute("mat", page.of(mat, about));
        return "kit/mat";
    }

    @PostMapping("/trips/{id}/mat/{change:plus|minus|pin|unpin|ban|unban|elsewhere|here}")
    String change(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @PathVariable String change,
            @RequestParam String supply,
            @RequestParam long version,
            RedirectAttributes next) {
        next.addAttribute("about", supply);
        try {
            Change what = Change.valueOf(change.toUpperCase(Locale.ROOT));
            Mat mat = mats.change(member.householdId(), id, version, supply, what);
            next.addFlashAttribute("said", said(mat, supply));
        } catch (MatChangedElsewhere | OptimisticLockingFailureException | DataIntegrityViolationException conflict) {
            next.addFlashAttribute("conflict", true);
        }
        return "redirect:/trips/" + id + "/mat";
    }

    @PostMapping("/trips/{id}/mat/rebalance")
    String rebalance(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @RequestParam long version,
            RedirectAttributes next) {
        try {
            mats.rebalance(member.householdId(), id, version);
            next.addFlashAttribute("said", "Rebalanced around what you pinned and left out.");
        } catch (MatChangedElsewhere | OptimisticLockingFailureException | DataIntegrityViolationException conflict) {
            next.addFlashAttribute("conflict", true);
        }
        return "redirect:/trips/" + id + "/mat";
    }

    private static String said(Mat mat, String id) {
        Optional<Supply> supply = mat.known().catalogue().supply(id);
        String name = supply.map(Supply::name).orElse(id);
        int pieces = mat.pieces(id);
        return switch (mat.hold(id)) {
            case BANNED -> name + ": left out.";
            case ELSEWHERE -> name + ": rides elsewhere, weighs nothing here.";
            case PINNED -> name + ": " + pieces + ", pinned.";
            case NONE ->
                name + ": " + pieces + ", "
                        + supply.map(s -> Figures.grams(s.mass().times(pieces))).orElse("") + ".";
        };
    }
}
