package hodeon.app.household.door;

import hodeon.app.household.AccountKeys;
import hodeon.app.household.Audit;
import hodeon.app.household.HouseholdService;
import hodeon.app.household.Member;
import hodeon.app.household.account.SecondLook;
import hodeon.app.household.account.SignedIn;
import hodeon.app.household.door.AfterPassword.Halfway;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** Between the right password and the house, for accounts with a second factor. */
@Controller
@RequestMapping("/sign-in/second")
class SecondFactorController {

    private final AccountKeys keys;
    private final HouseholdService households;
    private final SignedIn signedIn;
    private final Audit audit;
    private final Throttle throttle;

    SecondFactorController(
            AccountKeys keys, HouseholdService households, SignedIn signedIn, Audit audit, Throttle throttle) {
        this.keys = keys;
        this.households = households;
        this.signedIn = signedIn;
        this.audit = audit;
        this.throttle = throttle;
    }

    private static Optional<Halfway> halfway(HttpSession session) {
        return Optional.ofNullable(session.getAttribute(AfterPassword.HALFWAY))
                .filter(Halfway.class::isInstance)
                .map(Halfway.class::cast)
                .filter(h -> h.since().isAfter(Instant.now().minus(Duration.ofMinutes(AfterPassword.MINUTES))));
    }

    @GetMapping
    String page(HttpSession session) {
        return halfway(session).isPresent() ? "household/sign-in-second" : "redirect:/sign-in";
    }

    @PostMapping
    String check(
            @RequestParam(defaultValue = "") String code,
            HttpServletRequest request,
            HttpServletResponse response,
            RedirectAttributes next) {
        Optional<Halfway> half = halfway(request.getSession());
        if (half.isEmpty()) {
            return "redirect:/sign-in";
        }
        Optional<Member> member = households.member(half.get().account());
        if (member.isEmpty() || !keys.second(half.get().account(), code)) {
            member.ifPresent(
                    m -> audit.note(m, Audit.Kind.SIGN_IN, "a wrong second factor, from " + request.getRemoteAddr()));
            next.addFlashAttribute(
                    "fault", "That is neither the code of this minute nor a recovery code that is left. Try the next.");
            return "redirect:/sign-in/second";
        }
        request.getSession().removeAttribute(AfterPassword.HALFWAY);
        signedIn.become(member.get(), request, response);
        SecondLook.looked(request.getSession());
        throttle.succeeded(member.get().getUsername(), request.getRemoteAddr());
        throttle.succeeded(member.get().accountId().toString(), request.getRemoteAddr());
        audit.note(member.get(), Audit.Kind.SIGN_IN, "signed in with a second factor, from " + request.getRemoteAddr());
        return "redirect:/";
    }
}
