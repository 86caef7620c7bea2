package hodeon.app.kit;

import hodeon.app.kit.KitCalculator.Weighing;
import hodeon.app.kit.MatView.Answered;
import hodeon.app.kit.MatView.Figure;
import hodeon.app.kit.MatView.GroupView;
import hodeon.app.kit.MatView.LeftOut;
import hodeon.app.kit.MatView.Served;
import hodeon.app.kit.MatView.SupplyView;
import hodeon.app.kit.MatView.Tile;
import hodeon.app.shell.Figures;
import hodeon.core.catalogue.Catalogue;
import hodeon.core.catalogue.Group;
import hodeon.core.catalogue.Supply;
import hodeon.core.catalogue.Tag;
import hodeon.core.kit.Cautions;
import hodeon.core.kit.Exclusion;
import hodeon.core.kit.Plan;
import hodeon.core.kit.Planner;
import hodeon.core.kit.choice.Solution;
import hodeon.core.need.ProblemForecast;
import hodeon.core.trip.Trip;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Puts together what the mat page shows. */
@Component
class MatPage {

    private static final double ANSWER_BAR = 60;
    /** How many of the supplies that might come are shown without unfolding. */
    private static final int MOST_OPEN = 14;

    private final KitCalculator calculator;

    MatPage(KitCalculator calculator) {
        this.calculator = calculator;
    }

    MatView of(Mat mat, @Nullable String about) {
        Trip trip = mat.trip().trip();
        Catalogue catalogue = mat.known().catalogue();
        Map<String, Integer> pieces = mat.pieces();
        Weighing weighing = calculator.weigh(mat.of(), mat.along(), pieces);
        Plan plan = weighing.plan();
        Map<String, Exclusion> exclusions = calculator.exclusions(mat.of(), mat.holds());
        Optional<Supply> supply = Optional.ofNullable(about).flatMap(catalogue::supply);
        return new MatView(
                mat.trip().id(),
                mat.version(),
                mat.touched(),
                calculator.recommend(mat.of(), mat.holds()).searching(),
                Beam.of(plan, trip.limits().mass()),
                Figures.percent(plan.coverage()),
                proof(mat, plan),
                Figures.litres(plan.volume()),
                pieces.size(),
                warnings(mat, plan),
                groups(mat, about),
                answers(plan),
                leftOut(mat, weighing, exclusions),
                supply.map(s -> supply(s, mat, weighing, exclusions)).orElse(null));
    }

    /** How the mat compares with the best that was found, and how near the proven best that is. */
    private String proof(Mat mat, Plan plan) {
        Recommendation best = calculator.recommend(mat.of(), mat.holds());
        return switch (best.solution()) {
            case Solution.TooTight tight ->
                "What must come weighs " + Figures.grams(KitCalculator.mass(mat.known(), best.pieces()))
                        + " already: raise the limit. These cannot hold together: "
                        + String.join("; ", tight.conflict()) + ".";
            case Solution.Found found -> {
                if (plan.mass().compareTo(mat.trip().trip().limits().mass()) > 0) {
                    yield "Over the limit: drop something, or raise the limit in the brief.";
                }
                double below = Math.max(0, found.bound() - plan.worth()) / found.bound();
                yield below < Planner.PROVEN_GAP && !best.searching()
                        ? "Proven the best possible for this limit, to 0.1 %."
                        : "Within " + Figures.percent(below) + " of the best possible for this limit"
                                + (best.searching() ? "; looking further …" : ".");
            }
        };
    }

    private static List<String> warnings(Mat mat, Plan plan) {
        List<String> warnings = new ArrayList<>();
        if (mat.stale()) {
            warnings.add("The brief has changed since this mat was laid out. Rebalance to fit it again; what you pinned"
                    + " or left out stays so.");
        }
        plan.broken().forEach(reason -> warnings.add("Not kept: " + reason + "."));
        return warnings;
    }

    private List<GroupView> groups(Mat mat, @Nullable String about) {
        List<GroupView> groups = new ArrayList<>();
        for (Group group : Group.values()) {
            List<Tile> tiles = mat.known().catalogue().supplies().stream()
                    .filter(s -> s.group() == group)
                    .filter(s -> mat.lines().containsKey(s.id())
                            && mat.hold(s.id()) != Hold.BANNED
                            && mat.hold(s.id()) != Hold.ELSEWHERE)
                    .map(s -> tile(s, mat, s.id().equals(about)))
                    .toList();
            if (!tiles.isEmpty()) {
                groups.add(GroupView.of(group.name().toLowerCase(Locale.ROOT), group.label(), tiles));
            }
        }
        return groups;
    }

    private static Tile tile(Supply supply, Mat mat, boolean selected) {
        int pieces = mat.pieces(supply.id());
        boolean pinned = mat.hold(supply.id()) == Hold.PINNED;
        String state = pinned ? "pinned" : pieces == 0 ? "taken off" : "";
        String grams = Figures.grams(supply.mass().times(pieces));
        String label = supply.name() + ": " + Figures.counted(pieces, supply.piece()) + ", " + grams
                + (state.isEmpty() ? "" : ", " + state);
        return new Tile(
                supply.id(),
                supply.name(),
                pieces,
                grams,
                state,
                pinned,
                selected,
                label,
                TileDrawing.of(supply, pieces));
    }

    private static List<Answered> answers(Plan plan) {
        return plan.steps().stream()
                .map(s -> s.needed().problem())
                .distinct()
                .sorted(Comparator.comparingDouble(ProblemForecast::concern).reversed())
                .map(p -> {
                    String id = p.problem().id();
                    int severity = p.problem().severity();
                    double coverage = plan.coverage(id);
                    return new Answered(
                            id,
                            p.problem().name(),
                            severity,
                            IntStream.range(0, severity).boxed().toList(),
                            Figures.chance(p.events().atLeastOne()),
                            Math.round(100 * coverage) + " %",
                            String.format(Locale.ROOT, "%.1f", ANSWER_BAR * coverage),
                            MatView.weak(plan, id));
                })
                .toList();
    }

    /** What is left out by hand and what would add most stand open; everything else is folded away behind them. */
    private List<LeftOut> leftOut(Mat mat, Weighing weighing, Map<String, Exclusion> exclusions) {
        double ideal = weighing.plan().ideal();
        Catalogue catalogue = mat.known().catalogue();
        List<LeftOut> leftOut = new ArrayList<>();
        for (Supply supply : catalogue.supplies()) {
            boolean banned = mat.hold(supply.id()) == Hold.BANNED;
            boolean elsewhere = mat.hold(supply.id()) == Hold.ELSEWHERE;
            Optional.ofNullable(exclusions.get(supply.id()))
                    .ifPresent(reason -> leftOut.add(new LeftOut(
                            supply.id(),
                            supply.name(),
                            Reasons.of(reason),
                            false,
                            banned,
                            elsewhere,
                            !banned && !elsewhere)));
        }
        List<Gain> gains = catalogue.supplies().stream()
                .filter(s -> !mat.lines().containsKey(s.id()))
                .flatMap(s -> Optional.ofNullable(weighing.gains().get(s.id())).stream()
                        .map(worth -> new Gain(s, worth)))
                .sorted(Comparator.comparingDouble(Gain::worth).reversed())
                .toList();
        for (int i = 0; i < gains.size(); i++) {
            Supply supply = gains.get(i).supply();
            String reason = gain(gains.get(i).worth(), ideal, supply);
            leftOut.add(new LeftOut(supply.id(), supply.name(), reason, true, false, false, i >= MOST_OPEN));
        }
        leftOut.sort(Comparator.comparing(LeftOut::mayCome));
        return leftOut;
    }

    private record Gain(Supply supply, double worth) {}

    private static String gain(double worth, double ideal, Supply supply) {
        String grams = Figures.grams(supply.mass());
        return worth / ideal < 5e-7
                ? "Would add nothing: what it does is done already."
                : "One would add " + Figures.percent(worth / ideal) + " for " + grams
                        + "; other things earn more per gram.";
    }

    private SupplyView supply(Supply supply, Mat mat, Weighing weighing, Map<String, Exclusion> exclusions) {
        Plan plan = weighing.plan();
        Trip trip = mat.trip().trip();
        int count = mat.pieces(supply.id());
        Exclusion exclusion = exclusions.get(supply.id());
        List<Figure> figures = new ArrayList<>();
        calculator.marginal(mat.of(), mat.along(), mat.pieces(), supply.id()).ifPresent(marginal -> {
            figures.add(new Figure(
                    "One more adds", share(marginal.oneMore(), plan) + " for " + Figures.grams(supply.mass())));
            if (count > 0) {
                figures.add(new Figure("One less costs", share(marginal.oneLess(), plan)));
                figures.add(new Figure(
                        "It earns, for each 100 g",
                        share(100 * marginal.none() / supply.mass().times(count).grams(), plan)));
            }
            if (count > 1) {
                figures.add(new Figure("Leaving it out costs", share(marginal.none(), plan)));
            }
        });
        return new SupplyView(
                supply.id(),
                supply.name(),
                supply.piece(),
                count,
                Figures.grams(supply.mass()),
                Figures.grams(supply.mass().times(count)),
                mat.hold(supply.id()) == Hold.PINNED,
                mat.hold(supply.id()) == Hold.BANNED,
                mat.hold(supply.id()) == Hold.ELSEWHERE,
                exclusion == null
                        || exclusion instanceof Exclusion.Banned
                        || exclusion instanceof Exclusion.RidesElsewhere,
                exclusion == null ? "" : Reasons.of(exclusion),
                figures,
                served(supply, plan),
                cautions(supply, mat));
    }

    private static String share(double worth, Plan plan) {
        return worth / plan.ideal() < 5e-7 ? "nothing" : Figures.percent(worth / plan.ideal());
    }

    private static List<Served> served(Supply supply, Plan plan) {
        return plan.stepsServedBy(supply.id()).stream()
                .sorted(Comparator.comparingDouble((Plan.ServedStep s) -> -s.worth()))
                .map(s -> {
                    Plan.By by = s.by().stream()
                            .filter(b -> b.supply().equals(supply.id()))
                            .findFirst()
                            .orElseThrow();
                    String capability = s.needed().step().capability().id();
                    String tier = Optional.ofNullable(supply.serves().get(capability))
                            .orElseThrow()
                            .label();
                    return new Served(
                            s.needed().problem().problem().name(),
                            s.needed().step().capability().name(),
                            by.always()
                                    ? tier + ", every time"
                                    : tier + ", "
                                            + Figures.counted(
                                                    by.uses(),
                                                    s.needed()
                                                            .step()
                                                            .capability()
                                                            .unit())
                                            + " meant for it",
                            Math.round(100 * s.coverage()) + " %");
                })
                .toList();
    }

    private static List<String> cautions(Supply supply, Mat mat) {
        List<String> cautions = new ArrayList<>();
        Trip trip = mat.trip().trip();
        if (mat.known().ownSupplies().contains(supply.id())) {
            cautions.add("Described by you; it stands before the shipped one.");
        }
        Cautions.notFor(supply, trip.party())
                .forEach((person, because) -> cautions.add("Not for " + person + ": " + Reasons.words(because) + "."));
        if (supply.group() == Group.MEDICINE) {
            cautions.add("Follow the package label; ask a pharmacist, more so for children.");
        }
        if (!supply.training().equals(new Tag("training", "untrained"))) {
            cautions.add("For those trained to " + supply.training().value() + " level or above.");
        }
        return cautions;
    }
}
