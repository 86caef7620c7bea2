package hodeon.core.choice;

import static org.assertj.core.api.Assertions.assertThat;

import hodeon.core.choice.Choice.Limit;
import hodeon.core.choice.Choice.Service;
import hodeon.core.choice.Choice.Use;
import java.util.List;
import java.util.OptionalInt;
import java.util.Random;
import org.junit.jupiter.api.Test;

class LocalSearchTest {

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
