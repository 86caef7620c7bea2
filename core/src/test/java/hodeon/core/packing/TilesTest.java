package hodeon.core.packing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Comparator;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class TilesTest {

    /** The example of the paper. */
    @Test
    void theFirstTwoFillAColumn() {
        List<Tiles.Tile> tiles = Tiles.of(List.of(6.0, 6.0, 4.0, 3.0, 2.0, 2.0, 1.0), 6, 4);
        assertThat(tiles.get(0)).isEqualTo(new Tiles.Tile(0, 0, 3, 2));
        assertThat(tiles.get(1)).isEqualTo(new Tiles.Tile(0, 2, 3, 2));
        assertThat(Tiles.of(List.of(), 6, 4)).isEmpty();
    }

    /** Any sizes: each has its area, none lies on another, and all lie within. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6})
    void eachHasItsAreaAndNoneLiesOnAnother(long seed) {
        Random random = new Random(seed);
        double width = 20 + random.nextInt(200);
        double height = 20 + random.nextInt(200);
        List<Double> shares = Stream.generate(() -> 0.02 + random.nextDouble())
                .limit(1 + random.nextInt(25))
                .toList();
        double sum = shares.stream().mapToDouble(s -> s).sum();
        double full = 0.3 + 0.7 * random.nextDouble();
        List<Double> sizes = shares.stream()
                .map(s -> s / sum * width * height * full)
                .sorted(Comparator.reverseOrder())
                .toList();
        List<Tiles.Tile> tiles = Tiles.of(sizes, width, height);
        for (int i = 0; i < sizes.size(); i++) {
            Tiles.Tile a = tiles.get(i);
            assertThat(a.width() * a.height()).as("seed %d", seed).isCloseTo(sizes.get(i), within(1e-6));
            assertThat(a.x()).isGreaterThanOrEqualTo(0);
            assertThat(a.x() + a.width()).as("seed %d", seed).isLessThanOrEqualTo(width + 1e-6);
            assertThat(a.y() + a.height()).as("seed %d", seed).isLessThanOrEqualTo(height + 1e-6);
            for (Tiles.Tile b : tiles.subList(0, i)) {
                boolean apart = a.x() >= b.x() + b.width() - 1e-6
                        || b.x() >= a.x() + a.width() - 1e-6
                        || a.y() >= b.y() + b.height() - 1e-6
                        || b.y() >= a.y() + a.height() - 1e-6;
                assertThat(apart).as("seed %d: %s on %s", seed, a, b).isTrue();
            }
        }
    }
}
