package hodeon.app.household.member;

import hodeon.app.household.HouseholdService;
import hodeon.app.household.Member;
import hodeon.app.household.Memberships;
import hodeon.app.household.Role;
import hodeon.app.household.account.SignedIn;
import hodeon.app.shell.Shown;
import hodeon.app.shell.Wording;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** The households somebody belongs to: open another, join one, leave, found one of one's own. */
@Controller
class HouseholdsController {

    static final int MOST_HOUSEHOLDS = 20;
    private static final int LONGEST_NAME = 80;

    private final HouseholdService households;
    private final Memberships memberships;
    private final Invitations invitations;
    private final SignedIn signedIn;

    HouseholdsController(
            HouseholdService households, Memberships memberships, Invitations invitations, SignedIn signedIn) {
        this.households = households;
        this.memberships = memberships;
        this.invitations = invitations;
        this.signedIn = signedIn;
    }

    record HouseholdsPage(List<Memberships.Theirs> all, UUID open, String code, List<Role> roles) {}

    @GetMapping("/households")
    String all(@AuthenticationPrincipal Member member, @RequestParam(defaultValue = "") String code, Model model) {
        return Shown.page(
                "household/households",
                new HouseholdsPage(
                        memberships.ofAccount(member.accountId()), member.householdId(), code, List.of(Role.values())),
                model);
    }

    @PostMapping("/households/{id}/open")
    String open(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            HttpServletRequest request,
            HttpServletResponse response) {
        signedIn.become(households.open(member.accountId(), id), request, response);
        return "redirect:/";
    }

    @PostMapping("/households/join")
    String join(
            @AuthenticationPrincipal Member member,
            @RequestParam(defaultValue = "") String code,
            HttpServletRequest request,
            HttpServletResponse response,
            RedirectAttributes next) {
        return invitations
                .use(code, member.accountId())
                .map(m -> {
                    signedIn.become(m, request, response);
                    return "redirect:/";
                })
                .orElseGet(() -> {
                    next.addFlashAttribute(
                            "fault",
                            Wording.says("householdsController.aCodeOpensOnce", code.strip(), Invitations.DAYS));
                    return "redirect:/households";
                });
    }

    @PostMapping("/households/found")
    String found(
            @AuthenticationPrincipal Member member,
            @RequestParam(defaultValue = "") String name,
            HttpServletRequest request,
            HttpServletResponse response,
            RedirectAttributes next) {
        String typed = name.strip();
        if (typed.isEmpty() || typed.length() > LONGEST_NAME) {
            next.addFlashAttribute("fault", Wording.says("householdsController.aHouseholdsNameHas", LONGEST_NAME));
            return "redirect:/households";
        }
        if (memberships.ofAccount(member.accountId()).size() >= MOST_HOUSEHOLDS) {
            next.addFlashAttribute(
                    "fault", Wording.says("householdsController.somebodyBelongsToAtMost", MOST_HOUSEHOLDS));
            return "redirect:/households";
        }
        UUID founded = households.found(member.accountId(), typed);
        signedIn.become(households.open(member.accountId(), founded), request, response);
        return "redirect:/";
    }

    /** Leaves the household that is open. */
    @PostMapping("/households/leave")
    String leave(@AuthenticationPrincipal Member member, RedirectAttributes next) {
        memberships.remove(member, member.accountId());
        next.addFlashAttribute("said", Wording.says("householdsController.youHaveLeft", member.householdName()));
        return "redirect:/households";
    }

    @ExceptionHandler(Memberships.LastKeeper.class)
    String lastKeeper(RedirectAttributes next) {
        next.addFlashAttribute(
                "fault",
                "A household needs a keeper, and you are the only one. Hand it over first, or erase it; both stand under Members.");
        return "redirect:/households";
    }
}
