package hodeon.core.choice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hodeon.core.choice.Choice.Burden;
import hodeon.core.choice.Choice.Floor;
import hodeon.core.choice.Choice.Limit;
import hodeon.core.choice.Choice.Need;
import hodeon.core.choice.Choice.Service;
import hodeon.core.choice.Choice.Use;
import java.time.Duration;
import java.util.List;
import java.util.OptionalInt;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Worth less burden, company and alternatives, against trying every kit there is. */
@Tag("slow")
class BurdenTest {

    private static final Duration PATIENCE = Duration.ofSeconds(10);

    static Stream<Long> seeds() {
        return IntStream.rangeClosed(201, 240).mapToObj(i -> (long) i);
    }

    /** A random choice of four candidates whose grams and kinds cost, some needing others, some excluding each other. */
    private static Choice random(long seed) {
        Random random = new Random(seed);
        Choice plain = OptimiserTest.random(random);
        Burden burden = new Burden(
                IntStream.range(0, 4).mapToObj(i -> random.nextInt(20) / 10.0).toList(),
                IntStream.range(0, 4).mapToObj(i -> random.nextInt(30) / 10.0).toList());
        List<Need> needs = random.nextBoolean() ? List.of(new Need(2, List.of(0, 3))) : List.of();
        List<List<Integer>> alternatives = random.nextBoolean() ? List.of(List.of(1, 3)) : List.of();
        List<Floor> floors = random.nextInt(3) == 0
                ? List.of(new Floor("two uses", List.of(0, 1), List.of(2.0, 0.5), 2, false))
                : plain.floors();
        return new Choice(
                plain.candidates(),
                plain.uses(),
                floors,
                plain.limits(),
                plain.mostKinds(),
                burden,
                needs,
                alternatives);
    }

    /** The most that is left of the worth over every allowed kit; minus infinity if none is allowed. */
    private static double best(Choice choice) {
        double best = Double.NEGATIVE_INFINITY;
        Allocator allocator = new Allocator(choice);
        int[] most = choice.candidates().stream().mapToInt(Candidate::most).toArray();
        int all = IntStream.of(most).map(m -> m + 1).reduce(1, (a, b) -> a * b);
        for (int n = 0; n < all; n++) {
            int[] quantities = new int[most.length];
            int rest = n;
            for (int i = 0; i < most.length; i++) {
                quantities[i] = rest % (most[i] + 1);
                rest /= most[i] + 1;
            }
            if (choice.allows(quantities)) {
                best = Math.max(
                        best, allocator.worth(quantities) - choice.burden().of(quantities));
            }
        }
        return best;
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void theProofIsTheBestOfAllKitsAndTheFirstAnswerNeverPromisesLess(long seed) {
        Choice choice = random(seed);
        double best = best(choice);
        if (!(new Optimiser(choice).prove(1e-7, PATIENCE) instanceof Solution.Found proven)) {
            assertThat(best).as("seed %d", seed).isEqualTo(Double.NEGATIVE_INFINITY);
            return;
        }
        assertThat(proven.net()).as("seed %d", seed).isCloseTo(best, within(1e-5));
        Solution.Found first = (Solution.Found) new Optimiser(choice).quick(PATIENCE);
        assertThat(first.bound()).as("seed %d", seed).isGreaterThanOrEqualTo(best - 1e-6);
        assertThat(first.net()).as("seed %d", seed).isLessThanOrEqualTo(best + 1e-6);
        for (Solution.Found found : List.of(proven, first)) {
            assertThat(Checker.faults(choice, new Allocator(choice).allocate(found.array()), true))
                    .as("seed %d", seed)
                    .isEmpty();
        }
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void moreAllowanceNeverLeavesLessAndDearerGramsNeverEarnMore(long seed) {
        Choice choice = random(seed);
        double net = Double.NEGATIVE_INFINITY;
        for (int grams = 0; grams <= 200; grams += 40) {
            if (new Optimiser(choice.withFirstLimit(grams)).prove(1e-7, PATIENCE) instanceof Solution.Found found) {
                assertThat(found.net()).as("seed %d, %d g", seed, grams).isGreaterThanOrEqualTo(net - 1e-5);
                net = found.net();
            }
        }
        double worth = Double.POSITIVE_INFINITY;
        for (double dear : new double[] {0.1, 1, 10}) {
            Choice priced = choice.withBurden(choice.burden().times(dear));
            if (new Optimiser(priced).prove(1e-7, PATIENCE) instanceof Solution.Found found) {
                assertThat(found.worth()).as("seed %d, × %s", seed, dear).isLessThanOrEqualTo(worth + 1e-4);
                worth = found.worth();
            }
        }
    }

    /** Worked by hand: the pad earns 9 and costs 2 + 3, its second piece 5 against 2; the strip earns 3.2 and costs 4. */
    @Test
    void aPieceComesWhenItEarnsMoreThanItCosts() {
        Choice choice = new Choice(
                List.of(
                        new Candidate("pad", 0, 3, 1, false, List.of(new Service(0, 1))),
                        new Candidate("strip", 0, 3, 1, false, List.of(new Service(1, 1)))),
                List.of(new Use("A", 10, List.of(0.9, 0.5, 0.1)), new Use("B", 4, List.of(0.8))),
                List.of(),
                List.of(new Limit("g", List.of(30.0, 10.0), 1_000)),
                OptionalInt.empty(),
                new Burden(List.of(2.0, 1.0), List.of(3.0, 3.0)),
                List.of(),
                List.of());
        Solution.Found found = (Solution.Found) new Optimiser(choice).prove(1e-9, PATIENCE);
        assertThat(found.quantities()).containsExactly(2, 0);
        assertThat(found.worth()).isCloseTo(14, within(1e-9));
        assertThat(found.burden()).isCloseTo(7, within(1e-9));
        assertThat(found.net()).isCloseTo(7, within(1e-9));
    }
}
