package hodeon.app.tradeoff;

import hodeon.app.household.Member;
import hodeon.app.mat.Mat;
import hodeon.app.mat.MatChangedElsewhere;
import hodeon.app.mat.MatService;
import hodeon.app.mat.page.OpenedMat;
import hodeon.app.plan.KitCalculator;
import hodeon.app.shell.Wording;
import hodeon.core.plan.Plan;
import hodeon.core.plan.tradeoff.Curve;
import java.util.List;
import java.util.UUID;
import java.util.function.ToDoubleFunction;
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

/** What each gram buys, and laying a point of that curve out on the mat. */
@Controller
@RequestMapping("/trips/{id}/mat")
class CurveController {

    /** Kits that weigh this nearly the same are the same on a curve. */
    private static final double SAME_GRAMS = 20;

    private final MatService mats;
    private final KitCalculator calculator;
    private final OpenedMat opened;

    CurveController(MatService mats, KitCalculator calculator, OpenedMat opened) {
        this.mats = mats;
        this.calculator = calculator;
        this.opened = opened;
    }

    @GetMapping("/curve")
    String curve(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @RequestParam(required = false) @Nullable Integer point,
            @RequestParam(defaultValue = "-1") int from,
            Model model) {
        Mat mat = opened.open(member, id, "Curve", model);
        Curve curve = curve(mat);
        if (curve.points().isEmpty()) {
            model.addAttribute("curve", null);
            return "tradeoff/curve";
        }
        Plan mine = calculator.weigh(mat.of(), mat.along(), mat.pieces()).plan();
        int chosen = point == null
                ? nearest(curve, mine)
                : Math.clamp(point, 0, curve.points().size() - 1);
        model.addAttribute(
                "curve",
                CurveView.of(
                        curve,
                        mine,
                        chosen,
                        Math.clamp(from, -1, curve.points().size() - 1),
                        mat.known().catalogue()));
        return "tradeoff/curve";
    }

    /** Lays a point of the curve out on the mat; what is pinned or left out stays so. */
    @PostMapping("/curve")
    String lay(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @RequestParam long version,
            @RequestParam int point,
            RedirectAttributes next) {
        Mat mat = mats.mat(member.householdId(), id);
        List<Curve.Point> points = curve(mat).points();
        try {
            mats.lay(
                    member.householdId(),
                    id,
                    version,
                    points.get(Math.clamp(point, 0, points.size() - 1)).pieces(),
                    Wording.says("curveController.aPointOfTheCurveLaidOut"));
        } catch (MatChangedElsewhere | OptimisticLockingFailureException | DataIntegrityViolationException conflict) {
            next.addFlashAttribute("conflict", true);
        }
        return "redirect:/trips/" + id + "/mat";
    }

    private Curve curve(Mat mat) {
        return calculator.curve(
                mat.of(),
                mat.holds(),
                calculator.recommend(mat.of(), mat.holds()).pieces());
    }

    /** The recommended point, unless another is nearer in weight. */
    private static int nearest(Curve curve, Plan mine) {
        ToDoubleFunction<Integer> away =
                i -> Math.abs(curve.points().get(i).grams() - mine.mass().grams());
        int best = Math.max(0, curve.recommended());
        for (int i = 0; i < curve.points().size(); i++) {
            best = away.applyAsDouble(i) < away.applyAsDouble(best) - SAME_GRAMS ? i : best;
        }
        return best;
    }
}
