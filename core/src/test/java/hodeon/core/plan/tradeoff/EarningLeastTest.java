package hodeon.core.plan.tradeoff;

import static org.assertj.core.api.Assertions.assertThat;

import hodeon.core.plan.tradeoff.EarningLeast.Last;
import hodeon.core.units.Mass;
import java.util.List;
import org.junit.jupiter.api.Test;

class EarningLeastTest {

    @Test
    void whatEarnsLeastForItsGramsComesFirst() {
        Last wipe = new Last("wipe", 0.02, Mass.ofGrams(2));
        Last splint = new Last("splint", 0.5, Mass.ofGrams(120));
        Last shears = new Last("shears", 0, Mass.ofGrams(40));
        assertThat(EarningLeast.of(List.of(wipe, splint), 6)).containsExactly("splint", "wipe");
        assertThat(EarningLeast.of(List.of(wipe, splint, shears), 2)).containsExactly("shears", "splint");
    }
}
