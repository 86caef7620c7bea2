package hodeon.app.kits.use;

import hodeon.app.household.Member;
import hodeon.app.shell.Figures;
import hodeon.app.shell.Shown;
import hodeon.app.shell.Wording;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** What a kit uses in a usual week, and for how long what lies in it lasts. */
@Controller
class UseController {

    private final KitUse uses;

    UseController(KitUse uses) {
        this.uses = uses;
    }

    /** @param least it holds now, and {@code asks} for what the learned use asks; empty where nobody says when it is filled up */
    record UseView(String name, String aWeek, String basis, String lasts, String least, String asks) {}

    /** @param learns whether other least counts can be written into the list */
    record UsePage(UUID id, String kit, boolean listed, boolean planned, boolean learns, List<UseView> uses) {}

    @GetMapping("/kits/{id}/use")
    String use(@AuthenticationPrincipal Member member, @PathVariable UUID id, Model model) {
        KitUse.Answer answer = uses.of(member.householdId(), id);
        boolean planned = answer.refillDays().isPresent();
        Map<String, Integer> least = planned ? KitUse.least(answer) : Map.of();
        UsePage view = new UsePage(
                id,
                answer.kit().name(),
                answer.list().isPresent(),
                planned,
                planned
                        && answer.uses().stream()
                                .anyMatch(u -> u.line().least()
                                        != least.getOrDefault(u.supply().id(), 0)),
                answer.uses().stream().map(u -> view(u, answer.weeks(), least)).toList());
        return Shown.page("kits/use", view, model);
    }

    private static UseView view(KitUse.Use use, double weeks, Map<String, Integer> least) {
        String seen = Wording.says(
                "useController.usedIn",
                use.used(),
                (weeks < 1 ? Wording.says("useController.lessThanAWeek") : Figures.counted(Math.round(weeks), "week")));
        return new UseView(
                use.supply().name(),
                Figures.number(use.learned().aWeek()),
                use.expectedAWeek().isPresent()
                        ? Wording.says(
                                "useController.expected",
                                Figures.number(use.expectedAWeek().getAsDouble()),
                                seen)
                        : seen,
                use.learned().lasts(use.good()).isPresent()
                        ? Figures.counted(
                                Math.round(use.learned().lasts(use.good()).getAsDouble()), "week")
                        : "",
                Figures.pieces(use.line().least(), use.supply()),
                least.containsKey(use.supply().id())
                        ? Figures.pieces(least.get(use.supply().id()), use.supply())
                        : "");
    }

    @PostMapping("/kits/{id}/use")
    String learn(@AuthenticationPrincipal Member member, @PathVariable UUID id, RedirectAttributes next) {
        uses.learn(member.householdId(), id, member.getUsername());
        next.addFlashAttribute("said", "Written into the list.");
        return "redirect:/kits/" + id + "/use";
    }
}
