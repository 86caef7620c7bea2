package hodeon.core.choice;

import static org.assertj.core.api.Assertions.assertThat;

import hodeon.core.choice.Choice.Burden;
import hodeon.core.choice.Choice.Floor;
import hodeon.core.choice.Choice.Limit;
import hodeon.core.choice.Choice.Service;
import hodeon.core.choice.Choice.Use;
import java.util.List;
import java.util.OptionalInt;
import java.util.Random;
import org.junit.jupiter.api.Test;

class LocalSearchTest {

    private static Candidate piece(String id, int most, Service... serves) {
        return new Candidate(id, 0, most, 1, false, List.of(serves));
    }

    /** A durable thing of which one is enough. */
    private static Candidate thing(String id, Service... serves) {
        return new Candidate(id, 0, 1, 1, true, List.of(serves));
    }

    /** Pads of 30 g are best for A, strips of 10 g half as good for it and the only thing for B. */
    private static Choice padsAndStrips(int grams, Floor... floors) {
        return new Choice(
                List.of(piece("pad", 3, new Service(0, 1)), piece("strip", 5, new Service(0, 0.5), new Service(1, 1))),
                List.of(new Use("A", 10, List.of(0.9, 0.5)), new Use("B", 4, List.of(0.8))),
                List.of(floors),
                List.of(new Limit("g", List.of(30.0, 10.0), grams)),
                OptionalInt.empty());
    }

    private static int[] polished(Choice choice, int... kit) {
        new LocalSearch(choice, new Allocator(choice), 0).polish(kit);
        return kit;
    }

    @Test
    void aboveALimitWhatIsMissedLeastGoesAndNoMoreThanMust() {
        // A second pad adds 5, the first 9, a strip for B 3.2: the strip is missed least, then the second pad.
        assertThat(polished(padsAndStrips(60), 2, 1)).containsExactly(2, 0);
        assertThat(polished(padsAndStrips(40), 2, 1)).containsExactly(1, 1);
        assertThat(polished(padsAndStrips(70), 2, 1)).containsExactly(2, 1);
    }

    @Test
    void whatAFloorKeepsDoesNotGoThoughItIsMissedLeast() {
        Floor strip = new Floor("a strip", List.of(1), 1, false);
        assertThat(polished(padsAndStrips(60, strip), 2, 1)).containsExactly(1, 2);
        // Where everything is kept by a floor nothing can go: whoever asks sees that it does not fit.
        Floor both = new Floor("two pads", List.of(0), 2, false);
        assertThat(polished(padsAndStrips(60, strip, both), 2, 1)).containsExactly(2, 1);
    }

    @Test
    void whatDoesNothingStaysHomeAndWhatIsLeftIsUsed() {
        assertThat(polished(padsAndStrips(500), 3, 5)).containsExactly(2, 1);
        assertThat(polished(padsAndStrips(500), 2, 3)).containsExactly(2, 1);
        // For each gram a strip adds most: A first (4.5), then B (3.2), then A's second (2.5); a fourth adds nothing.
        assertThat(polished(padsAndStrips(45), 0, 0)).containsExactly(0, 3);
    }

    @Test
    void aThingStaysHomeOnlyIfAnotherDoesAllItDoesAsWell() {
        List<Use> uses = List.of(new Use("cut", 10, List.of(0.9)), new Use("pry", 1, List.of(0.1)));
        List<Limit> grams = List.of(new Limit("g", List.of(60.0, 40.0), 200));
        Candidate shears = thing("shears", new Service(0, 1));
        Choice beaten = new Choice(
                List.of(shears, thing("knife", new Service(0, 0.7))), uses, List.of(), grams, OptionalInt.empty());
        assertThat(polished(beaten, 1, 1)).containsExactly(1, 0);
        Choice alone = new Choice(
                List.of(shears, thing("knife", new Service(0, 0.7), new Service(1, 0.5))),
                uses,
                List.of(),
                grams,
                OptionalInt.empty());
        assertThat(polished(alone, 1, 1)).containsExactly(1, 1);
    }

    @Test
    void whatEarnsLessThanItCostsNeitherComesNorStays() {
        // A strip for B earns 3.2, a second pad 5, the first 9; a kind costs 2 and a pad 4.
        Choice dear = padsAndStrips(500).withBurden(new Burden(List.of(4.0, 1.0), List.of(2.0, 2.0)));
        assertThat(polished(dear, 3, 1)).containsExactly(2, 1);
        assertThat(polished(dear, 0, 0)).containsExactly(0, 3);
        Choice tooDear = padsAndStrips(500).withBurden(new Burden(List.of(6.0, 1.0), List.of(1.0, 3.0)));
        assertThat(polished(tooDear, 2, 1)).containsExactly(1, 0);
        // So much must be gained at least that nothing is worth putting in.
        int[] kit = {0, 0};
        new LocalSearch(padsAndStrips(500), new Allocator(padsAndStrips(500)), 9.5).polish(kit);
        assertThat(kit).containsExactly(0, 0);
    }

    @Test
    void tabletsComeAndGoByTheDose() {
        Choice tablets = new Choice(
                List.of(new Candidate("tablet", 0, 9, 0.5, false, List.of(new Service(0, 1)))),
                List.of(new Use("pain", 10, List.of(0.9, 0.5, 0.2))),
                List.of(),
                List.of(new Limit("g", List.of(1.0), 5)),
                OptionalInt.empty());
        assertThat(polished(tablets, 9)).containsExactly(4);
        assertThat(polished(tablets, 1)).containsExactly(4);
    }

    /** Rolls alike in everything, so that each promises the same to the last bit of a rounded product. */
    private static Choice twins(Random random) {
        int uses = 2 + random.nextInt(40);
        Candidate roll = new Candidate("roll", 0, 3, uses, false, List.of(new Service(0, 1), new Service(1, 0.7)));
        double grams = 1 + random.nextInt(400) / 10.0;
        return new Choice(
                List.of(roll, new Candidate("twin", 0, 3, uses, false, roll.serves())),
                List.of(
                        new Use("A", 1 + random.nextInt(400), List.of(random.nextDouble(), 0.2, 0.1, 0.01)),
                        new Use("B", 1 + random.nextInt(400), List.of(random.nextDouble(), 0.1, 0.01))),
                List.of(),
                List.of(new Limit("g", List.of(grams, grams), 1 + random.nextInt(2_000) + 3 * grams)),
                OptionalInt.empty());
    }

    @Test
    void whatPromisesExactlyTheSameComesToAnEnd() {
        for (long seed = 1; seed <= 2_000; seed++) {
            Choice choice = twins(new Random(seed));
            int[] kit = {0, 0};
            new LocalSearch(choice, new Allocator(choice), 0).polish(kit);
            assertThat(kit[0] + kit[1]).as("seed %d", seed).isPositive();
        }
    }
}
