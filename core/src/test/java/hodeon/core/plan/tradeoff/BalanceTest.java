package hodeon.core.plan.tradeoff;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hodeon.core.Samples;
import hodeon.core.brief.Limits;
import hodeon.core.catalogue.Supply;
import hodeon.core.catalogue.Tier;
import hodeon.core.choice.Allocator;
import hodeon.core.choice.Checker;
import hodeon.core.choice.Marginal;
import hodeon.core.choice.Solution;
import hodeon.core.need.Forecast;
import hodeon.core.need.StepForecast;
import hodeon.core.packing.Carry;
import hodeon.core.plan.Holds;
import hodeon.core.plan.KitQuestion;
import hodeon.core.plan.Plan;
import hodeon.core.plan.Planner;
import java.time.Duration;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** Everything that is read off a solved question: the curve, what to prune, what to make of contents, who carries what. */
@Tag("slow")
class BalanceTest {

    private static final Duration PATIENCE = Duration.ofSeconds(30);
    private static final KitQuestion QUESTION = KitQuestion.of(
            Samples.skerryRing(),
            Samples.CATALOGUE,
            Forecast.of(Samples.skerryRing(), Samples.CATALOGUE),
            Holds.NONE,
            Samples.suitability(Samples.skerryRing()));
    private static final Planner PLANNER = new Planner(QUESTION);
    private static final Map<String, Integer> BEST =
            PLANNER.contents(((Solution.Found) PLANNER.prove(PATIENCE)).quantities());

    private static double grams(Map<String, Integer> kit) {
        return PLANNER.weigh(kit).mass().grams();
    }

    @Test
    void theCurveRisesAndEachPointIsAKitTheCheckerPasses() {
        Curve curve = Curve.of(QUESTION, Curve.POINTS, BEST, PATIENCE);
        List<Curve.Point> points = curve.points();
        assertThat(points.get(curve.recommended()).price()).isEqualTo(1);
        assertThat(points.get(curve.recommended()).pieces()).isEqualTo(BEST);
        assertThat(points).hasSizeGreaterThanOrEqualTo(12);
        double coverage = 0;
        double grams = 0;
        for (Curve.Point point : points) {
            assertThat(point.coverage()).isGreaterThanOrEqualTo(coverage - 1e-9);
            assertThat(point.grams()).as("dearer grams buy no heavier kit").isGreaterThanOrEqualTo(grams - 1e-9);
            assertThat(point.gap()).isLessThanOrEqualTo(0.02);
            assertThat(Checker.faults(
                            QUESTION.choice(),
                            new Allocator(QUESTION.choice()).allocate(QUESTION.quantities(point.pieces())),
                            true))
                    .isEmpty();
            coverage = point.coverage();
            grams = point.grams();
        }
        Difference difference =
                Difference.between(points.getFirst().pieces(), points.getLast().pieces());
        assertThat(difference.in()).isNotEmpty();
        assertThat(Difference.between(BEST, BEST).none()).isTrue();
    }

    @Test
    void withoutALimitTheCheapestGramsBuyNearlyAllThatAnythingCanDo() {
        KitQuestion free = QUESTION.withMassLimit(Limits.UNLIMITED.grams());
        Map<String, Integer> everything = new HashMap<>();
        free.choice().candidates().forEach(c -> everything.put(c.id(), c.most()));
        assertThat(Curve.of(free, Curve.POINTS, Map.of(), PATIENCE)
                        .points()
                        .getLast()
                        .coverage())
                .as("points are solved to within two hundredths of their bound")
                .isGreaterThan(0.98 * PLANNER.weigh(everything).coverage());
    }

    @Test
    void theNextGramsBuyWhatWeighingThemOnTopSays() {
        Map<String, Marginal> marginals = new HashMap<>();
        Samples.CATALOGUE.supplies().stream()
                .map(Supply::id)
                .filter(id -> !QUESTION.exclusions().containsKey(id))
                .forEach(id -> marginals.put(id, PLANNER.marginals(BEST).apply(id)));
        NextGrams next = NextGrams.of(QUESTION, BEST, marginals, 100);
        assertThat(next.pieces()).isNotEmpty();
        assertThat(grams(next.pieces())).isBetween(1.0, 100.0);
        Map<String, Integer> heavier = new HashMap<>(BEST);
        next.pieces().forEach((id, pieces) -> heavier.merge(id, pieces, Integer::sum));
        assertThat(next.worth())
                .isCloseTo(PLANNER.weigh(heavier).worth() - PLANNER.weigh(BEST).worth(), within(1e-5));
        assertThat(NextGrams.of(QUESTION, BEST, marginals, 0).pieces()).isEmpty();
    }

    @Test
    void aSeverityIsFullyCoveredFromThePointOnThatNothingImprovesMuch() {
        Curve curve = Curve.of(QUESTION, Curve.POINTS, BEST, PATIENCE);
        for (int severity = 1; severity <= 5; severity++) {
            int of = severity;
            int from = curve.nothingMoreFor(severity).orElseThrow();
            double best = curve.points().stream()
                    .mapToDouble(p -> p.bySeverity().get(of - 1))
                    .max()
                    .orElseThrow();
            assertThat(curve.points().get(from).bySeverity().get(of - 1)).isGreaterThanOrEqualTo(0.99 * best);
            for (Curve.Point lighter : curve.points().subList(0, from)) {
                assertThat(lighter.bySeverity().get(of - 1)).isLessThan(0.99 * best);
            }
        }
        assertThat(new Curve(List.of(), -1).nothingMoreFor(5)).isEmpty();
    }

    @Test
    void theLastPieceIsUsedNoMoreOftenThanAnyPieceAndAMadeUpKitTellsItExactly() {
        Plan plan = PLANNER.weigh(BEST);
        for (Supply supply : Samples.CATALOGUE.supplies()) {
            double used = plan.used(supply.id());
            assertThat(plan.lastUsed(supply)).as(supply.id()).isBetween(0.0, used + 1e-9);
            assertThat(used).as(supply.id()).isBetween(0.0, 1.0);
        }
        // Alone on the mat, a blister pad is used when there is a blister, and the third when three pads are needed.
        Plan pads = PLANNER.weigh(Map.of("hydrocolloid-pad", 3));
        StepForecast cushion = pads.stepsServedBy("hydrocolloid-pad").stream()
                .map(s -> s.needed().step())
                .filter(s -> s.capability().id().equals("cushion-blister"))
                .findFirst()
                .orElseThrow();
        assertThat(pads.lastUsed(Samples.CATALOGUE.supply("hydrocolloid-pad").orElseThrow()))
                .isCloseTo(cushion.onTrip().atLeast(3), within(1e-12));
    }

    @Test
    void pruningStartsWithWhatEarnsLeastAndSaysWhatIsLost() {
        Prune prune = new Prune(QUESTION, BEST);
        List<Prune.Piece> pieces = prune.pieces();
        assertThat(pieces).hasSize(BEST.size());
        double now = PLANNER.weigh(BEST).worth();
        double before = -1;
        for (Prune.Piece piece :
                pieces.stream().filter(p -> p.floor().isEmpty()).toList()) {
            assertThat(piece.lostPerGram()).isGreaterThanOrEqualTo(before);
            before = piece.lostPerGram();
        }
        Prune.Piece first = pieces.getFirst();
        Map<String, Integer> without = new HashMap<>(BEST);
        without.merge(first.supply().id(), -1, Integer::sum);
        assertThat(first.lost()).isCloseTo(now - PLANNER.weigh(without).worth(), within(1e-5));
        assertThat(pieces.stream()
                        .filter(p -> p.supply().id().equals("reliever-inhaler"))
                        .findFirst()
                        .orElseThrow()
                        .floor())
                .contains("for everybody it is prescribed to");
    }

    @Test
    void aSwapSaysWhatItChangesInGramsAndWorth() {
        Prune prune = new Prune(QUESTION, BEST);
        Supply pad = Samples.CATALOGUE.supply("hydrocolloid-pad").orElseThrow();
        assertThat(BEST).containsKey(pad.id());
        List<Prune.Swap> swaps = prune.swaps(pad);
        assertThat(swaps).isNotEmpty();
        for (Prune.Swap swap : swaps) {
            Map<String, Integer> changed = new HashMap<>(BEST);
            changed.remove(pad.id());
            changed.merge(swap.to().id(), swap.pieces(), Integer::sum);
            assertThat(swap.grams()).isCloseTo(grams(changed) - grams(BEST), within(1e-6));
            assertThat(swap.worth())
                    .isCloseTo(
                            PLANNER.weigh(changed).worth() - PLANNER.weigh(BEST).worth(), within(1e-5));
        }
    }

    @Test
    void contentsAreSortedIntoWhatToTakeWhatIsMissingAndASecondKit() {
        Map<String, Integer> have = Map.of(
                "plaster-fabric",
                40,
                "antiseptic-wipe",
                5,
                "triangular-bandage",
                4,
                "gloves-nitrile",
                10,
                "foil-blanket",
                9);
        Sorting sorting = Sorting.of(QUESTION, have, 150, PATIENCE);
        have.forEach((id, pieces) -> assertThat(
                        sorting.take().getOrDefault(id, 0) + sorting.surplus().getOrDefault(id, 0))
                .as(id)
                .isEqualTo(pieces));
        assertThat(sorting.missing()).containsKey("auto-injector").doesNotContainKey("foil-blanket");
        assertThat(sorting.surplus()).containsKey("foil-blanket");
        assertThat(sorting.second()).isNotEmpty();
        sorting.second().forEach((id, pieces) -> assertThat(pieces)
                .isLessThanOrEqualTo(sorting.surplus().get(id)));
        assertThat(grams(sorting.second())).isLessThanOrEqualTo(150);
    }

    @Test
    void everyGroupThatMaySeparateKeepsWhatGuardsLifeAndLoadsAreEven() {
        Map<String, Integer> kit = new HashMap<>(BEST);
        kit.put("pressure-dressing-wide", 2);
        Carry carry = Carry.of(
                QUESTION,
                kit,
                Stream.of(0, 0, 1)
                        .map(g -> new Carry.Carrier(g, OptionalDouble.empty()))
                        .toList(),
                List.of(),
                false,
                PATIENCE);
        Map<String, Integer> together = new HashMap<>();
        carry.carriers().forEach(c -> c.forEach((id, n) -> together.merge(id, n, Integer::sum)));
        assertThat(together).isEqualTo(kit);
        assertThat(carry.carriers().get(2)).satisfies(third -> assertThat(third.keySet())
                .anyMatch(id ->
                        Samples.CATALOGUE.supply(id).orElseThrow().serves().getOrDefault("press-wound", Tier.IMPROVISED)
                                != Tier.IMPROVISED));
        List<Double> loads = carry.carriers().stream().map(BalanceTest::grams).toList();
        double most = loads.stream().mapToDouble(Double::doubleValue).max().orElseThrow();
        double least = loads.stream().mapToDouble(Double::doubleValue).min().orElseThrow();
        assertThat(most - least).isLessThan(120);
        assertThat(carry.tooFew()).contains("Call for help from far away");
    }

    @Test
    void whatRidesElsewhereServesAndWeighsNothing() {
        Holds holds = new Holds(Map.of(), Set.of(), Map.of("shears", 1, "beacon", 1));
        KitQuestion question = KitQuestion.of(
                Samples.skerryRing(),
                Samples.CATALOGUE,
                Forecast.of(Samples.skerryRing(), Samples.CATALOGUE),
                holds,
                Samples.suitability(Samples.skerryRing()));
        Planner planner = new Planner(question);
        Plan with = planner.weigh(BEST);
        Map<String, Integer> kit = planner.contents(((Solution.Found) planner.recommend(PATIENCE)).quantities());
        assertThat(kit).doesNotContainKeys("shears", "beacon", "small-scissors");
        assertThat(with.mass()).isEqualTo(PLANNER.weigh(BEST).mass());
        assertThat(planner.weigh(kit).coverage())
                .isGreaterThan(PLANNER.weigh(BEST).coverage());
        assertThat(planner.weigh(kit).stepsServedBy("beacon")).isNotEmpty();
    }
}
