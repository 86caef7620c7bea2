package hodeon.app.readiness;

import hodeon.app.household.Member;
import hodeon.app.shell.Figures;
import hodeon.app.shell.Shown;
import hodeon.app.shell.Wording;
import hodeon.app.stock.Days;
import hodeon.app.stock.ledger.Stock;
import hodeon.core.stock.Ledger.TooFew;
import java.util.List;
import java.util.Optional;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** What to move before it expires, and why. */
@Controller
class RotateController {

    private final RotationService rotation;

    RotateController(RotationService rotation) {
        this.rotation = rotation;
    }

    record MoveView(String pieces, String good, String from, String to) {}

    record SuggestionView(
            String supply,
            String name,
            String saved,
            String before,
            String after,
            List<MoveView> moves,
            List<String> uses) {}

    /** @param tooMany supplies of which there is more than will be used in time */
    record RotatePage(List<SuggestionView> suggestions, String saved, List<String> tooMany) {}

    @GetMapping("/stock/rotate")
    String page(@AuthenticationPrincipal Member member, Model model) {
        RotationService.Answer answer = rotation.answer(member.householdId());
        Stock all = answer.stock();
        RotatePage view = new RotatePage(
                answer.suggestions().stream().map(s -> view(s, all)).toList(),
                Figures.money(answer.suggestions().stream()
                                .mapToDouble(s -> s.answer().saved())
                                .sum()
                        / 100),
                answer.tooMany().stream().map(all::nameOf).toList());
        return Shown.page("readiness/rotate", view, model);
    }

    private static SuggestionView view(RotationService.Suggestion s, Stock all) {
        return new SuggestionView(
                s.supply(),
                all.nameOf(s.supply()),
                Figures.money(s.answer().saved() / 100),
                Figures.money(s.answer().wastedBefore() / 100),
                Figures.money(s.answer().wastedAfter() / 100),
                s.answer().moves().stream()
                        .map(m -> new MoveView(
                                all.counted(m.pieces(), s.supply()),
                                m.held().good().map(Days::said).orElse(Wording.says("rotateController.noDate")),
                                all.placeName(m.held().place()),
                                all.placeName(m.to())))
                        .toList(),
                s.rates().entrySet().stream()
                        .map(r -> Wording.says(
                                "rotateController.usesAboutAYear",
                                all.placeName(r.getKey()),
                                Figures.number(r.getValue())))
                        .toList());
    }

    @PostMapping("/stock/rotate")
    String accept(
            @AuthenticationPrincipal Member member,
            @RequestParam(required = false) Optional<String> supply,
            RedirectAttributes next) {
        try {
            int moved = rotation.accept(member.householdId(), supply, member.getUsername());
            next.addFlashAttribute("said", Figures.counted(moved, "piece") + " moved.");
        } catch (TooFew few) {
            next.addFlashAttribute("said", "Somebody moved something meanwhile; nothing was changed. Look again.");
        }
        return "redirect:/stock/rotate";
    }
}
