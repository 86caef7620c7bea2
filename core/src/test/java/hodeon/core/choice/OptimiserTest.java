package hodeon.core.choice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hodeon.core.Lane;
import hodeon.core.choice.Choice.Floor;
import hodeon.core.choice.Choice.Limit;
import hodeon.core.choice.Choice.Service;
import hodeon.core.choice.Choice.Use;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.OptionalInt;
import java.util.Random;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class OptimiserTest {

    private static final Duration PATIENCE = Duration.ofSeconds(20);

    /** One piece twice, once, two thirds and half: tablets of which a dose is two, or one and a half in a party. */
    private static final double[] PER_PIECE = {2, 2, 1, 1, 1 / 1.5, 0.5};

    private static Solution solve(Choice choice) {
        return new Optimiser(choice).prove(1e-9, PATIENCE);
    }

    private static Candidate piece(String id, int most, Service... serves) {
        return new Candidate(id, 0, most, 1, false, List.of(serves));
    }

    private static Limit grams(double most, Double... perPiece) {
        return new Limit("g", List.of(perPiece), most);
    }

    private static Choice padsAndStrips(int limitGrams, Floor... floors) {
        return new Choice(
                List.of(piece("pad", 3, new Service(0, 1)), piece("strip", 5, new Service(0, 0.5), new Service(1, 1))),
                List.of(new Use("A", 10, List.of(0.9, 0.5)), new Use("B", 4, List.of(0.8))),
                List.of(floors),
                List.of(grams(limitGrams, 30.0, 10.0)),
                OptionalInt.empty());
    }

    @Test
    void workedExample() {
        Solution.Found found = (Solution.Found) solve(padsAndStrips(40));
        assertThat(found.quantities()).containsExactly(1, 1);
        assertThat(found.worth()).isCloseTo(12.2, within(1e-9));
        assertThat(found.gap()).isCloseTo(0, within(1e-8));
        assertThat(new Allocator(padsAndStrips(40)).worth(new int[] {0, 3})).isCloseTo(10.2, within(1e-9));
    }

    /** Two tablets are one dose: the odd one that the limit still allows would do nothing, and stays home. */
    @Test
    void halfADoseIsNone() {
        Choice tablets = new Choice(
                List.of(new Candidate("tablet", 0, 9, 0.5, false, List.of(new Service(0, 1)))),
                List.of(new Use("pain", 10, List.of(0.9, 0.5, 0.2))),
                List.of(),
                List.of(grams(5, 1.0)),
                OptionalInt.empty());
        Solution.Found found = (Solution.Found) solve(tablets);
        assertThat(found.quantities()).containsExactly(4);
        assertThat(found.worth()).isCloseTo(14, within(1e-9));
        Allocator allocator = new Allocator(tablets);
        assertThat(allocator.worth(new int[] {5})).isCloseTo(14, within(1e-9));
        assertThat(allocator.marginals(new int[] {5}).of(0).oneMore()).isCloseTo(2, within(1e-6));
        assertThat(allocator.marginals(new int[] {5}).of(0).oneLess()).isZero();
        assertThat(allocator.marginals(new int[] {4}).of(0).oneLess()).isCloseTo(5, within(1e-6));
    }

    @Test
    void floorsComeFirstAndWhatCannotFitIsWeighed() {
        Floor pads = new Floor("two pads", List.of(0), 2, false);
        assertThat(((Solution.Found) solve(padsAndStrips(65, pads))).quantities())
                .containsExactly(2, 0);
        assertThat(solve(padsAndStrips(59, pads)))
                .isEqualTo(new Solution.TooTight(List.of(2, 0), List.of("two pads", "at most 59 g")));
    }

    @Test
    void noneOrTwoNeverGivesOne() {
        Floor pair = new Floor("pads in pairs", List.of(0), 2, true);
        assertThat(((Solution.Found) solve(padsAndStrips(40, pair))).quantities())
                .containsExactly(0, 3);
        assertThat(((Solution.Found) solve(padsAndStrips(70, pair))).quantities())
                .containsExactly(2, 1);
    }

    @ParameterizedTest
    @ValueSource(longs = {11, 12, 13, 14, 15, 16, 17, 18, 19, 20, 21, 22, 23, 24, 25, 26, 27, 28, 29, 30})
    void equalsBruteForceAndPassesTheChecker(long seed) {
        Choice choice = random(new Random(seed));
        Solution solution = solve(choice);
        double best = BruteForce.best(choice);
        if (!(solution instanceof Solution.Found found)) {
            assertThat(best).as("seed %d", seed).isNegative();
            return;
        }
        assertThat(found.worth()).as("seed %d", seed).isCloseTo(best, within(1e-6 * Math.max(1, best)));
        assertThat(found.bound()).isGreaterThanOrEqualTo(best - 1e-6);
        int[] quantities =
                found.quantities().stream().mapToInt(Integer::intValue).toArray();
        assertThat(Checker.faults(choice, new Allocator(choice).allocate(quantities), true))
                .isEmpty();
    }

    @ParameterizedTest
    @ValueSource(longs = {41, 42, 43, 44, 45, 46})
    void moreAllowanceNeverEarnsLessAndOnePieceLessNeverEarnsMore(long seed) {
        Choice choice = random(new Random(seed));
        double before = -1;
        for (int limit = 0; limit <= 200; limit += 20) {
            if (solve(limited(choice, limit)) instanceof Solution.Found found) {
                assertThat(found.worth()).as("seed %d, %d g", seed, limit).isGreaterThanOrEqualTo(before - 1e-6);
                before = found.worth();
                int[] quantities =
                        found.quantities().stream().mapToInt(Integer::intValue).toArray();
                for (int i = 0; i < quantities.length; i++) {
                    if (quantities[i] > 0) {
                        int[] fewer = quantities.clone();
                        fewer[i]--;
                        assertThat(new Allocator(choice).worth(fewer)).isLessThanOrEqualTo(found.worth() + 1e-6);
                    }
                }
            }
        }
    }

    @ParameterizedTest
    @ValueSource(longs = {61, 62, 63, 64, 65, 66, 67, 68})
    void sparedGramsAreUsedAndIdlePiecesStayHome(long seed) {
        Choice choice = random(new Random(seed));
        // A search that may stop as far as half below the bound still leaves nothing obvious undone.
        if (!(new Optimiser(choice).prove(0.5, PATIENCE) instanceof Solution.Found found)) {
            return;
        }
        int[] quantities =
                found.quantities().stream().mapToInt(Integer::intValue).toArray();
        Allocator allocator = new Allocator(choice);
        for (int i = 0; i < quantities.length; i++) {
            Candidate candidate = choice.candidates().get(i);
            int[] more = quantities.clone();
            more[i] += candidate.up(quantities[i]);
            if (!candidate.durable() && more[i] <= candidate.most() && choice.allows(more)) {
                assertThat(allocator.worth(more))
                        .as("seed %d, one more %s", seed, candidate.id())
                        .isCloseTo(found.worth(), within(1e-5));
            }
            int[] fewer = quantities.clone();
            fewer[i] -= quantities[i] == 0 ? 1 : candidate.down(quantities[i]);
            if (fewer[i] >= candidate.least() && choice.allows(fewer)) {
                assertThat(allocator.worth(fewer))
                        .as("seed %d, one less %s", seed, candidate.id())
                        .isLessThan(found.worth());
            }
        }
    }

    /** Worths that are nothing, next to nothing, or the same to the last bit: an answer comes, and it holds. */
    @Test
    @Tag("slow")
    void worthsOfNothingAndOfTheSameEndInAnAnswerThatHolds() {
        double[] worths = {0, 0, Double.MIN_VALUE, 1e-320, 1e-12, 5, 5, 400};
        double[] chances = {0, 1e-300, 0.5, 0.5, 1};
        for (long seed = 1; seed <= Lane.of(30, 150); seed++) {
            Random random = new Random(seed);
            int n = random.nextInt(5);
            List<Use> uses = new ArrayList<>();
            for (int u = 0; u < n; u++) {
                double first = chances[random.nextInt(chances.length)];
                uses.add(new Use("u" + u, worths[random.nextInt(worths.length)], List.of(first, first / 2)));
            }
            List<Candidate> candidates = new ArrayList<>();
            List<Double> grams = new ArrayList<>();
            for (int i = random.nextInt(5); i > 0; i--) {
                List<Service> serves = new ArrayList<>();
                for (int u = 0; u < n; u++) {
                    serves.add(new Service(u, random.nextBoolean() ? 1 : 0.7));
                }
                candidates.add(new Candidate("c" + i, 0, 3, 1 + random.nextInt(20), random.nextInt(4) == 0, serves));
                grams.add(random.nextBoolean() ? 10.0 : 0.0);
            }
            Choice choice = new Choice(
                    candidates,
                    uses,
                    List.of(),
                    List.of(new Limit("g", grams, random.nextInt(60))),
                    OptionalInt.empty());
            for (Solution solution : List.of(solve(choice), new Optimiser(choice).quick(PATIENCE))) {
                assertThat(solution).as("seed %d", seed).isInstanceOf(Solution.Found.class);
                Allocation allocation = new Allocator(choice).allocate(((Solution.Found) solution).array());
                assertThat(Checker.faults(choice, allocation, true))
                        .as("seed %d", seed)
                        .isEmpty();
            }
        }
    }

    @Test
    void theCheckerFindsWhatIsWrong() {
        Choice choice = padsAndStrips(40, new Floor("a strip", List.of(1), 1, false));
        Allocation lie = new Allocation(
                List.of(2, 0), List.of(new Allocation.Share(0, 0, 3)), List.of(50.0, 0.0), List.of(3, 0));
        assertThat(Checker.faults(choice, lie, true))
                .hasSize(4)
                .anySatisfy(f -> assertThat(f).contains("over the limit"))
                .anySatisfy(f -> assertThat(f).contains("3 uses set aside from 2 pieces"))
                .anySatisfy(f -> assertThat(f).contains("floor not kept: a strip"))
                .anySatisfy(f -> assertThat(f).contains("was claimed"));
    }

    private static Choice limited(Choice choice, int grams) {
        return choice.withFirstLimit(grams);
    }

    static Choice random(Random random) {
        int uses = 2 + random.nextInt(3);
        List<Use> needs = new ArrayList<>();
        for (int u = 0; u < uses; u++) {
            List<Double> atLeast = new ArrayList<>();
            double p = 1;
            for (int k = 0; k < 1 + random.nextInt(3); k++) {
                p *= 0.2 + 0.8 * random.nextDouble();
                atLeast.add(p);
            }
            needs.add(new Use("u" + u, 1 + random.nextInt(20), atLeast));
        }
        double[] effects = {0.4, 0.7, 1};
        List<Candidate> candidates = new ArrayList<>();
        List<Double> masses = new ArrayList<>();
        for (int i = 0; i < 4; i++) {
            List<Service> serves = new ArrayList<>();
            for (int u = 0; u < uses; u++) {
                if (random.nextBoolean()) {
                    serves.add(new Service(u, effects[random.nextInt(3)]));
                }
            }
            masses.add(5.0 + random.nextInt(40));
            boolean durable = random.nextInt(3) == 0;
            candidates.add(new Candidate(
                    "c" + i, 0, durable ? 1 : 3, PER_PIECE[random.nextInt(PER_PIECE.length)], durable, serves));
        }
        List<Floor> floors = random.nextBoolean()
                ? List.of(new Floor("some", List.of(0, 1), 1 + random.nextInt(2), random.nextBoolean()))
                : List.of();
        List<Limit> limits = new ArrayList<>();
        limits.add(grams(20 + random.nextInt(120), masses.toArray(Double[]::new)));
        if (random.nextInt(3) == 0) {
            limits.add(new Limit("ml", List.of(3.0, 9.0, 6.0, 1.0), 10 + random.nextInt(20)));
        }
        OptionalInt kinds = random.nextInt(3) == 0 ? OptionalInt.of(2) : OptionalInt.empty();
        return new Choice(candidates, needs, floors, limits, kinds);
    }

    @ParameterizedTest
    @ValueSource(longs = {71, 72, 73, 74, 75, 76, 77, 78, 79, 80})
    void theFirstAnswerKeepsItsPromiseAndItsBoundHolds(long seed) {
        Choice choice = random(new Random(seed));
        double best = BruteForce.best(choice);
        if (new Optimiser(choice).quick(PATIENCE) instanceof Solution.Found found) {
            assertThat(found.bound()).as("seed %d", seed).isGreaterThanOrEqualTo(best - 1e-6);
            assertThat(found.worth()).as("seed %d", seed).isLessThanOrEqualTo(best + 1e-6);
            assertThat(Checker.faults(choice, new Allocator(choice).allocate(found.array()), true))
                    .isEmpty();
        } else {
            assertThat(best).as("seed %d", seed).isNegative();
        }
    }

    @ParameterizedTest
    @ValueSource(longs = {81, 82, 83, 84, 85, 86, 87, 88})
    void theOrderOfCandidatesChangesNothing(long seed) {
        Choice choice = random(new Random(seed));
        List<Integer> order = new ArrayList<>(List.of(0, 1, 2, 3));
        Collections.shuffle(order, new Random(seed));
        Choice shuffled = new Choice(
                order.stream().map(choice.candidates()::get).toList(),
                choice.uses(),
                choice.floors().stream()
                        .map(f -> new Floor(
                                f.reason(),
                                f.candidates().stream().map(order::indexOf).toList(),
                                f.pieces(),
                                f.orNone()))
                        .toList(),
                choice.limits().stream()
                        .map(l -> new Limit(
                                l.what(), order.stream().map(l.perPiece()::get).toList(), l.most()))
                        .toList(),
                choice.mostKinds());
        if (solve(choice) instanceof Solution.Found one) {
            assertThat(solve(shuffled))
                    .as("seed %d", seed)
                    .isInstanceOfSatisfying(Solution.Found.class, other -> assertThat(other.worth())
                            .isCloseTo(one.worth(), within(1e-6)));
        } else {
            assertThat(solve(shuffled)).as("seed %d", seed).isInstanceOf(Solution.TooTight.class);
        }
    }

    @ParameterizedTest
    @ValueSource(longs = {91, 92, 93, 94, 95, 96})
    void aFurtherLimitNeverEarnsMore(long seed) {
        Choice choice = random(new Random(seed));
        List<Limit> tighter = new ArrayList<>(choice.limits());
        tighter.add(new Limit("of money", List.of(2.0, 5.0, 1.0, 4.0), 9));
        Choice dearer = new Choice(choice.candidates(), choice.uses(), choice.floors(), tighter, choice.mostKinds());
        if (solve(dearer) instanceof Solution.Found within) {
            assertThat(solve(choice))
                    .as("seed %d", seed)
                    .isInstanceOfSatisfying(Solution.Found.class, free -> assertThat(free.worth())
                            .isGreaterThanOrEqualTo(within.worth() - 1e-6));
        }
    }

    @Test
    void aFloorOfUsesIsServedThoughItEarnsLess() {
        Choice earning = padsAndStrips(40);
        List<Use> uses = List.of(new Use("A", 10, List.of(0.9, 0.5), 3), new Use("B", 4, List.of(0.8)));
        Choice floored = new Choice(earning.candidates(), uses, List.of(), earning.limits(), OptionalInt.empty());
        Solution.Found found = (Solution.Found) solve(floored);
        assertThat(found.quantities()).containsExactly(0, 4);
        Allocation allocation = new Allocator(floored).allocate(found.array());
        assertThat(allocation.servedByUse()).containsExactly(3, 1);
        assertThat(Checker.faults(floored, allocation, true)).isEmpty();
        assertThat(solve(floored.withFirstLimit(20)))
                .isEqualTo(new Solution.TooTight(List.of(0, 3), List.of("A: at least 3 served", "at most 20 g")));
    }

    @Test
    void usesThatTheSameCandidatesServeAreOnePool() {
        Choice choice = new Choice(
                List.of(piece("pad", 3, new Service(0, 1), new Service(1, 1)), piece("strip", 3, new Service(2, 1))),
                List.of(
                        new Use("A", 10, List.of(0.9, 0.1)),
                        new Use("B", 20, List.of(0.3)),
                        new Use("C", 1, List.of(0.5))),
                List.of(),
                List.of(grams(100, 1.0, 1.0)),
                OptionalInt.empty());
        List<Pools.Pool> pools = Pools.of(choice);
        assertThat(pools).hasSize(2);
        assertThat(pools.getFirst().slots()).extracting(Pools.Slot::worth).containsExactly(9.0, 6.0, 1.0);
    }
}
