package hodeon.core.plan.tradeoff;

import static hodeon.core.plan.Kits.question;
import static org.assertj.core.api.Assertions.assertThat;

import hodeon.core.Samples;
import hodeon.core.brief.Activity;
import hodeon.core.brief.Environment;
import hodeon.core.brief.Stance;
import hodeon.core.catalogue.Problem;
import hodeon.core.need.Drivers;
import hodeon.core.plan.KitQuestion;
import hodeon.core.plan.Kits;
import hodeon.core.plan.Scope;
import java.time.Duration;
import java.util.HashMap;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The smallest module for some problems. */
class SmallestModuleTest {

    private static final KitQuestion NIGHTS =
            question(Samples.outing(Activity.CAMP, Environment.TEMPERATE, 4, 4, 6, Stance.HOLD_UNTIL_HELP, 5_000));

    private static SmallestModule module(Set<String> problems, Set<String> capabilities) {
        return SmallestModule.of(NIGHTS, new Scope(problems, capabilities), Duration.ofSeconds(10))
                .orElseThrow();
    }

    /** The worked example. */
    @Test
    void aTickPouch() {
        SmallestModule pouch = module(Set.of("tick"), Set.of());
        assertThat(pouch.needs())
                .extracting(n -> n.capability().id())
                .contains("remove-tick", "keep-specimen", "clean-skin");
        assertThat(pouch.pieces()).containsKey("specimen-pouch").hasSizeLessThanOrEqualTo(4);
        assertThat(pouch.mass().grams()).isLessThan(30);
    }

    static Stream<Set<String>> usual() {
        return Scope.usual().stream().map(Scope.Usual::problems);
    }

    /** Nothing in it could stay home, and everything that may come and is asked for is in it. */
    @ParameterizedTest
    @MethodSource("usual")
    void everyUsualModuleIsWholeAndHasNothingToSpare(Set<String> problems) {
        assertThat(Samples.CATALOGUE.problems()).extracting(Problem::id).containsAll(problems);
        SmallestModule module = module(problems, Set.of());
        assertThat(module.pieces()).isNotEmpty();
        module.needs().forEach(n -> assertThat(served(module.pieces(), n)).isGreaterThanOrEqualTo(n.uses()));
        for (String supply : module.pieces().keySet()) {
            Map<String, Integer> fewer = new HashMap<>(module.pieces());
            fewer.merge(supply, -1, Integer::sum);
            fewer.values().removeIf(n -> n == 0);
            boolean lacks = module.needs().stream().anyMatch(n -> served(fewer, n) < n.uses());
            assertThat(lacks || leavesAlone(fewer))
                    .as("%s without one %s", module.pieces(), supply)
                    .isTrue();
        }
    }

    @Test
    void aCapabilityAloneIsTheLightestThatHasIt() {
        SmallestModule warm = module(Set.of(), Set.of("keep-warm"));
        assertThat(warm.needs()).hasSize(1);
        assertThat(warm.pieces()).hasSize(1);
    }

    /** Where a life hangs on it, what is made for it comes, and two of them. */
    @Test
    void whatIsGraveIsMadeForIt() {
        SmallestModule both = module(Set.of("severe-limb-bleeding", "tick"), Set.of());
        assertThat(both.pieces())
                .containsEntry("tourniquet-windlass", 2)
                .containsKeys("specimen-pouch", "gloves-nitrile")
                .doesNotContainKeys("beacon", "group-shelter");
        assertThat(Kits.does(module(Set.of("hypothermia"), Set.of()).pieces(), "keep-warm"))
                .isTrue();
    }

    private static double served(Map<String, Integer> pieces, SmallestModule.Need need) {
        return need.by().stream()
                .filter(pieces::containsKey)
                .map(id -> Samples.CATALOGUE.supply(id).orElseThrow())
                .mapToDouble(s -> s.servesAll() ? need.uses() : pieces.get(s.id()) * s.usesPerPiece() + 1e-9)
                .sum();
    }

    /** Whether something is left without what it needs beside it, or a pair is broken. */
    private static boolean leavesAlone(Map<String, Integer> pieces) {
        return pieces.keySet().stream()
                .map(id -> Samples.CATALOGUE.supply(id).orElseThrow())
                .anyMatch(s -> s.leastIfAny() > pieces.get(s.id())
                        || s.fit().needs(Drivers.whereabouts(NIGHTS.trip())).stream()
                                .anyMatch(c -> !Kits.does(pieces, c)));
    }
}
