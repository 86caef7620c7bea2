package hodeon.app.kit;

import hodeon.app.household.Member;
import hodeon.app.shell.Figures;
import hodeon.app.trip.Progress;
import hodeon.core.catalogue.Catalogue;
import hodeon.core.catalogue.Supply;
import hodeon.core.kit.Carry;
import hodeon.core.kit.Curve;
import hodeon.core.kit.Plan;
import hodeon.core.kit.Prune;
import hodeon.core.kit.SideBySide;
import hodeon.core.trip.Stance;
import hodeon.core.trip.Trip;
import hodeon.core.units.Mass;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** Ways of looking at what lies on the mat: the curve, what to prune, two kits side by side, who carries what. */
@Controller
@RequestMapping("/trips/{id}/mat")
class BalanceController {

    private static final int MOST_CARRIERS = 8;
    private static final int MOST_PROBLEMS = 12;
    private static final double LEAST_LIMIT_GRAMS = 10;
    private static final double MOST_LIMIT_GRAMS = 50_000;

    private final MatService mats;
    private final KitCalculator calculator;
    private final Progress progress;

    BalanceController(MatService mats, KitCalculator calculator, Progress progress) {
        this.mats = mats;
        this.calculator = calculator;
        this.progress = progress;
    }

    @GetMapping("/curve")
    String curve(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @RequestParam(required = false) @Nullable Integer point,
            @RequestParam(defaultValue = "-1") int from,
            Model model) {
        Mat mat = opened(member, id, "Curve", model);
        Curve curve = calculator.curve(mat.of(), mat.holds());
        if (curve.points().isEmpty()) {
            model.addAttribute("curve", null);
            return "kit/curve";
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
        return "kit/curve";
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
        List<Curve.Point> points = calculator.curve(mat.of(), mat.holds()).points();
        try {
            mats.lay(
                    member.householdId(),
                    id,
                    version,
                    points.get(Math.clamp(point, 0, points.size() - 1)).pieces());
        } catch (MatChangedElsewhere conflict) {
            next.addFlashAttribute("conflict", true);
        }
        return "redirect:/trips/" + id + "/mat";
    }

    record PruneRow(String id, String name, int pieces, String lost, String saved, String perGram, String floor) {}

    record SwapRow(String name, int pieces, String grams, String worth) {}

    @GetMapping("/prune")
    String prune(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @RequestParam(required = false) @Nullable String about,
            Model model) {
        Mat mat = opened(member, id, "Prune", model);
        Plan plan = calculator.weigh(mat.of(), mat.along(), mat.pieces()).plan();
        Prune prune = calculator.prune(mat.of(), mat.along(), mat.pieces());
        model.addAttribute(
                "rows",
                prune.pieces().stream()
                        .map(p -> new PruneRow(
                                p.supply().id(),
                                p.supply().name(),
                                p.pieces(),
                                share(p.lost(), plan),
                                Figures.grams(p.supply().mass()),
                                share(100 * p.lostPerGram(), plan),
                                p.floor()))
                        .toList());
        Optional<Supply> chosen = Optional.ofNullable(about).flatMap(mat.known().catalogue()::supply);
        model.addAttribute("about", chosen.map(Supply::name).orElse(""));
        model.addAttribute(
                "swaps",
                chosen.map(prune::swaps).orElse(List.of()).stream()
                        .map(s ->
                                new SwapRow(s.to().name(), s.pieces(), signed(s.grams()), signedShare(s.worth(), plan)))
                        .toList());
        return "kit/prune";
    }

    record SideRow(String name, int left, int right) {}

    record MetRow(String name, String left, String right) {}

    @GetMapping("/compare")
    String compare(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @RequestParam(required = false) @Nullable String stance,
            @RequestParam(required = false) @Nullable String limit,
            Model model) {
        Mat mat = opened(member, id, "Compare", model);
        Trip trip = mat.trip().trip();
        Stance other = stance(stance).orElse(other(trip.stance()));
        Optional<Double> grams = grams(limit);
        model.addAttribute("limitFault", limit != null && !limit.isBlank() && grams.isEmpty());
        double mostGrams = grams.orElse(trip.limits().mass().grams());
        Trip changed =
                trip.withStance(other).withLimits(trip.limits().withMass(new Mass(Math.round(mostGrams * 1000))));
        Map<String, Integer> theirs = calculator
                .recommend(new TripCase(mat.known(), changed), mat.holds())
                .pieces();
        SideBySide sides = SideBySide.of(calculator.question(mat.of(), mat.along()), mat.pieces(), theirs);
        Catalogue catalogue = mat.known().catalogue();
        model.addAttribute("stances", Stance.values());
        model.addAttribute("stance", other);
        model.addAttribute("limit", Figures.number(mostGrams).replace(",", ""));
        model.addAttribute("leftGrams", Figures.grams(sides.left().mass()));
        model.addAttribute("rightGrams", Figures.grams(sides.right().mass()));
        model.addAttribute("leftMet", Figures.percent(sides.left().coverage()));
        model.addAttribute("rightMet", Figures.percent(sides.right().coverage()));
        model.addAttribute(
                "rows",
                catalogue.supplies().stream()
                        .map(s -> new SideRow(
                                s.name(), mat.pieces().getOrDefault(s.id(), 0), theirs.getOrDefault(s.id(), 0)))
                        .filter(r -> r.left() != r.right())
                        .toList());
        model.addAttribute(
                "problems",
                sides.problems().stream()
                        .filter(m -> Math.abs(m.left() - m.right()) > 0.004)
                        .limit(MOST_PROBLEMS)
                        .map(m -> new MetRow(m.problem().name(), Figures.percent(m.left()), Figures.percent(m.right())))
                        .toList());
        return "kit/compare";
    }

    record CarrierView(String name, String grams, List<String> pieces) {}

    @GetMapping("/carry")
    String carry(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "1 1") String groups,
            Model model) {
        Mat mat = opened(member, id, "Carry", model);
        Optional<List<List<Integer>>> carriers = carriers(groups);
        model.addAttribute("groups", groups);
        model.addAttribute("groupsFault", carriers.isEmpty());
        model.addAttribute("carriers", List.of());
        model.addAttribute("tooFew", List.of());
        if (carriers.isPresent()) {
            Carry carry = calculator.carry(mat.of(), mat.along(), mat.pieces(), carriers.get());
            List<CarrierView> views = new ArrayList<>();
            for (int g = 0; g < carriers.get().size(); g++) {
                for (int c : carriers.get().get(g)) {
                    Map<String, Integer> pieces = carry.carriers().get(c);
                    views.add(new CarrierView(
                            "Carrier " + (c + 1) + ", group " + (char) ('A' + g),
                            Figures.grams(KitCalculator.mass(mat.known(), pieces)),
                            CurveView.words(pieces, mat.known().catalogue())));
                }
            }
            model.addAttribute("carriers", views);
            model.addAttribute("tooFew", carry.tooFew());
        }
        return "kit/carry";
    }

    private Mat opened(Member member, UUID id, String here, Model model) {
        Mat mat = mats.mat(member.householdId(), id);
        model.addAttribute("strip", progress.of(member.householdId(), mat.trip(), "Mat"));
        model.addAttribute("here", here);
        model.addAttribute("version", mat.version());
        return mat;
    }

    private static int nearest(Curve curve, Plan mine) {
        int best = 0;
        for (int i = 1; i < curve.points().size(); i++) {
            double here = Math.abs(curve.points().get(i).grams() - mine.mass().grams());
            if (here < Math.abs(curve.points().get(best).grams() - mine.mass().grams())) {
                best = i;
            }
        }
        return best;
    }

    /** “2 1” is two carriers that stay together and one who may go alone; empty if it is not understood. */
    private static Optional<List<List<Integer>>> carriers(String typed) {
        List<List<Integer>> groups = new ArrayList<>();
        int next = 0;
        for (String word : typed.strip().split("[ ,]+")) {
            if (!word.matches("[1-9]")) {
                return Optional.empty();
            }
            List<Integer> group = new ArrayList<>();
            for (int i = 0; i < Integer.parseInt(word); i++) {
                group.add(next++);
            }
            groups.add(group);
        }
        return next <= MOST_CARRIERS ? Optional.of(groups) : Optional.empty();
    }

    private static Optional<Stance> stance(@Nullable String name) {
        return List.of(Stance.values()).stream()
                .filter(s -> s.name().equals(name))
                .findFirst();
    }

    private static Stance other(Stance stance) {
        return stance == Stance.FIRST_MINUTES ? Stance.FIX_THE_LIKELY : Stance.FIRST_MINUTES;
    }

    private static Optional<Double> grams(@Nullable String typed) {
        if (typed == null || !typed.strip().matches("\\d{1,6}([.,]\\d{1,3})?")) {
            return Optional.empty();
        }
        double grams = Double.parseDouble(typed.strip().replace(',', '.'));
        return grams >= LEAST_LIMIT_GRAMS && grams <= MOST_LIMIT_GRAMS ? Optional.of(grams) : Optional.empty();
    }

    private static String share(double worth, Plan plan) {
        return worth / plan.ideal() < 5e-7 ? "nothing" : Figures.percent(worth / plan.ideal());
    }

    private static String signed(double grams) {
        return (grams < 0 ? "− " : "+ ") + Figures.grams(Math.abs(grams));
    }

    private static String signedShare(double worth, Plan plan) {
        return Math.abs(worth) / plan.ideal() < 5e-7
                ? "no change"
                : (worth < 0 ? "− " : "+ ") + Figures.percent(Math.abs(worth) / plan.ideal());
    }
}
