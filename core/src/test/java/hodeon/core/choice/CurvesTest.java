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
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Rows of answers, first answers, and what one piece more or less changes, against trying everything. */
class CurvesTest {

    private static final Duration PATIENCE = Duration.ofSeconds(20);

    private static Choice small(Random random) {
        List<Candidate> candidates = new ArrayList<>();
        List<Double> grams = new ArrayList<>();
        List<Double> perPiece = new ArrayList<>();
        for (int i = 0; i < 4; i++) {
            boolean durable = i == 3;
            candidates.add(new Candidate(
                    "c" + i,
                    0,
                    durable ? 1 : 3,
                    i == 2 ? 0.5 : 1,
                    durable,
                    List.of(new Service(random.nextInt(2), 1), new Service(2, 0.4 + 0.3 * random.nextInt(2)))));
            grams.add(5.0 + random.nextInt(20));
            perPiece.add(0.05 * random.nextInt(10));
        }
        List<Use> uses = List.of(
                new Use("A", 4 + random.nextInt(9), List.of(0.9, 0.4)),
                new Use("B", 2 + random.nextInt(9), List.of(0.7, 0.2)),
                new Use("C", 1 + random.nextInt(9), List.of(0.5)));
        return new Choice(
                candidates,
                uses,
                List.of(),
                List.of(new Limit("g", grams, 60)),
                OptionalInt.empty(),
                new Burden(perPiece, List.of(0.1, 0.1, 0.1, 0.1)),
                List.of(new Need(0, List.of(1, 3))),
                List.of(List.of(1, 2)));
    }

    /** The most that is left of the worth when the burden is taken off, over every kit there is; −1 where none is allowed. */
    private static double bestNet(Choice choice) {
        double best = -1;
        Allocator allocator = new Allocator(choice);
        int[] kit = new int[4];
        for (kit[0] = 0; kit[0] <= 3; kit[0]++) {
            for (kit[1] = 0; kit[1] <= 3; kit[1]++) {
                for (kit[2] = 0; kit[2] <= 3; kit[2]++) {
                    for (kit[3] = 0; kit[3] <= 1; kit[3]++) {
                        if (choice.allows(kit)) {
                            best = Math.max(
                                    best, allocator.worth(kit) - choice.burden().of(kit));
                        }
                    }
                }
            }
        }
        return best;
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
    void alongALimitEachIsNearTheBestAndNoneEarnsLessThanTheOneBefore(long seed) {
        Choice choice = small(new Random(seed));
        List<Double> limits = List.of(0.0, 15.0, 30.0, 60.0, 90.0);
        List<Solution> along = Curves.along(choice, limits, PATIENCE);
        assertThat(along).hasSize(limits.size());
        double before = -1;
        for (int i = 0; i < limits.size(); i++) {
            Solution.Found found = (Solution.Found) along.get(i);
            Choice here = choice.withFirstLimit(limits.get(i));
            double best = bestNet(here);
            assertThat(here.allows(found.array()))
                    .as("seed %d, %s g", seed, limits.get(i))
                    .isTrue();
            assertThat(found.net()).as("seed %d", seed).isCloseTo(best, within(0.03 * Math.max(1, best)));
            assertThat(found.bound()).as("seed %d", seed).isGreaterThanOrEqualTo(best - 1e-6);
            assertThat(found.net()).isGreaterThanOrEqualTo(before - 1e-9);
            before = found.net();
        }
    }

    @Test
    void whatMustComeAndDoesNotFitIsToldAtItsPlaceOfTheRow() {
        Choice choice = small(new Random(2)).withFloors(List.of(new Floor("three", List.of(1), 3, false)));
        double each = choice.limits().getFirst().perPiece().get(1);
        List<Solution> along = Curves.along(choice, List.of(2 * each, 3 * each), PATIENCE);
        assertThat(along.get(0)).isInstanceOf(Solution.TooTight.class);
        assertThat(((Solution.Found) along.get(1)).quantities().get(1)).isEqualTo(3);
        assertThat(Curves.priced(choice.withFirstLimit(each), List.of(1.0), List.of(), PATIENCE))
                .hasOnlyElementsOfType(Solution.TooTight.class);
    }

    /** The cheaper the burden, the more is taken; a kit that somebody knows is tried too. */
    @ParameterizedTest
    @ValueSource(longs = {11, 12, 13, 14, 15, 16, 17, 18})
    void byPriceEachIsNearTheBestAndNothingTurnsBack(long seed) {
        Choice choice = small(new Random(seed)).withFirstLimit(500);
        List<Double> factors = List.of(40.0, 6.0, 1.0, 0.2, 0.01);
        Solution.Found known = (Solution.Found) new Optimiser(choice).prove(1e-9, PATIENCE);
        List<Solution> priced = Curves.priced(choice, factors, List.of(known.array()), PATIENCE);
        Solution.Found before = null;
        for (int i = 0; i < factors.size(); i++) {
            Solution.Found found = (Solution.Found) priced.get(i);
            Choice here = choice.withBurden(choice.burden().times(factors.get(i)));
            double best = bestNet(here);
            assertThat(found.burden())
                    .as("seed %d, factor %s", seed, factors.get(i))
                    .isCloseTo(here.burden().of(found.array()), within(1e-9));
            assertThat(found.bound()).as("seed %d", seed).isGreaterThanOrEqualTo(best - 1e-6);
            if (factors.get(i) == 1) {
                assertThat(found.net()).as("seed %d", seed).isCloseTo(best, within(1e-6));
            }
            if (before != null) {
                assertThat(found.worth()).as("seed %d", seed).isGreaterThanOrEqualTo(before.worth() - 1e-9);
                assertThat(choice.limits().getFirst().taken(found.array()))
                        .as("seed %d", seed)
                        .isGreaterThanOrEqualTo(choice.limits().getFirst().taken(before.array()) - 1e-9);
            }
            before = found;
        }
    }

    @ParameterizedTest
    @ValueSource(longs = {21, 22, 23, 24, 25, 26, 27, 28})
    void aFirstAnswerIsAllowedAndWithinItsBoundAndASearchBringsItAsNearAsIsAsked(long seed) {
        Choice choice = small(new Random(seed));
        double best = bestNet(choice);
        Solution.Found quick = (Solution.Found) new Optimiser(choice).quick(PATIENCE);
        assertThat(choice.allows(quick.array())).as("seed %d", seed).isTrue();
        assertThat(quick.net()).as("seed %d", seed).isLessThanOrEqualTo(best + 1e-6);
        assertThat(quick.bound()).as("seed %d", seed).isGreaterThanOrEqualTo(best - 1e-6);
        Solution.Found near = (Solution.Found) new Optimiser(choice).within(1e-6, PATIENCE);
        assertThat(near.net()).as("seed %d", seed).isCloseTo(best, within(1e-5));
        Solution.Found notSought = (Solution.Found) new Optimiser(choice).within(1e-6, Duration.ZERO, PATIENCE);
        assertThat(notSought.quantities()).as("seed %d", seed).isEqualTo(quick.quantities());
        Solution.Found proven = (Solution.Found) new Optimiser(choice).prove(1e-9, PATIENCE);
        assertThat(proven.net()).as("seed %d", seed).isCloseTo(best, within(1e-6));
        assertThat(proven.gap()).as("seed %d", seed).isLessThanOrEqualTo(1e-6);
    }

    /** A piece more, a piece less, none at all: each is the difference of two allocations solved by themselves. */
    @ParameterizedTest
    @ValueSource(longs = {31, 32, 33, 34, 35, 36, 37, 38})
    void marginalsAreDifferencesOfAllocations(long seed) {
        Choice choice = small(new Random(seed));
        Allocator allocator = new Allocator(choice);
        Random random = new Random(seed);
        for (int round = 0; round < 6; round++) {
            int[] kit = {random.nextInt(3), random.nextInt(3), 2 * random.nextInt(2), random.nextInt(2)};
            Marginals marginals = allocator.marginals(kit);
            for (int i = 0; i < 4; i++) {
                Candidate candidate = choice.candidates().get(i);
                double worth = allocator.worth(kit);
                int[] more = kit.clone();
                more[i] += candidate.up(kit[i]);
                int[] less = kit.clone();
                less[i] -= kit[i] == 0 ? 0 : candidate.down(kit[i]);
                int[] none = kit.clone();
                none[i] = 0;
                String as = "seed " + seed + ", candidate " + i;
                double adds = candidate.durable() && kit[i] > 0 ? 0 : allocator.worth(more) - worth;
                assertThat(marginals.of(i).oneMore()).as(as).isCloseTo(adds, within(1e-6));
                assertThat(marginals.gain(i)).as(as).isCloseTo(adds, within(1e-6));
                assertThat(marginals.of(i).oneLess()).as(as).isCloseTo(worth - allocator.worth(less), within(1e-6));
                assertThat(marginals.of(i).none()).as(as).isCloseTo(worth - allocator.worth(none), within(1e-6));
                if (!candidate.durable()) {
                    assertThat(marginals.plus(i).worth()).as(as).isCloseTo(allocator.worth(more), within(1e-6));
                    double loses = worth - allocator.worth(less);
                    assertThat(marginals.losesLess(i, loses + 0.01)).as(as).isTrue();
                    assertThat(kit[i] > 0 && marginals.losesLess(i, loses - 0.01))
                            .as(as)
                            .isFalse();
                    assertThat(marginals.oneMoreAtMost().getOrDefault(i, 0.0))
                            .as(as)
                            .isGreaterThanOrEqualTo(adds - 1e-6);
                    assertThat(marginals.oneMoreAtMost(i, 0)).as(as).isCloseTo(adds, within(1e-6));
                }
            }
        }
    }
}
