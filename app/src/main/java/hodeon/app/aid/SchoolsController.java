package hodeon.app.aid;

import hodeon.app.household.Member;
import hodeon.core.notice.Fault;
import hodeon.core.notice.Faults;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** The schools of first aid side by side, and which the household follows. */
@Controller
class SchoolsController {

    private final FirstAid aid;

    SchoolsController(FirstAid aid) {
        this.aid = aid;
    }

    @GetMapping("/settings/schools")
    String page(@AuthenticationPrincipal Member member, Model model) {
        model.addAttribute("topics", aid.topics(member.householdId()));
        return "aid/schools";
    }

    /** @param topic the school chosen for each topic, by ids */
    record Chosen(Map<String, String> topic) {

        Chosen {
            topic = topic == null ? Map.of() : topic;
        }
    }

    @PostMapping("/settings/schools")
    String follow(@AuthenticationPrincipal Member member, Chosen chosen, RedirectAttributes next) {
        Faults faults = new Faults();
        aid.follow(member.householdId(), chosen.topic(), faults);
        next.addFlashAttribute(
                faults.none() ? "said" : "fault",
                faults.none()
                        ? "Kept. Every page and card follows these from now on."
                        : faults.all().stream().map(Fault::sentence).collect(Collectors.joining(" ")));
        return "redirect:/settings/schools";
    }
}
