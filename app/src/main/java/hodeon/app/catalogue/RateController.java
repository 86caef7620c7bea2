package hodeon.app.catalogue;

import hodeon.app.household.Member;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** A household's own rates of problems, set where the odds are looked at. */
@Controller
class RateController {

    private static final double LEAST_STRENGTH = 1;
    private static final double MOST_STRENGTH = 1_000_000;
    private static final double MOST_RATE = 10_000;

    private final OwnCatalogue catalogues;

    RateController(OwnCatalogue catalogues) {
        this.catalogues = catalogues;
    }

    /** Keeps a rate of one's own and goes back to the odds it was entered on. */
    @PostMapping("/rates/{problem}")
    String keepRate(
            @AuthenticationPrincipal Member member,
            @PathVariable String problem,
            @RequestParam String perThousand,
            @RequestParam String strength,
            @RequestParam UUID trip,
            RedirectAttributes next) {
        double rate = number(perThousand);
        double worth = number(strength);
        if (!(rate >= 0 && rate <= MOST_RATE) || !(worth >= LEAST_STRENGTH && worth <= MOST_STRENGTH)) {
            next.addFlashAttribute(
                    "rateFault",
                    "A rate is a number from 0 to 10,000 per 1,000 person-days, its strength 1 to 1,000,000 person-days;"
                            + " “" + perThousand + "” and “" + strength + "” were given. Nothing was changed.");
        } else {
            catalogues.keepRate(member.householdId(), problem, rate, worth);
        }
        next.addAttribute("why", problem);
        return "redirect:/trips/" + trip + "/odds";
    }

    @PostMapping("/rates/{problem}/drop")
    String dropRate(
            @AuthenticationPrincipal Member member,
            @PathVariable String problem,
            @RequestParam UUID trip,
            RedirectAttributes next) {
        catalogues.dropRate(member.householdId(), problem);
        next.addAttribute("why", problem);
        return "redirect:/trips/" + trip + "/odds";
    }

    private static double number(String typed) {
        try {
            return Double.parseDouble(typed.strip().replace(',', '.'));
        } catch (NumberFormatException e) {
            return Double.NaN;
        }
    }
}
