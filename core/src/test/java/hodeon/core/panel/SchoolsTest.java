package hodeon.core.panel;

import static org.assertj.core.api.Assertions.assertThat;

import hodeon.core.Samples;
import hodeon.core.brief.Stance;
import hodeon.core.brief.Trip;
import hodeon.core.catalogue.Group;
import hodeon.core.catalogue.Supply;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.node.NullNode;

/** The three schools lay out kits that differ visibly: for the life first, for the wait, or for what is likely. */
@Tag("slow")
class SchoolsTest {

    private static final Set<Group> FOR_THE_LIFE = EnumSet.of(Group.BLEEDING, Group.WARMTH);

    private static Map<String, Integer> kit(Trip trip, Stance stance) {
        return PanelTest.kit(new PanelCase("", trip.withStance(stance), NullNode.getInstance()));
    }

    private static double grams(Map<String, Integer> kit, Set<Group> groups) {
        return kit.entrySet().stream()
                .mapToDouble(e -> {
                    Supply supply = Samples.CATALOGUE.supply(e.getKey()).orElseThrow();
                    return groups.contains(supply.group())
                            ? e.getValue() * supply.mass().grams()
                            : 0;
                })
                .sum();
    }

    @Test
    void eachSchoolTakesMoreForTheLifeThanTheOneBefore() {
        List<String> alike = new ArrayList<>();
        for (PanelCase one : PanelCase.all().toList()) {
            Map<String, Integer> likely = kit(one.trip(), Stance.FIX_THE_LIKELY);
            Map<String, Integer> wait = kit(one.trip(), Stance.HOLD_UNTIL_HELP);
            Map<String, Integer> first = kit(one.trip(), Stance.FIRST_MINUTES);
            assertThat(grams(likely, FOR_THE_LIFE)).as(one.id()).isLessThanOrEqualTo(grams(wait, FOR_THE_LIFE) + 1e-9);
            assertThat(grams(wait, FOR_THE_LIFE)).as(one.id()).isLessThanOrEqualTo(grams(first, FOR_THE_LIFE) + 1e-9);
            if (grams(first, FOR_THE_LIFE) < 1.2 * grams(likely, FOR_THE_LIFE) || likely.equals(first)) {
                alike.add(one.id());
            }
        }
        // A tin of sixty grams holds the same for every school.
        assertThat(alike).hasSizeLessThanOrEqualTo(1);
    }
}
