package hodeon.app.tradeoff;

import hodeon.app.household.Member;
import hodeon.app.mat.Hold;
import hodeon.app.mat.Mat;
import hodeon.app.mat.MatChange;
import hodeon.app.mat.MatChangedElsewhere;
import hodeon.app.mat.MatService;
import hodeon.app.mat.page.OpenedMat;
import hodeon.app.mat.page.SupplyClose;
import hodeon.app.plan.KitCalculator;
import hodeon.app.shell.Figures;
import hodeon.app.shell.Shown;
import hodeon.app.shell.style.HouseStyle;
import hodeon.core.catalogue.Supply;
import hodeon.core.plan.Plan;
import hodeon.core.plan.tradeoff.Prune;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** What earns least for its grams: as a list, and as a pass through the pieces one at a time. */
@Controller
@RequestMapping("/trips/{id}/mat/prune")
class PruneController {

    private final MatService mats;
    private final KitCalculator calculator;
    private final OpenedMat opened;

    PruneController(MatService mats, KitCalculator calculator, OpenedMat opened) {
        this.mats = mats;
        this.calculator = calculator;
        this.opened = opened;
    }

    /** @param fewer what one press takes off, such as “2 tablets” */
    record PruneRow(
            String id,
            String name,
            String pieces,
            String fewer,
            String lost,
            String saved,
            String perGram,
            String floor) {}

    record SwapRow(String says, String grams, String worth) {}

    record PrunePage(List<PruneRow> rows, String about, List<SwapRow> swaps) {}

    /**
     * The pass, at one piece or at its end.
     *
     * @param met of what the kit is for, and {@code metChange} since the pass began
     * @param left pieces to decide on, and {@code piece} the one that is asked about; missing at the end
     * @param over grams above the limit, in words; empty if none
     */
    record PassPage(
            PrunePass pass,
            String saved,
            String met,
            String metChange,
            List<String> kept,
            List<String> toLearn,
            int left,
            String grams,
            String over,
            @Nullable PrunePiece piece,
            List<SwapRow> swaps) {}

    @GetMapping
    String prune(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @RequestParam(required = false) @Nullable String about,
            Model model) {
        Mat mat = opened.open(member, id, "Prune", model);
        Plan plan = weighed(mat);
        Prune prune = calculator.prune(mat.of(), mat.along(), mat.pieces());
        Optional<Supply> chosen = Optional.ofNullable(about)
                .flatMap(supply -> mat.known().catalogue().supply(supply));
        PrunePage view = new PrunePage(
                prune.pieces().stream().map(p -> row(p, plan)).toList(),
                chosen.map(Supply::name).orElse(""),
                chosen.map(supply -> swaps(prune, supply, plan)).orElse(List.of()));
        return Shown.page("tradeoff/prune", view, model);
    }

    /** One piece of the pass. */
    @GetMapping("/pass")
    String pass(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @ModelAttribute("asked") PrunePass asked,
            Model model) {
        Mat mat = opened.open(member, id, "Prune", model);
        Plan plan = weighed(mat);
        // Until something is changed the mat may still become better by itself; the pass begins with what is seen.
        PrunePass pass = asked.begun() && mat.touched() ? asked : asked.beginning(plan);
        Prune prune = calculator.prune(mat.of(), mat.along(), mat.pieces());
        List<Prune.Piece> left = prune.pieces().stream()
                .filter(p -> p.floor().isEmpty()
                        && mat.hold(p.supply().id()) != Hold.PINNED
                        && !pass.isDecided(p.supply().id()))
                .toList();
        boolean end = pass.over() || left.isEmpty();
        PassPage view = new PassPage(
                pass,
                Figures.gramsMore(pass.gramsSaved(plan)).replace("+ ", ""),
                Figures.percent(plan.coverage()),
                Figures.change(plan.coverage() - pass.metAtStart()),
                pass.names(mat.known().catalogue(), pass.kept()),
                pass.names(mat.known().catalogue(), pass.learn()),
                left.size(),
                Figures.grams(plan.mass()),
                over(plan.mass().grams() - mat.trip().trip().limits().mass().grams()),
                end ? null : PrunePiece.of(left.getFirst(), plan),
                end ? List.of() : swaps(prune, left.getFirst().supply(), plan));
        return Shown.page(end ? "tradeoff/prune-end" : "tradeoff/prune-pass", view, model);
    }

    @PostMapping("/pass/{decision:keep|drop|elsewhere|learn}")
    String decide(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @PathVariable String decision,
            @RequestParam String supply,
            @RequestParam long version,
            @ModelAttribute PrunePass pass,
            RedirectAttributes next) {
        try {
            switch (decision) {
                case "drop" -> mats.change(member.householdId(), id, version, supply, MatChange.MINUS);
                case "elsewhere" -> mats.change(member.householdId(), id, version, supply, MatChange.ELSEWHERE);
                case "learn" -> mats.change(member.householdId(), id, version, supply, MatChange.LEARN);
                default -> {
                    // To keep a piece changes nothing on the mat.
                }
            }
            pass.with(decision, supply).put(next);
        } catch (MatChangedElsewhere | OptimisticLockingFailureException | DataIntegrityViolationException conflict) {
            pass.put(next);
            next.addFlashAttribute("conflict", true);
        }
        return "redirect:/trips/" + id + "/mat/prune/pass";
    }

    /** So many grams over, in words; empty if none. */
    private static String over(double grams) {
        return grams > 0 ? Figures.grams(grams) : "";
    }

    private Plan weighed(Mat mat) {
        return calculator.weigh(mat.of(), mat.along(), mat.pieces()).plan();
    }

    private static PruneRow row(Prune.Piece piece, Plan plan) {
        return new PruneRow(
                piece.supply().id(),
                piece.supply().name(),
                Figures.pieces(piece.pieces(), piece.supply()),
                Figures.pieces(piece.fewer(), piece.supply()),
                SupplyClose.share(piece.lost(), plan),
                Figures.grams(piece.supply().mass().times(piece.fewer())),
                SupplyClose.share(HouseStyle.here().mass().comparedGrams() * piece.lostPerGram(), plan),
                piece.floor());
    }

    private static List<SwapRow> swaps(Prune prune, Supply supply, Plan plan) {
        return prune.swaps(supply).stream()
                .map(s -> new SwapRow(
                        Figures.named(s.pieces(), s.to()),
                        Figures.gramsMore(s.grams()),
                        Figures.change(s.worth() / plan.ideal())))
                .toList();
    }
}
