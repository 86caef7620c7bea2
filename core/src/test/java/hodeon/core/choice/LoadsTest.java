package hodeon.core.choice;

import static org.assertj.core.api.Assertions.assertThat;

import hodeon.core.choice.Loads.Item;
import hodeon.core.choice.Loads.Must;
import java.time.Duration;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class LoadsTest {

    private static final Duration PATIENCE = Duration.ofSeconds(20);

    private static final Loads.Together TOGETHER = new Loads.Together(10, 20);

    private static double load(Loads loads, List<Integer> pieces) {
        return IntStream.range(0, pieces.size())
                .mapToDouble(i -> pieces.get(i) * loads.items().get(i).grams())
                .sum();
    }

    @Test
    void everyPieceIsCarriedOnceAndLoadsAreEven() {
        Loads loads = new Loads(
                List.of(
                        new Item("shelter", 450, 1, "warmth"),
                        new Item("water", 250, 3, "clean"),
                        new Item("splint", 120, 2, "splint"),
                        new Item("pad", 4, 20, "cover")),
                List.of(List.of(0, 1, 2)),
                List.of(),
                TOGETHER);
        Loads.Shared shared = loads.share(PATIENCE);
        for (int i = 0; i < loads.items().size(); i++) {
            int item = i;
            assertThat(shared.piecesByCarrier().stream()
                            .mapToInt(c -> c.get(item))
                            .sum())
                    .isEqualTo(loads.items().get(i).pieces());
        }
        double[] carried = shared.piecesByCarrier().stream()
                .mapToDouble(c -> load(loads, c))
                .sorted()
                .toArray();
        assertThat(carried[2] - carried[0]).isLessThanOrEqualTo(140);
    }

    @Test
    void aGroupThatMaySeparateHasItsOwnAndWhatIsTooFewIsTold() {
        Loads loads = new Loads(
                List.of(
                        new Item("dressing", 60, 2, "bleeding"),
                        new Item("mask", 16, 1, "tools"),
                        new Item("shelter", 450, 1, "warmth")),
                List.of(List.of(0), List.of(1)),
                List.of(new Must("press", List.of(0)), new Must("breathe", List.of(1))),
                TOGETHER);
        Loads.Shared shared = loads.share(PATIENCE);
        assertThat(shared.piecesByCarrier())
                .allSatisfy(c -> assertThat(c.getFirst()).isEqualTo(1));
        assertThat(shared.tooFew()).containsExactly("breathe");
    }

    @Test
    void aModuleStaysTogetherWhereTheLoadAllowsIt() {
        Loads loads = new Loads(
                List.of(
                        new Item("gauze", 5, 6, "cover"),
                        new Item("plaster", 1, 20, "cover"),
                        new Item("tape", 40, 1, "hold"),
                        new Item("tweezers", 12, 1, "bite")),
                List.of(List.of(0, 1)),
                List.of(),
                TOGETHER);
        List<List<Integer>> carried = loads.share(PATIENCE).piecesByCarrier();
        assertThat(carried).allSatisfy(c -> assertThat(c.get(0) > 0).isEqualTo(c.get(1) > 0));
        assertThat(carried).anySatisfy(c -> assertThat(c).startsWith(6, 20));
    }
}
