package hodeon.app.mat.page;

import static org.assertj.core.api.Assertions.assertThat;

import hodeon.app.mat.page.MatView.GroupView;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Groups stand side by side in rows of five tiles, in order, without holes. */
class MatGroupsTest {

    private static List<GroupView> groups(int... columns) {
        List<GroupView> groups = new ArrayList<>();
        for (int i = 0; i < columns.length; i++) {
            groups.add(new GroupView(String.format("g%02d", i), "Group " + i, columns[i], List.of()));
        }
        return groups;
    }

    @ParameterizedTest
    @CsvSource({"'2,2,1', '2,2,1'", "'2,2,2', '2,3,5'", "'5,1', '5,5'", "'1', '5'", "'3,4,1,5', '5,4,1,5'"})
    void theLastOfARowTakesTheRoomThatIsLeft(String given, String laid) {
        int[] columns =
                Arrays.stream(given.split(",")).mapToInt(Integer::parseInt).toArray();
        assertThat(GroupView.inRows(groups(columns)).stream()
                        .map(g -> Integer.toString(g.columns()))
                        .toList())
                .isEqualTo(List.of(laid.split(",")));
    }

    @Test
    void everyRowIsFullAndTheOrderStays() {
        Random random = new Random(20_261_125);
        for (int run = 0; run < 200; run++) {
            int[] columns = random.ints(1 + random.nextInt(12), 1, 6).toArray();
            List<GroupView> rows = GroupView.inRows(groups(columns));
            assertThat(rows)
                    .as("seed 20261125, run " + run)
                    .extracting(GroupView::id)
                    .isSorted()
                    .hasSize(columns.length);
            int filled = 0;
            for (GroupView group : rows) {
                filled += group.columns();
                assertThat(filled).as("seed 20261125, run " + run).isLessThanOrEqualTo(5);
                filled %= 5;
            }
            assertThat(filled).as("seed 20261125, run " + run).isZero();
        }
    }
}
