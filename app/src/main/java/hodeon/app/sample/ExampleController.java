package hodeon.app.sample;

import hodeon.app.household.Member;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;

/** The example: looked at in one touch, taken away in one. */
@Controller
@RequestMapping("/example")
class ExampleController {

    private final Example example;

    ExampleController(Example example) {
        this.example = example;
    }

    @PostMapping
    String layOut(@AuthenticationPrincipal Member member) {
        example.layOut(member.householdId());
        return "redirect:/";
    }

    @PostMapping("/remove")
    String takeAway(@AuthenticationPrincipal Member member) {
        example.takeAway(member.householdId());
        return "redirect:/";
    }
}
