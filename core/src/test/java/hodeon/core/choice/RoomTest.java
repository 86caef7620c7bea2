package hodeon.core.choice;

import static org.assertj.core.api.Assertions.assertThat;

import hodeon.core.choice.Choice.Floor;
import hodeon.core.choice.Choice.Limit;
import java.util.List;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;

class RoomTest {

    private static Candidate upTo(String id, int least, int most) {
        return new Candidate(id, least, most, 1, false, List.of());
    }

    private static int[] room(double limit, Floor... floors) {
        Choice choice = new Choice(
                List.of(upTo("pinned", 1, 1), upTo("glove", 0, 20), upTo("shelter", 0, 1), upTo("pad", 0, 9)),
                List.of(),
                List.of(floors),
                List.of(new Limit("g", List.of(50.0, 10.0, 400.0, 4.0), limit)),
                OptionalInt.empty());
        return Room.most(choice, new int[] {1, 0, 0, 0}, new int[] {1, 20, 1, 9});
    }

    @Test
    void onlyWhatFitsBesideWhatMustComeHasRoom() {
        Floor gloves = new Floor("gloves", List.of(1), 8, false);
        assertThat(room(500)).containsExactly(1, 20, 1, 9);
        // 500 − 50 pinned − 80 of gloves leave 370: no shelter; the gloves themselves may use their own share.
        assertThat(room(500, gloves)).containsExactly(1, 20, 0, 9);
        assertThat(room(150, gloves)).containsExactly(1, 10, 0, 5);
    }

    @Test
    void aFloorThatMayBeLeftEmptyReservesNothing() {
        assertThat(room(450, new Floor("pairs", List.of(1), 2, true))).containsExactly(1, 20, 1, 9);
    }
}
