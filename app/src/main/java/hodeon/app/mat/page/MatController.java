package hodeon.app.mat.page;

import hodeon.app.household.Member;
import hodeon.app.mat.Mat;
import hodeon.app.mat.MatChange;
import hodeon.app.mat.MatChangedElsewhere;
import hodeon.app.mat.MatService;
import hodeon.app.mat.MatService.Changed;
import hodeon.app.plan.KitCalculator;
import hodeon.app.shell.Figures;
import hodeon.app.shell.Wording;
import hodeon.core.plan.Plan;
import java.util.Locale;
import java.util.UUID;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** The mat: what comes, how many, what it weighs. Every change is a small form, with and without script. */
@Controller
@RequestMapping("/trips/{id}/mat")
class MatController {

    private final MatService mats;
    private final MatPage page;
    private final OpenedMat opened;
    private final KitCalculator calculator;

    MatController(MatService mats, MatPage page, OpenedMat opened, KitCalculator calculator) {
        this.mats = mats;
        this.page = page;
        this.opened = opened;
        this.calculator = calculator;
    }

    @GetMapping
    String mat(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @RequestParam(required = false) @Nullable String about,
            MatLook.Asked asked,
            Model model) {
        Mat mat = opened.open(member, id, "Mat", model);
        model.addAttribute("mat", page.of(mat, MatLook.of(asked), about));
        return "mat/mat";
    }

    @PostMapping("/{change:plus|minus|pin|unpin|ban|unban|elsewhere|here|learn|learnt}")
    String change(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @PathVariable String change,
            @RequestParam String supply,
            @RequestParam long version,
            MatLook.Asked asked,
            RedirectAttributes next) {
        MatChange what = MatChange.valueOf(change.toUpperCase(Locale.ROOT));
        next.addAttribute("about", supply);
        return done(id, asked, next, () -> {
            Changed changed = mats.change(member.householdId(), id, version, supply, what);
            return said(changed.after(), supply) + effect(changed);
        });
    }

    @PostMapping("/rebalance")
    String rebalance(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @RequestParam long version,
            MatLook.Asked asked,
            RedirectAttributes next) {
        return done(
                id,
                asked,
                next,
                () -> Wording.says(
                        "matController.rebalancedAroundWhatYouPinnedAnd",
                        effect(mats.rebalance(member.householdId(), id, version))));
    }

    /** Leaves the mat as it is, and does not offer this better kit again. */
    @PostMapping("/keep")
    String keep(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            MatLook.Asked asked,
            RedirectAttributes next) {
        return done(id, asked, next, () -> {
            mats.declineBest(member.householdId(), id);
            return Wording.says("matController.keptAsItIs");
        });
    }

    @PostMapping("/undo")
    String undo(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @RequestParam long version,
            MatLook.Asked asked,
            RedirectAttributes next) {
        return done(id, asked, next, () -> mats.undo(member.householdId(), id, version)
                .map(changed -> Wording.says("matController.takenBack", changed.words(), effect(changed)))
                .orElse(Wording.says("matController.thereIsNothingToTakeBack")));
    }

    @PostMapping("/redo")
    String redo(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @RequestParam long version,
            MatLook.Asked asked,
            RedirectAttributes next) {
        return done(id, asked, next, () -> mats.redo(member.householdId(), id, version)
                .map(changed -> Wording.says("matController.doneAgain", changed.words(), effect(changed)))
                .orElse(Wording.says("matController.thereIsNothingToDoAgain")));
    }

    /** Makes a change and says what it did to the kit, or that the mat was changed elsewhere meanwhile. */
    private static String done(UUID id, MatLook.Asked asked, RedirectAttributes next, Supplier<String> change) {
        MatLook.of(asked).parameters().forEach(next::addAttribute);
        try {
            next.addFlashAttribute("said", change.get());
        } catch (MatChangedElsewhere | OptimisticLockingFailureException | DataIntegrityViolationException conflict) {
            next.addFlashAttribute("conflict", true);
        }
        return "redirect:/trips/" + id + "/mat";
    }

    private String effect(Changed changed) {
        Plan before = weighed(changed.before());
        Plan after = weighed(changed.after());
        return " "
                + Wording.says(
                        "matController.onTheMatMet",
                        Figures.grams(after.mass()),
                        Figures.percent(after.coverage()),
                        Figures.change(after.coverage() - before.coverage()));
    }

    private Plan weighed(Mat mat) {
        return calculator.weigh(mat.of(), mat.along(), mat.pieces()).plan();
    }

    private static String said(Mat mat, String id) {
        String name = mat.known().catalogue().supply(id).orElseThrow().name();
        return switch (mat.hold(id)) {
            case BANNED -> Wording.says("matController.leftOut", name);
            case ELSEWHERE -> Wording.says("matController.ridesElsewhereWeighsNothingHere", name);
            case PINNED -> Wording.says("matController.pinned", name, mat.pieces(id));
            case NONE -> name + ": " + mat.pieces(id) + ".";
        };
    }
}
