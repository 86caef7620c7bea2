package hodeon.core.stock;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class NestingTest {

    private static final UUID BOX = new UUID(0, 1);
    private static final UUID TRAY = new UUID(0, 2);
    private static final UUID BAG = new UUID(0, 3);

    private final Nesting nesting = new Nesting(Map.of(BAG, TRAY, TRAY, BOX));

    @Test
    void aBagInATrayInABoxLiesInTheBox() {
        assertThat(nesting.within(BOX)).containsExactly(BOX, TRAY, BAG);
        assertThat(nesting.outermost(BAG)).isEqualTo(BOX);
        assertThat(nesting.way(BAG)).containsExactly(BOX, TRAY, BAG);
        assertThat(nesting.around(BOX)).isEmpty();
    }

    /** Modules come in the order in which places are read, wherever they lie. */
    @Test
    void whatLiesSideBySideKeepsItsOrder() {
        Map<UUID, UUID> inside = new LinkedHashMap<>();
        inside.put(BAG, BOX);
        inside.put(TRAY, BOX);
        assertThat(new Nesting(inside).within(BOX)).containsExactly(BOX, BAG, TRAY);
    }

    @Test
    void nothingGoesIntoItselfNorIntoWhatLiesInIt() {
        assertThat(nesting.mayGoInto(BOX, BAG)).isFalse();
        assertThat(nesting.mayGoInto(TRAY, TRAY)).isFalse();
        assertThat(nesting.mayGoInto(BAG, BOX)).isTrue();
        assertThatThrownBy(() -> nesting.put(BOX, BAG)).hasMessageContaining("lies within itself");
    }

    @Test
    void whatIsLiftedOutTakesItsContentsAlong() {
        Nesting then = nesting.lifted(TRAY);
        assertThat(then.within(BOX)).containsExactly(BOX);
        assertThat(then.within(TRAY)).containsExactly(TRAY, BAG);
    }

    /** Whatever is lifted and put, every place lies within exactly one that stands for itself. The seed is the name of the test. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 5, 8, 13, 21, 34, 55, 89})
    void everyPlaceLiesWithinExactlyOne(long seed) {
        Random random = new Random(seed);
        List<UUID> places = IntStream.range(0, 12).mapToObj(i -> new UUID(1, i)).toList();
        Nesting now = new Nesting(Map.of());
        for (int i = 0; i < 60; i++) {
            UUID what = places.get(random.nextInt(places.size()));
            UUID into = places.get(random.nextInt(places.size()));
            if (random.nextInt(4) == 0) {
                now = now.lifted(what);
            } else if (now.mayGoInto(what, into)) {
                now = now.put(what, into);
            }
            List<UUID> found = new ArrayList<>();
            for (UUID place : places) {
                if (now.around(place).isEmpty()) {
                    found.addAll(now.within(place));
                }
            }
            assertThat(found).hasSize(places.size());
            assertThat(new HashSet<>(found)).hasSize(places.size());
        }
    }
}
