package hodeon.app.tradeoff;

import hodeon.app.household.Member;
import hodeon.app.mat.Mat;
import hodeon.app.mat.MatChangedElsewhere;
import hodeon.app.mat.MatService;
import hodeon.app.mat.page.OpenedMat;
import hodeon.app.plan.KitCalculator;
import hodeon.core.plan.KitQuestion;
import hodeon.core.plan.Scope;
import hodeon.core.plan.tradeoff.SmallestModule;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
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

/** The smallest module for the problems somebody ticks. */
@Controller
@RequestMapping("/trips/{id}/mat/module")
class ModuleController {

    private final MatService mats;
    private final KitCalculator calculator;
    private final OpenedMat opened;

    ModuleController(MatService mats, KitCalculator calculator, OpenedMat opened) {
        this.mats = mats;
        this.calculator = calculator;
        this.opened = opened;
    }

    @GetMapping
    String module(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "") Set<String> problem,
            @RequestParam(defaultValue = "") Set<String> does,
            Model model) {
        Mat mat = opened.open(member, id, "Module", model);
        KitQuestion question = calculator.question(mat.of(), mat.along());
        Scope scope = scope(question, problem, does);
        Optional<SmallestModule> found = scope.isEmpty() ? Optional.empty() : calculator.module(question, scope);
        model.addAttribute("module", ModuleView.of(question, scope, found));
        return "tradeoff/module";
    }

    /** Puts everything of it that is not there yet on the mat, pinned. */
    @PostMapping
    String put(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "") Set<String> problem,
            @RequestParam(defaultValue = "") Set<String> does,
            @RequestParam long version,
            RedirectAttributes next) {
        Mat mat = mats.mat(member.householdId(), id);
        KitQuestion question = calculator.question(mat.of(), mat.along());
        Scope scope = scope(question, problem, does);
        Map<String, Integer> pieces =
                calculator.module(question, scope).map(SmallestModule::pieces).orElse(Map.of());
        try {
            mats.pinAll(
                    member.householdId(),
                    id,
                    version,
                    pieces,
                    ModuleView.of(question, scope, Optional.empty()).name());
        } catch (MatChangedElsewhere | OptimisticLockingFailureException | DataIntegrityViolationException e) {
            next.addFlashAttribute("conflict", true);
        }
        return "redirect:/trips/" + id + "/mat";
    }

    /** What can happen on this trip and what it asks for; anything else that is named is left aside. */
    private static Scope scope(KitQuestion question, Set<String> problems, Set<String> capabilities) {
        Set<String> known = question.problems().stream()
                .map(p -> p.problem().id())
                .filter(problems::contains)
                .collect(Collectors.toSet());
        Set<String> asked =
                question.asked().stream().filter(capabilities::contains).collect(Collectors.toSet());
        return new Scope(known, asked);
    }
}
