package hodeon.app.contents;

import hodeon.app.catalogue.ReadLine;
import hodeon.app.catalogue.Understanding;
import hodeon.app.household.Member;
import hodeon.app.kits.list.ListService;
import hodeon.app.mat.Mat;
import hodeon.app.mat.MatChangedElsewhere;
import hodeon.app.mat.MatService;
import hodeon.app.mat.page.OpenedMat;
import hodeon.app.plan.KitCalculator;
import hodeon.app.shell.Figures;
import hodeon.app.shell.RepeatedFields;
import hodeon.app.shell.Shown;
import hodeon.app.shell.Wording;
import hodeon.app.stock.enter.OpenLines;
import hodeon.core.catalogue.Catalogue;
import hodeon.core.evidence.PlanningAssumption;
import hodeon.core.notice.Fault;
import hodeon.core.notice.Faults;
import hodeon.core.plan.Plan;
import hodeon.core.plan.tradeoff.Sorting;
import jakarta.servlet.http.HttpServletResponse;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.WebDataBinder;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.InitBinder;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/**
 * What to make of contents somebody has: paste or drop a list, confirm what each line is, see what comes, what is missing
 * and what makes a second kit; change the numbers, lay the kit on the mat, save the second one.
 */
@Controller
@RequestMapping("/trips/{id}/mat/sort")
class SortController {

    private static final double SECOND_KIT_GRAMS = PlanningAssumption.SECOND_KIT.value();

    private final OpenedMat opened;
    private final MatService mats;
    private final ListService lists;
    private final KitCalculator calculator;
    private final OpenLines open;
    private final Understanding understanding;

    SortController(
            OpenedMat opened,
            MatService mats,
            ListService lists,
            KitCalculator calculator,
            OpenLines open,
            Understanding understanding) {
        this.understanding = understanding;
        this.open = open;
        this.opened = opened;
        this.mats = mats;
        this.lists = lists;
        this.calculator = calculator;
    }

    @InitBinder
    void wholeLines(WebDataBinder binder) {
        RepeatedFields.whole(binder);
    }

    /**
     * What comes and what makes a second kit.
     *
     * @param met of what the kit is for, and {@code broken} rules that it does not keep
     * @param toGet kinds that are missing
     * @param savedKit the second kit, if it was saved just now
     */
    record SortedPage(
            String text,
            List<ReadLine> lines,
            List<Fault> faults,
            SortedContents sorted,
            String takeGrams,
            String met,
            List<String> broken,
            int toGet,
            String secondGrams,
            String limit,
            @Nullable UUID savedKit) {}

    @GetMapping
    String ask(@AuthenticationPrincipal Member member, @PathVariable UUID id, Model model) {
        opened.open(member, id, Wording.says("sortController.whatIHave"), model);
        return Shown.page("contents/sort", LinesPage.EMPTY, model);
    }

    /** Matches the pasted lines, to be confirmed. */
    @PostMapping
    String match(
            @AuthenticationPrincipal Member member, @PathVariable UUID id, @RequestParam String text, Model model) {
        Mat mat = opened.open(member, id, Wording.says("sortController.whatIHave"), model);
        return Shown.page(
                "contents/sort",
                LinesPage.read(
                        text, member.householdId(), understanding, mat.known().catalogue()),
                model);
    }

    /** Sorts what was confirmed; lines without a supply are kept aside and told. */
    @PostMapping("/confirmed")
    String sort(@AuthenticationPrincipal Member member, @PathVariable UUID id, ConfirmedLines confirmed, Model model) {
        Mat mat = opened.open(member, id, Wording.says("sortController.whatIHave"), model);
        Catalogue catalogue = mat.known().catalogue();
        List<String> unknown = new ArrayList<>();
        Map<String, Integer> have = confirmed.counted(catalogue, unknown);
        open.keep(member.householdId(), unknown);
        confirmed.learn(member.householdId(), catalogue, understanding);
        Sorting sorting = calculator.sort(mat.of(), mat.along(), have, SECOND_KIT_GRAMS);
        return sorted(mat, SortedContents.of(sorting, have, unknown, catalogue), List.of(), null, model);
    }

    /** Weighs numbers that were changed, lays the kit on the mat, or saves the second kit. */
    @PostMapping("/sorted")
    String change(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @RequestParam(name = "do", defaultValue = "weigh") String action,
            @RequestParam long version,
            @RequestParam(defaultValue = "") String name,
            SortedForm form,
            HttpServletResponse response,
            RedirectAttributes next,
            Model model) {
        Mat mat = opened.open(member, id, Wording.says("sortController.whatIHave"), model);
        Faults faults = new Faults();
        SortedContents sorted = SortedContents.read(form, mat.known().catalogue(), faults);
        if (action.equals("second") && ListService.nameFault(name).isPresent()) {
            faults.add(ListService.nameFault(name).get());
        }
        UUID saved = null;
        if (!faults.none()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        } else if (action.equals("lay")) {
            return lay(member, id, version, sorted, next);
        } else if (action.equals("second")) {
            saved = lists.save(member.householdId(), name.strip(), sorted.second());
        }
        return sorted(mat, sorted, faults.all(), saved, model);
    }

    private String lay(Member member, UUID id, long version, SortedContents sorted, RedirectAttributes next) {
        try {
            mats.lay(member.householdId(), id, version, sorted.take(), Wording.says("sortController.whatIHaveLaidOut"));
            next.addFlashAttribute("said", "Laid out from what you have.");
        } catch (MatChangedElsewhere | OptimisticLockingFailureException | DataIntegrityViolationException conflict) {
            next.addFlashAttribute("conflict", true);
        }
        return "redirect:/trips/" + id + "/mat";
    }

    private String sorted(Mat mat, SortedContents sorted, List<Fault> faults, @Nullable UUID saved, Model model) {
        Plan plan = calculator.weigh(mat.of(), mat.along(), sorted.take()).plan();
        SortedPage view = new SortedPage(
                "",
                List.of(),
                faults,
                sorted,
                Figures.grams(plan.mass()),
                Figures.percent(plan.coverage()),
                Stream.concat(plan.broken().stream(), plan.givenUp().stream()).toList(),
                sorted.toGet().size(),
                Figures.grams(KitCalculator.mass(mat.known(), sorted.second())),
                Figures.grams(mat.trip().trip().limits().mass()),
                saved);
        return Shown.page("contents/sort", view, model);
    }
}
