package hodeon.core.choice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hodeon.core.Lane;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class AssignmentTest {

    private static final Duration PATIENCE = Duration.ofSeconds(10);

    @Test
    void theRoomNearbyGoesToWhomItSavesMost() {
        Assignment assignment = new Assignment(
                List.of(2.0, 2.0, 2.0),
                List.of(3.0, 10.0),
                new double[][] {{0, 5}, {0, 1}, {0, 1}},
                new double[] {100, 100, 100},
                List.of());
        Assignment.Assigned assigned = assignment.solve(PATIENCE);
        assertThat(assigned.bins()).containsExactly(0, 1, 1);
        assertThat(assigned.cost()).isCloseTo(2, within(1e-6));
        assertThat(assigned.gap()).isLessThanOrEqualTo(0.001);
    }

    /** The dearest first would take the near room for one; together they are better off far away. */
    @Test
    void aPairStaysTogetherWhereThatIsWorthIt() {
        Assignment assignment = new Assignment(
                List.of(2.0, 2.0),
                List.of(2.0, 4.0),
                new double[][] {{0, 3}, {0, 3}},
                new double[] {100, 100},
                List.of(new Assignment.Pair(0, 1, 20)));
        assertThat(assignment.solve(PATIENCE).bins()).containsExactly(1, 1);
    }

    @Test
    void whatFitsNowhereIsLeftOut() {
        Assignment assignment = new Assignment(
                List.of(9.0, 1.0), List.of(2.0), new double[][] {{1}, {1}}, new double[] {100, 100}, List.of());
        assertThat(assignment.solve(PATIENCE).bins()).containsExactly(-1, 0);
    }

    /** The dearest to leave out comes first, each where it costs least of what still has room, down to the last of it. */
    @Test
    void oneByOneTheDearestChoosesFirst() {
        Assignment assignment = new Assignment(
                List.of(2.0, 2.0, 2.0),
                List.of(2.0, 4.0),
                new double[][] {{1, 5}, {2, 3}, {1, 9}},
                new double[] {10, 30, 20},
                List.of());
        assertThat(assignment.oneByOne()).containsExactly(1, 0, 1);
        assertThat(assignment.cost(new int[] {1, 0, 1})).isEqualTo(16);
        assertThat(new Assignment(List.of(1.0), List.of(9.0), new double[][] {{8}}, new double[] {5}, List.of())
                        .oneByOne())
                .containsExactly(-1);
    }

    @Test
    void theGapIsWhatIsAboveTheBoundAsAShare() {
        assertThat(new Assignment.Assigned(new int[0], 8, 6).gap()).isEqualTo(0.25);
        assertThat(new Assignment.Assigned(new int[0], 0, 0).gap()).isZero();
        assertThat(new Assignment.Assigned(new int[0], 5, 6).gap()).isZero();
    }

    private static Assignment random(Random random, int items, int bins) {
        List<Double> sizes = Stream.generate(() -> (double) (1 + random.nextInt(9)))
                .limit(items)
                .toList();
        List<Double> room = Stream.generate(() -> (double) (4 + random.nextInt(12)))
                .limit(bins)
                .toList();
        double[][] costs = new double[items][bins];
        double[] left = new double[items];
        for (int i = 0; i < items; i++) {
            for (int b = 0; b < bins; b++) {
                costs[i][b] = random.nextInt(40);
            }
            left[i] = 30 + random.nextInt(60);
        }
        List<Assignment.Pair> pairs = new ArrayList<>();
        if (items > 2 && random.nextBoolean()) {
            pairs.add(new Assignment.Pair(0, 1, random.nextInt(30)));
        }
        return new Assignment(sizes, room, costs, left, pairs);
    }

    private static double cheapest(Assignment assignment, int[] bins, int at) {
        if (at == bins.length) {
            return assignment.fits(bins) ? assignment.cost(bins) : Double.POSITIVE_INFINITY;
        }
        double best = Double.POSITIVE_INFINITY;
        for (int b = -1; b < assignment.room().size(); b++) {
            bins[at] = b;
            best = Math.min(best, cheapest(assignment, bins, at + 1));
        }
        return best;
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12})
    void onSmallOnesItIsAsGoodAsTryingEveryWay(long seed) {
        Random random = new Random(seed);
        Assignment assignment = random(random, 6, 3);
        Assignment.Assigned assigned = assignment.solve(PATIENCE);
        double best = cheapest(assignment, new int[6], 0);
        assertThat(assignment.fits(assigned.bins())).as("seed %d", seed).isTrue();
        assertThat(assigned.cost()).as("seed %d", seed).isCloseTo(best, within(0.002 * best + 1e-6));
        assertThat(assigned.bound()).as("seed %d", seed).isLessThanOrEqualTo(best + 1e-6);
    }

    @ParameterizedTest
    @ValueSource(longs = {21, 22, 23, 24, 25, 26})
    void onLargeOnesItFitsAndIsNoWorseThanOneByOne(long seed) {
        Assignment assignment = random(new Random(seed), 60, 12);
        Assignment.Assigned assigned = assignment.solve(Lane.patience(PATIENCE));
        assertThat(assignment.fits(assigned.bins())).as("seed %d", seed).isTrue();
        assertThat(assigned.cost())
                .as("seed %d", seed)
                .isLessThanOrEqualTo(assignment.cost(assignment.oneByOne()) + 1e-6);
    }

    @ParameterizedTest
    @ValueSource(longs = {31, 32, 33, 34, 35, 36})
    void someBinsRearrangedCostNoMoreAndAllOfThemTheLeast(long seed) {
        Assignment assignment = random(new Random(seed), 6, 4);
        int[] greedy = assignment.oneByOne();
        int[] some = assignment.rearranged(greedy, Set.of(1, 3), PATIENCE);
        assertThat(assignment.fits(some)).as("seed %d", seed).isTrue();
        assertThat(assignment.cost(some)).as("seed %d", seed).isLessThanOrEqualTo(assignment.cost(greedy));
        for (int i = 0; i < some.length; i++) {
            if (greedy[i] == 0 || greedy[i] == 2) {
                assertThat(some[i])
                        .as("seed %d: what lies elsewhere stays", seed)
                        .isEqualTo(greedy[i]);
            }
        }
        double best = cheapest(assignment, new int[6], 0);
        assertThat(assignment.cost(assignment.rearranged(greedy, Set.of(0, 1, 2, 3), PATIENCE)))
                .as("seed %d", seed)
                .isCloseTo(best, within(0.002 * best + 1e-6));
    }
}
