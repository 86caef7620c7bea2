package hodeon.app.tradeoff;

import hodeon.app.household.Member;
import hodeon.app.mat.Mat;
import hodeon.app.mat.page.OpenedMat;
import hodeon.app.plan.KitCalculator;
import hodeon.app.shell.Figures;
import hodeon.app.shell.Shown;
import hodeon.app.tradeoff.CompareSides.Asked;
import hodeon.app.tradeoff.CompareSides.Side;
import hodeon.core.brief.Stance;
import hodeon.core.catalogue.Supply;
import hodeon.core.evidence.PlanningAssumption;
import hodeon.core.plan.Plan;
import hodeon.core.plan.tradeoff.SideBySide;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;

/** Two kits side by side, the differences first; both weighed as this trip's brief asks. */
@Controller
class CompareController {

    private static final int MOST_PROBLEMS = 12;
    private static final double TOLD_APART = PlanningAssumption.TOLD_APART.value();

    private final OpenedMat opened;
    private final CompareSides sides;
    private final KitCalculator calculator;

    CompareController(OpenedMat opened, CompareSides sides, KitCalculator calculator) {
        this.opened = opened;
        this.sides = sides;
        this.calculator = calculator;
    }

    record Head(String name, String grams, String met, String ownMet, String volume, String price, int kinds) {}

    /** @param change grams that the right one has more */
    record Row(Supply supply, int left, int right, String grams, double change) {

        public String says(int pieces) {
            return pieces == 0 ? "none" : Figures.pieces(pieces, supply);
        }
    }

    record MetRow(String name, String left, String right, String change) {}

    /** What was chosen for each side; null where nobody chose. */
    record CompareForm(
            @Nullable String left,
            @Nullable String leftStance,
            @Nullable String leftLimit,
            @Nullable String right,
            @Nullable String rightStance,
            @Nullable String rightLimit) {}

    /**
     * The page.
     *
     * @param different kinds of which one side has more, the heaviest difference first
     * @param problems that the sides meet differently
     */
    record ComparePage(
            List<CompareSides.Choice> choices,
            List<Stance> stances,
            Asked leftAsked,
            Asked rightAsked,
            List<String> faults,
            Head left,
            Head right,
            List<Row> different,
            List<Row> same,
            List<MetRow> problems) {}

    @GetMapping("/trips/{id}/mat/compare")
    String compare(@AuthenticationPrincipal Member member, @PathVariable UUID id, CompareForm typed, Model model) {
        Mat mat = opened.open(member, id, "Compare", model);
        Asked leftAsked = Asked.of(
                typed.left(),
                typed.leftStance(),
                typed.leftLimit(),
                CompareSides.MAT,
                mat.trip().trip());
        Asked rightAsked = Asked.of(
                typed.right(),
                typed.rightStance(),
                typed.rightLimit(),
                CompareSides.ASKED,
                mat.trip().trip());
        Side left = sides.side(mat, leftAsked);
        Side right = sides.side(mat, rightAsked);
        SideBySide both = SideBySide.of(calculator.question(mat.of(), mat.along()), left.pieces(), right.pieces());
        List<Row> rows = mat.known().catalogue().supplies().stream()
                .map(s -> row(s, left.pieces(), right.pieces()))
                .filter(r -> r.left() > 0 || r.right() > 0)
                .toList();
        ComparePage view = new ComparePage(
                sides.choices(mat),
                List.of(Stance.values()),
                leftAsked,
                rightAsked,
                List.of(left.fault(), right.fault()).stream()
                        .filter(f -> !f.isEmpty())
                        .toList(),
                head(left, both.left()),
                head(right, both.right()),
                rows.stream()
                        .filter(r -> r.left() != r.right())
                        .sorted(Comparator.comparingDouble((Row r) -> -Math.abs(r.change())))
                        .toList(),
                rows.stream().filter(r -> r.left() == r.right()).toList(),
                both.problems().stream()
                        .filter(m -> Math.abs(m.left() - m.right()) > TOLD_APART)
                        .limit(MOST_PROBLEMS)
                        .map(m -> new MetRow(
                                m.problem().name(),
                                Figures.percent(m.left()),
                                Figures.percent(m.right()),
                                Figures.change(m.right() - m.left())))
                        .toList());
        return Shown.page("tradeoff/compare", view, model);
    }

    private static Row row(Supply supply, Map<String, Integer> left, Map<String, Integer> right) {
        int before = left.getOrDefault(supply.id(), 0);
        int after = right.getOrDefault(supply.id(), 0);
        double change = (after - before) * supply.mass().grams();
        return new Row(supply, before, after, Figures.gramsMore(change), change);
    }

    private static Head head(Side side, Plan plan) {
        return new Head(
                side.name(),
                Figures.grams(plan.mass()),
                Figures.percent(plan.coverage()),
                side.ownMet(),
                Figures.litres(plan.volume()),
                Figures.money(plan.price().amount()),
                plan.pieces().size());
    }
}
