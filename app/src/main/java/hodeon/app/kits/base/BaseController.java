package hodeon.app.kits.base;

import hodeon.app.brief.TripService;
import hodeon.app.household.Member;
import hodeon.app.mat.MatChangedElsewhere;
import hodeon.app.shell.Figures;
import hodeon.app.shell.Wording;
import hodeon.core.stock.Ledger.TooFew;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** Acts of an outing that takes along a kit which stands somewhere. */
@Controller
class BaseController {

    private final OutingBase bases;
    private final TripService trips;

    BaseController(OutingBase bases, TripService trips) {
        this.bases = bases;
        this.trips = trips;
    }

    @PostMapping("/trips/{id}/base")
    String take(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @RequestParam UUID kit,
            RedirectAttributes next) {
        try {
            bases.take(member.householdId(), trips.find(member.householdId(), id), kit);
            next.addFlashAttribute("said", "It goes along: what lies in it is on the mat and counts as there.");
        } catch (MatChangedElsewhere changed) {
            next.addFlashAttribute("said", "The mat was changed elsewhere a moment ago; choose again.");
        }
        return ready(id);
    }

    @PostMapping("/trips/{id}/base/module")
    String module(@AuthenticationPrincipal Member member, @PathVariable UUID id, RedirectAttributes next) {
        next.addFlashAttribute(
                "said",
                bases.module(member.householdId(), trips.find(member.householdId(), id))
                                .isPresent()
                        ? "The module lies in the kit; fill it from home or the shop."
                        : "Nothing lacks: no module is needed.");
        return ready(id);
    }

    @PostMapping("/trips/{id}/base/home")
    String home(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @RequestParam UUID shelf,
            RedirectAttributes next) {
        try {
            int pieces = bases.bringHome(
                    member.householdId(), trips.find(member.householdId(), id), shelf, member.getUsername());
            next.addFlashAttribute(
                    "said", Wording.says("baseController.theModuleIsTakenOut", Figures.counted(pieces, "piece")));
        } catch (TooFew few) {
            next.addFlashAttribute("said", "Somebody was quicker: look again at what lies in the module.");
        }
        return ready(id);
    }

    private static String ready(UUID id) {
        return "redirect:/trips/" + id + "/ready";
    }
}
