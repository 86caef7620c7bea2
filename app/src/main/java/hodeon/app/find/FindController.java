package hodeon.app.find;

import hodeon.app.household.Member;
import java.util.Optional;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Finds a supply, problem, person, kit or trip by its name. */
@Controller
class FindController {

    private final Finder finder;

    FindController(Finder finder) {
        this.finder = finder;
    }

    @GetMapping("/find")
    String find(
            @AuthenticationPrincipal Member member,
            @RequestParam(defaultValue = "") String q,
            @RequestParam(required = false) UUID trip,
            Model model) {
        model.addAttribute("q", q);
        model.addAttribute("found", finder.find(member.householdId(), q, Optional.ofNullable(trip)));
        return "find/find";
    }
}
