package hodeon.app.history;

import hodeon.app.household.Member;
import hodeon.app.shell.Shown;
import hodeon.app.shell.Wording;
import hodeon.core.notice.Faults;
import java.util.List;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** What was changed, by whom, and undoing it. */
@Controller
class HistoryController {

    private final Changes changes;

    HistoryController(Changes changes) {
        this.changes = changes;
    }

    /** @param thing the one thing whose changes are shown; empty for all */
    record HistoryPage(List<Changes.Change> changes, String thing, int most, int days) {}

    @GetMapping("/settings/history")
    String page(@AuthenticationPrincipal Member member, @RequestParam(defaultValue = "") String thing, Model model) {
        HistoryPage view =
                new HistoryPage(changes.latest(member.householdId(), thing), thing, Changes.MOST, Changes.KEPT_DAYS);
        return Shown.page("history/history", view, model);
    }

    @PostMapping("/settings/history/{id}/undo")
    String undo(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "") String thing,
            RedirectAttributes next) {
        Faults faults = new Faults();
        String name = changes.undo(member, id, faults);
        if (faults.none()) {
            next.addFlashAttribute("said", Wording.says("historyController.isAsItWas", name));
        }
        next.addFlashAttribute("faults", faults.all());
        next.addAttribute("thing", thing);
        return "redirect:/settings/history";
    }
}
