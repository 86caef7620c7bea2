package hodeon.app.simulated;

import hodeon.app.household.Member;
import java.util.List;
import java.util.Optional;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;

/** What the simulated outbox holds. */
@Controller
class OutboxController {

    private final Optional<SimulatedPost> post;

    OutboxController(Optional<SimulatedPost> post) {
        this.post = post;
    }

    @GetMapping("/simulated/outbox")
    String page(@AuthenticationPrincipal Member member, Model model) {
        model.addAttribute(
                "mails", post.map(p -> p.latest(member.householdId())).orElse(List.of()));
        model.addAttribute("real", post.isEmpty());
        return "simulated/outbox";
    }
}
