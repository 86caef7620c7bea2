package hodeon.core.choice;

import static org.assertj.core.api.Assertions.assertThat;

import hodeon.core.Lane;
import hodeon.core.choice.Loads.Carrier;
import hodeon.core.choice.Loads.Fixed;
import hodeon.core.choice.Loads.Item;
import hodeon.core.choice.Loads.Must;
import java.time.Duration;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

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
                together(3),
                List.of(),
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
                apart(2),
                List.of(new Must("press", List.of(0)), new Must("breathe", List.of(1))),
                List.of(),
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
                together(2),
                List.of(),
                List.of(),
                TOGETHER);
        List<List<Integer>> carried = loads.share(PATIENCE).piecesByCarrier();
        assertThat(carried).allSatisfy(c -> assertThat(c.get(0) > 0).isEqualTo(c.get(1) > 0));
        assertThat(carried).anySatisfy(c -> assertThat(c).startsWith(6, 20));
    }

    private static List<Carrier> together(int carriers) {
        return IntStream.range(0, carriers)
                .mapToObj(c -> new Carrier(0, Double.POSITIVE_INFINITY))
                .toList();
    }

    private static List<Carrier> apart(int carriers) {
        return IntStream.range(0, carriers)
                .mapToObj(c -> new Carrier(c, Double.POSITIVE_INFINITY))
                .toList();
    }

    /** Nobody is over their limit if that can be; what was given by hand stays, also where it leaves a group without. */
    @Test
    void limitsHoldWhereTheyCanAndWhatWasGivenStays() {
        List<Item> items = List.of(
                new Item("shelter", 450, 1, "warmth"),
                new Item("water", 250, 2, "clean"),
                new Item("pad", 4, 20, "cover"));
        List<Carrier> limited = List.of(new Carrier(0, 300), new Carrier(0, Double.POSITIVE_INFINITY));
        Loads loads = new Loads(items, limited, List.of(), List.of(), TOGETHER);
        assertThat(load(loads, loads.share(PATIENCE).piecesByCarrier().getFirst()))
                .isLessThanOrEqualTo(300);
        Loads tight =
                new Loads(items, List.of(new Carrier(0, 300), new Carrier(0, 300)), List.of(), List.of(), TOGETHER);
        assertThat(tight.share(PATIENCE).piecesByCarrier().stream()
                        .mapToInt(c -> c.stream().mapToInt(n -> n).sum())
                        .sum())
                .isEqualTo(23);
        Loads given = new Loads(
                items, apart(2), List.of(new Must("clean", List.of(1))), List.of(new Fixed(1, 0, 2)), TOGETHER);
        Loads.Shared shared = given.share(PATIENCE);
        assertThat(shared.piecesByCarrier().getFirst().get(1)).isEqualTo(2);
        assertThat(shared.piecesByCarrier().getLast().get(1)).isZero();
        assertThat(shared.tooFew()).isEmpty();
    }

    /** Any items, carriers and groups: each piece once, and a group lacks only what is there too few times. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
    void everyGroupHasWhatItMust(long seed) {
        Random random = new Random(seed);
        List<Item> items = IntStream.range(0, 8 + random.nextInt(12))
                .mapToObj(i -> new Item("i" + i, 1 + random.nextInt(200), 1 + random.nextInt(6), "m" + i % 4))
                .toList();
        List<Carrier> carriers = IntStream.range(0, 2 + random.nextInt(4))
                .mapToObj(c -> new Carrier(random.nextInt(3), random.nextInt(3) == 0 ? 600 : Double.POSITIVE_INFINITY))
                .toList();
        List<Must> musts = IntStream.range(0, 5)
                .mapToObj(
                        m -> new Must("must " + m, List.of(random.nextInt(items.size()), random.nextInt(items.size()))))
                .toList();
        Loads loads = new Loads(items, carriers, musts, List.of(), TOGETHER);
        Loads.Shared shared = loads.share(Lane.patience(PATIENCE));
        for (int i = 0; i < items.size(); i++) {
            int item = i;
            assertThat(shared.piecesByCarrier().stream()
                            .mapToInt(c -> c.get(item))
                            .sum())
                    .as("seed %d", seed)
                    .isEqualTo(items.get(i).pieces());
        }
        for (Must must : musts) {
            for (int group : carriers.stream().map(Carrier::group).distinct().toList()) {
                int there = IntStream.range(0, carriers.size())
                        .filter(c -> carriers.get(c).group() == group)
                        .map(c -> must.items().stream()
                                .mapToInt(i -> shared.piecesByCarrier().get(c).get(i))
                                .sum())
                        .sum();
                assertThat(there > 0 || shared.tooFew().contains(must.reason()))
                        .as("seed %d: %s in group %d", seed, must, group)
                        .isTrue();
            }
        }
    }

    /** Sixty kinds and four carriers: no kind is apart where bringing it together would cost less than a bag more to open. */
    @Test
    void noTabletRidesAloneForAGram() {
        Random random = new Random(5);
        List<Item> items = IntStream.range(0, 60)
                .mapToObj(i -> new Item("i" + i, 1 + random.nextInt(60), 1 + random.nextInt(20), "m" + i % 12))
                .toList();
        Loads loads = new Loads(items, together(4), List.of(), List.of(), new Loads.Together(25, 40));
        List<List<Integer>> shared = loads.share(Duration.ofSeconds(2)).piecesByCarrier();
        int[][] pieces = new int[60][4];
        for (int i = 0; i < 60; i++) {
            for (int c = 0; c < 4; c++) {
                pieces[i][c] = shared.get(c).get(i);
            }
        }
        double cost = loads.cost(pieces, List.of());
        for (int i = 0; i < 60; i++) {
            for (int from = 0; from < 4; from++) {
                for (int to = 0; to < 4; to++) {
                    int some = pieces[i][from];
                    pieces[i][from] -= some;
                    pieces[i][to] += some;
                    assertThat(loads.cost(pieces, List.of())).isGreaterThanOrEqualTo(cost - 1e-6);
                    pieces[i][to] -= some;
                    pieces[i][from] += some;
                }
            }
        }
    }
}
