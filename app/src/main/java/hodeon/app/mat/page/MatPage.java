package hodeon.app.mat.page;

import hodeon.app.mat.Better;
import hodeon.app.mat.Hold;
import hodeon.app.mat.Mat;
import hodeon.app.mat.page.MatView.Answered;
import hodeon.app.mat.page.MatView.Choices;
import hodeon.app.mat.page.MatView.GroupView;
import hodeon.app.mat.page.MatView.LeftOut;
import hodeon.app.mat.page.MatView.Option;
import hodeon.app.plan.Headline;
import hodeon.app.plan.KitCalculator;
import hodeon.app.plan.KitCalculator.Weighing;
import hodeon.app.plan.PartySuitability;
import hodeon.app.plan.Recommendation;
import hodeon.app.shell.Figures;
import hodeon.app.shell.Wording;
import hodeon.core.brief.Trip;
import hodeon.core.catalogue.Group;
import hodeon.core.catalogue.Severity;
import hodeon.core.catalogue.Supply;
import hodeon.core.catalogue.procedure.Guidance;
import hodeon.core.choice.Solution;
import hodeon.core.evidence.PlanningAssumption;
import hodeon.core.need.ProblemForecast;
import hodeon.core.party.Person;
import hodeon.core.plan.Exclusion;
import hodeon.core.plan.Plan;
import hodeon.core.plan.Planner;
import hodeon.core.plan.tradeoff.Absence;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Puts together what the mat page shows. */
@Component
class MatPage {

    private static final double ANSWER_BAR = 60;
    private static final double WEAK = PlanningAssumption.WEAK_ANSWER.value();
    /** How many of the supplies that might come are shown without unfolding. */
    private static final int MOST_OPEN = 14;

    private final KitCalculator calculator;
    private final PartySuitability suitability;
    private final Guidance guidance;

    MatPage(KitCalculator calculator, PartySuitability suitability, Guidance guidance) {
        this.guidance = guidance;
        this.suitability = suitability;
        this.calculator = calculator;
    }

    MatView of(Mat mat, MatLook look, @Nullable String about) {
        Trip trip = mat.trip().trip();
        Map<String, Integer> pieces = mat.pieces();
        Weighing weighing = calculator.weigh(mat.of(), mat.along(), pieces);
        Plan plan = weighing.plan();
        Recommendation best = shownFor(mat);
        Map<String, Exclusion> exclusions = calculator.exclusions(mat.of(), mat.holds());
        Optional<Supply> supply =
                Optional.ofNullable(about).flatMap(id -> mat.known().catalogue().supply(id));
        MatTiles tiles = new MatTiles(mat, look, weighing, best, exclusions);
        List<GroupView> groups = tiles.groups(new MatFilter(look, trip, plan), about);
        List<LeftOut> couldCome = couldCome(mat, weighing);
        int open = Math.min(MOST_OPEN, couldCome.size());
        return new MatView(
                mat.trip().id(),
                trip.standing().isPresent(),
                mat.version(),
                mat.touched(),
                best.searching(),
                mat.around(),
                look,
                choices(trip, plan),
                Beam.of(plan, pieces.size(), trip.limits()),
                Figures.percent(plan.coverage()),
                proof(mat, plan, best),
                Stop.of(mat, weighing),
                plan.givenUp(),
                Headline.of(weighing.ifItHappens()),
                Better.of(
                                mat,
                                plan,
                                best,
                                KitCalculator.mass(mat.known(), best.pieces()).grams())
                        .orElse(null),
                pieces.size(),
                warnings(mat, plan),
                groups,
                shown(groups, look),
                answers(plan),
                absences(mat, weighing),
                together(byHand(mat, exclusions), couldCome.subList(0, open)),
                together(couldCome.subList(open, couldCome.size()), excluded(mat, exclusions)),
                supply.map(s -> SupplyClose.of(s, mat, weighing, exclusions, unsuited(s, mat), howTo(s)))
                        .orElse(null));
    }

    private List<String> howTo(Supply supply) {
        return guidance.handling(supply.id())
                .map(h ->
                        Stream.concat(h.lines().stream(), Stream.of(h.never())).toList())
                .orElse(List.of());
    }

    private List<String> unsuited(Supply supply, Mat mat) {
        return suitability
                .unsuited(
                        mat.trip(),
                        mat.known().catalogue(),
                        mat.suitability(),
                        List.of(supply),
                        mat.pieces().keySet())
                .getOrDefault(supply, List.of())
                .stream()
                .map(PartySuitability.Unsuited::sentence)
                .toList();
    }

    /** A first answer whose proof has come since the mat was read still waits for it: the page looks again. */
    private Recommendation shownFor(Mat mat) {
        Recommendation best = calculator.recommend(mat.of(), mat.holds());
        return mat.first() ? best.stillSearching() : best;
    }

    /** How the mat compares with the best that was found, and how near the proven best that is. */
    private static String proof(Mat mat, Plan plan, Recommendation best) {
        return switch (best.solution()) {
            case Solution.TooTight tight ->
                Wording.says(
                        "matPage.whatMustComeWeighsAlreadyRaiseThe",
                        Figures.grams(KitCalculator.mass(mat.known(), best.pieces())),
                        String.join("; ", tight.conflict()));
            case Solution.Found found -> {
                if (plan.mass().compareTo(mat.trip().trip().limits().mass()) > 0) {
                    yield Wording.says("matPage.overTheLimitDropSomethingOrRaise");
                }
                double below = found.gapOf(plan.worth(), plan.net());
                yield below < Planner.PROVEN_GAP && !best.searching()
                        ? "Proven the best possible for what grams and kinds cost here, to 0.1 %."
                        : Wording.says(
                                "matPage.withinOfTheBestPossibleForWhat",
                                Figures.percent(below),
                                (best.searching() ? Wording.says("matPage.lookingFurther") : "."));
            }
        };
    }

    private static List<String> warnings(Mat mat, Plan plan) {
        List<String> warnings = new ArrayList<>();
        if (mat.stale()) {
            warnings.add(Wording.says("matPage.theBriefHasChangedSinceThisMat"));
        }
        if (!plan.broken().isEmpty()) {
            warnings.add(Wording.says("matPage.notKept", String.join("; ", plan.broken())));
        }
        return warnings;
    }

    private static Choices choices(Trip trip, Plan plan) {
        List<ProblemForecast> problems = problems(plan);
        return new Choices(
                problems.stream()
                        .sorted(Comparator.comparing(p -> p.problem().name()))
                        .map(p -> new Option(p.problem().id(), p.problem().name()))
                        .toList(),
                Stream.of(Group.values())
                        .map(g -> new Option(MatFilter.id(g), g.label()))
                        .toList(),
                trip.party().people().stream().map(Person::name).distinct().toList(),
                IntStream.rangeClosed(1, 5)
                        .mapToObj(s -> new Option(Integer.toString(s), s + ", " + Severity.label(s)))
                        .toList());
    }

    private static String shown(List<GroupView> groups, MatLook look) {
        int tiles = groups.stream().mapToInt(g -> g.tiles().size()).sum();
        return look.filters()
                ? Wording.says("matPage.shown", Figures.counted(tiles, "supply").replace("supplys", "supplies"))
                : "";
    }

    private static List<ProblemForecast> problems(Plan plan) {
        return plan.steps().stream().map(s -> s.needed().problem()).distinct().toList();
    }

    private static List<Answered> answers(Plan plan) {
        return problems(plan).stream()
                .sorted(Comparator.comparingDouble(ProblemForecast::concern).reversed())
                .map(p -> answered(p, plan.coverage(p.problem().id())))
                .toList();
    }

    private static Answered answered(ProblemForecast forecast, double coverage) {
        int severity = forecast.problem().severity();
        return new Answered(
                forecast.problem().id(),
                forecast.problem().name(),
                severity,
                IntStream.range(0, severity).boxed().toList(),
                Figures.chance(forecast.events().atLeastOne()),
                Math.round(100 * coverage) + " %",
                String.format(Locale.ROOT, "%.1f", ANSWER_BAR * coverage),
                coverage < WEAK);
    }

    /** What a leader would ask about; whatever somebody left out by hand is told as such. */
    private static List<String> absences(Mat mat, Weighing weighing) {
        return weighing.absences().stream()
                .filter(a -> mat.known().catalogue().supplies().stream()
                        .noneMatch(s -> mat.hold(s.id()) == Hold.BANNED
                                && s.serves().containsKey(a.capability().id())))
                .map(a -> Absences.of(a, hasNoRoom(a, mat, weighing)))
                .toList();
    }

    /** Whether something that does it would be worth what it costs, if only the limits had room for it. */
    private static boolean hasNoRoom(Absence absence, Mat mat, Weighing weighing) {
        return mat.trip().trip().limits().massIsLimited()
                && mat.known().catalogue().supplies().stream()
                        .filter(s -> s.serves().containsKey(absence.capability().id()))
                        .anyMatch(s -> Optional.ofNullable(weighing.marginals().get(s.id()))
                                .filter(m -> weighing.earns(s.id(), m.oneMore()))
                                .isPresent());
    }

    /** What is left out by hand. */
    private static List<LeftOut> byHand(Mat mat, Map<String, Exclusion> exclusions) {
        List<LeftOut> rows = new ArrayList<>();
        for (Supply supply : mat.known().catalogue().supplies()) {
            Exclusion exclusion = exclusions.get(supply.id());
            if (exclusion != null && mat.hold(supply.id()) == Hold.BANNED) {
                rows.add(row(supply, Reasons.of(exclusion), "unban", Wording.says("matPage.letItComeAgain")));
            } else if (exclusion != null && mat.hold(supply.id()) == Hold.ELSEWHERE) {
                rows.add(row(supply, Reasons.of(exclusion), "here", Wording.says("matPage.carryItInTheKit")));
            }
        }
        return rows;
    }

    /** What may not come. */
    private static List<LeftOut> excluded(Mat mat, Map<String, Exclusion> exclusions) {
        return mat.known().catalogue().supplies().stream()
                .filter(s -> mat.hold(s.id()) != Hold.BANNED && mat.hold(s.id()) != Hold.ELSEWHERE)
                .flatMap(s -> Optional.ofNullable(exclusions.get(s.id())).stream()
                        .map(reason -> row(s, Reasons.of(reason), "", "")))
                .toList();
    }

    /** What could come and does not, what would add most first. */
    private static List<LeftOut> couldCome(Mat mat, Weighing weighing) {
        return mat.known().catalogue().supplies().stream()
                .filter(s -> !mat.lines().containsKey(s.id()))
                .flatMap(s -> Optional.ofNullable(weighing.marginals().get(s.id())).stream()
                        .map(marginal -> new Gain(s, marginal.oneMore())))
                .sorted(Comparator.comparingDouble(Gain::worth).reversed())
                .map(g -> row(
                        g.supply(),
                        Why.notHere(
                                g.supply(),
                                g.worth(),
                                weighing,
                                mat.trip().trip().limits().massIsLimited()),
                        "plus",
                        Wording.says("matPage.putOneOn")))
                .toList();
    }

    private static LeftOut row(Supply supply, String reason, String act, String words) {
        return new LeftOut(supply.id(), supply.name(), reason, act, words);
    }

    private static List<LeftOut> together(List<LeftOut> first, List<LeftOut> second) {
        return Stream.concat(first.stream(), second.stream()).toList();
    }

    private record Gain(Supply supply, double worth) {}
}
