package hodeon.core.choice;

import static org.assertj.core.api.Assertions.assertThat;

import hodeon.core.choice.Allocation.Share;
import hodeon.core.choice.Choice.Burden;
import hodeon.core.choice.Choice.Floor;
import hodeon.core.choice.Choice.Limit;
import hodeon.core.choice.Choice.Need;
import hodeon.core.choice.Choice.Service;
import hodeon.core.choice.Choice.Use;
import java.util.List;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;

/** Whatever could be wrong with a plan is found, each by a plan that is wrong in that alone. */
class CheckerTest {

    /** A pad serves A, a strip A less well and B; scissors, durable, serve C. A and C are to be served once at least. */
    private static final Choice CHOICE = new Choice(
            List.of(
                    new Candidate("pad", 0, 3, 1, false, List.of(new Service(0, 1))),
                    new Candidate("strip", 1, 5, 1, false, List.of(new Service(0, 0.5), new Service(1, 1))),
                    new Candidate("scissors", 0, 1, 1, true, List.of(new Service(2, 1)))),
            List.of(
                    new Use("A", 10, List.of(0.9, 0.5), 1),
                    new Use("B", 4, List.of(0.8)),
                    new Use("C", 2, List.of(1.0), 1)),
            List.of(new Floor("two pads or none", List.of(0), 2, true)),
            List.of(new Limit("g", List.of(30.0, 10.0, 40.0), 200)),
            OptionalInt.of(3),
            Burden.NONE,
            List.of(new Need(0, List.of(2))),
            List.of());

    private static final List<Share> PADS_TO_A_STRIP_TO_B = List.of(new Share(0, 0, 2), new Share(1, 1, 1));

    private static List<String> faults(Choice choice, List<Integer> quantities, double worth, List<Share> shares) {
        return Checker.faults(choice, new Allocation(quantities, shares, List.of(worth), List.of()), true);
    }

    private static List<String> faults(List<Integer> quantities, double worth, Share... shares) {
        return faults(CHOICE, quantities, worth, List.of(shares));
    }

    /** Two pads serve A twice, a strip B, scissors C: 10·0.9 + 10·0.5 + 4·0.8 + 2 = 19.2. */
    @Test
    void aRightPlanHasNoFault() {
        assertThat(faults(CHOICE, List.of(2, 1, 1), 19.2, PADS_TO_A_STRIP_TO_B)).isEmpty();
    }

    /** A strip listed before a pad: the pad counts where A is likelier, 10·(0.9 + 0.5·0.5) + 4·0.8 + 2. */
    @Test
    void theBetterEffectCountsWhereTheNeedIsLikelier() {
        assertThat(faults(List.of(2, 2, 1), 16.7, new Share(1, 0, 1), new Share(0, 0, 1), new Share(1, 1, 1)))
                .isEmpty();
    }

    @Test
    void piecesOutsideTheirRangeAreFound() {
        assertThat(faults(List.of(2, 0, 1), 16, new Share(0, 0, 2))).containsExactly("strip: 0 pieces, allowed 1 to 5");
        assertThat(faults(CHOICE, List.of(4, 1, 1), 19.2, PADS_TO_A_STRIP_TO_B))
                .containsExactly("pad: 4 pieces, allowed 0 to 3");
    }

    @Test
    void whatIsSetAsideTwiceIsFound() {
        assertThat(faults(List.of(2, 1, 1), 19.2, new Share(0, 0, 2), new Share(1, 1, 1), new Share(1, 0, 1)))
                .containsExactly("strip: 2 uses set aside from 1 pieces");
        assertThat(faults(List.of(2, 1, 1), 19.2, new Share(0, 0, 2), new Share(1, 1, 1), new Share(2, 2, 1)))
                .containsExactly("scissors: 1 uses set aside from 1 pieces");
    }

    @Test
    void limitsAreInclusiveAndAskedForOnlyThen() {
        Choice full = CHOICE.withFirstLimit(110);
        assertThat(faults(full, List.of(2, 1, 1), 19.2, PADS_TO_A_STRIP_TO_B)).isEmpty();
        Choice over =
                CHOICE.withFirstLimit(109).withLimits(CHOICE.withFirstLimit(109).limits(), OptionalInt.of(2));
        assertThat(faults(over, List.of(2, 1, 1), 19.2, PADS_TO_A_STRIP_TO_B))
                .containsExactly("110.0 is over the limit of 109.0 g", "3 kinds, allowed 2");
        assertThat(Checker.faults(
                        over, new Allocation(List.of(2, 1, 1), PADS_TO_A_STRIP_TO_B, List.of(19.2), List.of()), false))
                .isEmpty();
    }

    @Test
    void floorsOfUsesAndOfPiecesAndCompanyAreKept() {
        assertThat(faults(List.of(0, 1, 1), 5.2, new Share(1, 1, 1)))
                .containsExactly("floor not kept: A served 1 times");
        assertThat(faults(List.of(0, 2, 0), 7.7, new Share(1, 0, 1), new Share(1, 1, 1)))
                .containsExactly("floor not kept: C served 1 times");
        assertThat(faults(List.of(1, 1, 1), 14.2, new Share(0, 0, 1), new Share(1, 1, 1)))
                .containsExactly("floor not kept: two pads or none");
        assertThat(faults(CHOICE, List.of(2, 1, 0), 17.2, PADS_TO_A_STRIP_TO_B))
                .containsExactly(
                        "floor not kept: C served 1 times",
                        "something lacks what it needs beside it, or comes in two kinds of which one will do");
    }

    @Test
    void aWorthThatIsNotThereIsFound() {
        assertThat(faults(CHOICE, List.of(2, 1, 1), 19.3, PADS_TO_A_STRIP_TO_B))
                .singleElement()
                .asString()
                .startsWith("worth 19.3 was claimed, 19.2");
        assertThat(faults(CHOICE, List.of(2, 1, 1), 19.21, PADS_TO_A_STRIP_TO_B))
                .hasSize(1);
    }
}
