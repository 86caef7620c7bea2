package hodeon.app.tradeoff;

import hodeon.app.brief.Progress;
import hodeon.app.household.Member;
import hodeon.app.mat.Mat;
import hodeon.app.mat.MatService;
import hodeon.app.plan.KitCalculator;
import hodeon.app.shell.Figures;
import hodeon.app.shell.Shown;
import hodeon.app.shell.Wording;
import hodeon.core.catalogue.Catalogue;
import hodeon.core.catalogue.Supply;
import hodeon.core.need.ProblemForecast;
import hodeon.core.plan.Plan;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;

/** For every problem, how far what lies on the mat meets it, by what, and where it is weakest. */
@Controller
class AnswersController {

    private final MatService mats;
    private final KitCalculator calculator;
    private final Progress progress;

    AnswersController(MatService mats, KitCalculator calculator, Progress progress) {
        this.mats = mats;
        this.calculator = calculator;
        this.progress = progress;
    }

    record ProblemView(String id, String name, String met, String weakest, List<StepView> steps) {}

    record StepView(String capability, String importance, String met, String by) {}

    record AnswersPage(Progress.Strip strip, String here, List<ProblemView> problems) {}

    @GetMapping("/trips/{id}/mat/answers")
    String answers(@AuthenticationPrincipal Member member, @PathVariable UUID id, Model model) {
        Mat mat = mats.mat(member.householdId(), id);
        Plan plan = calculator.weigh(mat.of(), mat.along(), mat.pieces()).plan();
        List<ProblemForecast> problems = plan.steps().stream()
                .map(s -> s.needed().problem())
                .distinct()
                .sorted(Comparator.comparingDouble(ProblemForecast::concern).reversed())
                .toList();
        AnswersPage view = new AnswersPage(
                progress.of(member.householdId(), mat.trip(), "Mat"),
                "Answers",
                problems.stream()
                        .map(p -> view(p, plan, mat.known().catalogue()))
                        .toList());
        return Shown.page("tradeoff/answers", view, model);
    }

    private static ProblemView view(ProblemForecast problem, Plan plan, Catalogue catalogue) {
        String id = problem.problem().id();
        List<Plan.ServedStep> steps = plan.steps().stream()
                .filter(s -> s.needed().problem().equals(problem))
                .toList();
        Plan.ServedStep weakest = plan.weakest(id).orElseThrow();
        return new ProblemView(
                id,
                problem.problem().name(),
                Figures.percent(plan.coverage(id)),
                Wording.says(
                        "answersController.met",
                        weakest.needed().step().capability().name(),
                        Figures.percent(weakest.coverage())),
                steps.stream().map(s -> step(s, catalogue)).toList());
    }

    private static StepView step(Plan.ServedStep step, Catalogue catalogue) {
        String by = step.by().stream()
                .map(b -> catalogue.supply(b.supply()).map(Supply::name).orElse(b.supply())
                        + (b.always()
                                ? Wording.says("answersController.everyTime")
                                : " "
                                        + Wording.says(
                                                "taking.for",
                                                Figures.counted(
                                                        b.uses(),
                                                        step.needed()
                                                                .step()
                                                                .capability()
                                                                .unit()))))
                .collect(Collectors.joining("; "));
        boolean tooRare = by.isEmpty() && step.coverage() > 0;
        return new StepView(
                step.needed().step().capability().name(),
                step.needed().step().step().importance().name().toLowerCase(Locale.ROOT),
                tooRare ? "–" : Figures.percent(step.coverage()),
                tooRare
                        ? Wording.says("answersController.askedForTooRarelyHereToCount")
                        : by.isEmpty() ? "nothing" : by);
    }
}
