package hodeon.core.choice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import hodeon.core.choice.Choice.Burden;
import hodeon.core.choice.Choice.Floor;
import hodeon.core.choice.Choice.Limit;
import hodeon.core.choice.Choice.Need;
import hodeon.core.choice.Choice.Service;
import hodeon.core.choice.Choice.Use;
import java.util.List;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a question says of kits, without anybody answering it. */
class ChoiceTest {

    private static Candidate tablets() {
        return new Candidate("tablet", 1, 9, 0.5, false, List.of(new Service(0, 1), new Service(2, 0.5)));
    }

    /** Two tablets are a use, one and a half in a party. */
    @ParameterizedTest
    @CsvSource({
        "0.5, 0, 0, 2, 0",
        "0.5, 1, 0, 1, 1",
        "0.5, 2, 1, 2, 2",
        "0.5, 5, 2, 1, 1",
        "1, 3, 3, 1, 1",
        "2, 3, 6, 1, 1",
        "0.6666666667, 3, 2, 2, 1",
        "0.6666666667, 2, 1, 1, 0"
    })
    void piecesOfACandidateAreSoManyUses(double perPiece, int pieces, int uses, int up, int down) {
        Candidate candidate = new Candidate("c", 0, 99, perPiece, false, List.of());
        assertThat(candidate.uses(pieces)).isEqualTo(uses);
        assertThat(candidate.up(pieces)).isEqualTo(up);
        if (down > 0) {
            assertThat(candidate.down(pieces)).isEqualTo(down);
        }
    }

    @Test
    void aDurableGoesUpAndDownByOne() {
        Candidate durable = new Candidate("d", 0, 2, 0.25, true, List.of());
        assertThat(durable.up(0)).isEqualTo(1);
        assertThat(durable.down(2)).isEqualTo(1);
    }

    @Test
    void aCandidateIsNarrowedToSomeUsesAndPieces() {
        Candidate some = tablets().serving(List.of(2, 1));
        assertThat(some.serves()).containsExactly(new Service(0, 0.5));
        assertThat(some.most()).isEqualTo(Integer.MAX_VALUE);
        assertThat(tablets().within(2, 4))
                .isEqualTo(new Candidate("tablet", 2, 4, 0.5, false, tablets().serves()));
        assertThatThrownBy(() -> tablets().within(-1, 4)).hasMessageContaining("from -1 to 4");
        assertThatThrownBy(() -> tablets().within(5, 4)).hasMessageContaining("from 5 to 4");
        assertThatThrownBy(() -> new Candidate("n", 0, 1, 0, false, List.of())).hasMessageContaining("0.0 uses");
    }

    @Test
    void aBurdenIsOfPiecesAndOfKinds() {
        Burden burden = new Burden(List.of(2.0, 3.0), List.of(10.0, 0.0));
        assertThat(burden.of(new int[] {3, 0})).isEqualTo(16);
        assertThat(burden.of(new int[] {0, 2})).isEqualTo(6);
        assertThat(burden.times(0.5)).isEqualTo(new Burden(List.of(1.0, 1.5), List.of(5.0, 0.0)));
        assertThat(Burden.NONE.of(new int[] {4, 4})).isZero();
        assertThat(Burden.NONE.ofKind(1)).isZero();
    }

    @Test
    void aUseIsWorthLessEachTime() {
        Use use = new Use("A", 10, List.of(0.9, 0.5), 3);
        assertThat(use.ideal()).isCloseTo(14, within(1e-9));
        assertThat(use.worthOf(1)).isEqualTo(5);
        assertThat(use.worthOf(2)).isZero();
        assertThat(use.slots()).isEqualTo(3);
        assertThat(use.floorInWords()).isEqualTo("A: at least 3 served");
        assertThat(new Use("B", 1, List.of(1.0, 1.0)).slots()).isEqualTo(2);
    }

    @Test
    void aFloorCountsWhatEachPieceCounts() {
        Floor floor = new Floor("litres", List.of(1, 2), List.of(0.5, 2.0), 3, false);
        assertThat(floor.holds(new int[] {9, 2, 1})).isTrue();
        assertThat(floor.holds(new int[] {9, 1, 1})).isFalse();
        assertThat(floor.holds(new int[] {9, 0, 0})).isFalse();
        assertThat(floor.alone(0)).isEqualTo(6);
        assertThat(floor.alone(1)).isEqualTo(2);
        Floor orNone = new Floor("pairs", List.of(0), 2, true);
        assertThat(orNone.holds(new int[] {0})).isTrue();
        assertThat(orNone.holds(new int[] {1})).isFalse();
        assertThat(floor.over(List.of(0), List.of(1.0))).isEqualTo(new Floor("litres", List.of(0), 3, false));
    }

    @Test
    void aLimitIsInclusiveAndKeptButForRounding() {
        Limit limit = new Limit("g", List.of(0.1, 30.0), 0.3);
        assertThat(limit.holds(new int[] {3, 0})).isTrue();
        assertThat(limit.holds(new int[] {4, 0})).isFalse();
        assertThat(limit.taken(new int[] {3, 2})).isCloseTo(60.3, within(1e-9));
        assertThat(limit.withMost(61).holds(new int[] {3, 2})).isTrue();
        assertThatThrownBy(() -> question(new Limit("g", List.of(1.0), 5)))
                .hasMessage("The limit on g names 1 of 3 candidates.");
    }

    private static Choice question(Limit limit) {
        Candidate any = new Candidate("c", 0, 3, 1, false, List.of());
        return new Choice(
                List.of(any, any, any.within(1, 2)),
                List.of(),
                List.of(new Floor("two of the first", List.of(0), 2, true)),
                List.of(limit),
                OptionalInt.of(2),
                Burden.NONE,
                List.of(new Need(0, List.of(1, 2))),
                List.of(List.of(0, 1)));
    }

    /** Each of the last five breaks one thing only: the range, the limit, the kinds and alternatives, the floor, the range again. */
    @ParameterizedTest
    @CsvSource({
        "2, 0, 1, true",
        "0, 0, 1, true",
        "0, 1, 2, true",
        "0, 0, 0, false",
        "3, 0, 2, false",
        "2, 1, 1, false",
        "1, 0, 1, false",
        "0, 0, 3, false"
    })
    void aKitIsAllowedOrNot(int first, int second, int third, boolean allowed) {
        Choice question = question(new Limit("g", List.of(1.0, 1.0, 1.0), 4));
        assertThat(question.allows(new int[] {first, second, third})).isEqualTo(allowed);
    }

    @Test
    void companyIsWhatANeedAndAlternativesSay() {
        Choice question = question(new Limit("g", List.of(1.0, 1.0, 1.0), 4));
        assertThat(question.companyHolds(new int[] {2, 0, 1})).isTrue();
        assertThat(question.companyHolds(new int[] {2, 0, 0})).isFalse();
        assertThat(question.companyHolds(new int[] {0, 3, 0})).isTrue();
        assertThat(question.companyHolds(new int[] {1, 1, 1})).isFalse();
        assertThat(Choice.kinds(new int[] {2, 0, 1})).isEqualTo(2);
        assertThat(question.kindsHold(new int[] {1, 1, 1})).isFalse();
    }

    @Test
    void aQuestionIsAskedAgainWithOnePartChanged() {
        Choice question = question(new Limit("g", List.of(1.0, 1.0, 1.0), 4));
        assertThat(question.withFirstLimit(7).limits().getFirst().most()).isEqualTo(7);
        assertThat(question.withFloors(List.of()).floors()).isEmpty();
        assertThat(question.withUses(List.of(new Use("A", 1, List.of(1.0)))).uses())
                .hasSize(1);
        assertThat(question.withLimits(List.of(), OptionalInt.empty()).limits()).isEmpty();
        assertThat(question.withCandidates(List.of(tablets(), tablets(), tablets()))
                        .candidates())
                .containsOnly(tablets());
        assertThat(question.withBurden(new Burden(List.of(), List.of(1.0, 1.0, 1.0)))
                        .burden()
                        .ofKind(0))
                .isEqualTo(1);
    }

    private static Solution.Found found(double worth, double burden, double bound) {
        return new Solution.Found(List.of(1), worth, burden, bound);
    }

    @Test
    void aSolutionSaysHowFarItMayBeFromTheBest() {
        assertThat(found(8, 2, 10).gap()).isCloseTo(0.4, within(1e-9));
        assertThat(found(8, 0, 8).gap()).isZero();
        assertThat(found(8, 0, 7).gap()).isZero();
        assertThat(found(0, 0, 0).gap()).isZero();
        assertThat(found(8, 2, 10).gapOf(20, 9)).isCloseTo(0.05, within(1e-9));
        assertThat(found(8, 2, 10).or(found(9, 1, 12))).isEqualTo(found(9, 1, 10));
        assertThat(found(9, 1, 12).or(found(8, 2, 10))).isEqualTo(found(9, 1, 10));
        assertThat(found(8, 2, 10).or(found(12, 1, 10))).isEqualTo(found(12, 1, 11));
    }

    @Test
    void anotherKitInItsPlaceHasTheBurdenOfThisQuestion() {
        Choice dear = question(new Limit("g", List.of(1.0, 1.0, 1.0), 4))
                .withBurden(new Burden(List.of(3.0, 0.0, 0.0), List.of()));
        Solution.Found kit = new Solution.Found(List.of(2, 0, 1), 20, 0, 20);
        assertThat(found(8, 2, 10).replacedBy(kit, dear)).isEqualTo(new Solution.Found(List.of(2, 0, 1), 20, 6, 14));
    }
}
