package hodeon.app.bin;

import hodeon.app.history.Changes;
import hodeon.app.household.Member;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** The bin, and bringing things back from it. */
@Controller
class BinController {

    private final Bin bin;
    private final Changes changes;

    BinController(Bin bin, Changes changes) {
        this.bin = bin;
        this.changes = changes;
    }

    @GetMapping("/bin")
    String page(@AuthenticationPrincipal Member member, Model model) {
        model.addAttribute("things", bin.of(member.householdId()));
        model.addAttribute("days", Bin.DAYS);
        return "bin/bin";
    }

    @PostMapping("/bin/{kind}/back")
    String back(
            @AuthenticationPrincipal Member member,
            @PathVariable Bin.Kind kind,
            @RequestParam String id,
            RedirectAttributes next) {
        Bin.Thing thing = changes.noting(member, kind.table(), () -> bin.bringBack(member.householdId(), kind, id));
        next.addFlashAttribute("said", "“" + thing.name() + "” is back.");
        return "redirect:"
                + switch (kind) {
                    case TRIP -> "/trips/" + id + "/odds";
                    case LIST -> "/lists/" + id;
                    case KIT -> "/kits/" + id;
                    case SUPPLY -> "/supplies";
                    case PROBLEM, CAPABILITY -> "/problems";
                    case MEDICINE -> "/medicines";
                };
    }

    @PostMapping("/bin/{kind}/empty")
    String empty(
            @AuthenticationPrincipal Member member,
            @PathVariable Bin.Kind kind,
            @RequestParam String id,
            RedirectAttributes next) {
        next.addFlashAttribute(
                "said",
                "“"
                        + changes.noting(member, kind.table(), () -> bin.empty(member.householdId(), kind, id))
                                .name()
                        + "” is gone for good.");
        return "redirect:/bin";
    }
}
