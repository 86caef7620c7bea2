package hodeon.core.readiness;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hodeon.core.Samples;
import hodeon.core.catalogue.Catalogue;
import hodeon.core.catalogue.Supply;
import hodeon.core.readiness.AgainstList.Cover;
import hodeon.core.readiness.AgainstList.Piece;
import hodeon.core.readiness.KitList.Line;
import hodeon.core.stock.GoodUntil;
import hodeon.core.stock.Held;
import hodeon.core.stock.Lot;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Random;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class AgainstListTest {

    private static final LocalDate TODAY = LocalDate.of(2027, 3, 1);
    private static final Catalogue SHIPPED = Samples.CATALOGUE;
    private static final Map<String, Supply> SUPPLIES =
            SHIPPED.supplies().stream().collect(Collectors.toMap(Supply::id, Function.identity()));
    private final Substitution substitution = new Substitution(SUPPLIES);

    private static Line line(String supply, int target, int least) {
        return new Line(supply, target, least, "", "");
    }

    private static Piece piece(String supply, int pieces, String module, LocalDate until) {
        Lot lot = new Lot(
                UUID.randomUUID(),
                supply,
                "",
                "",
                Optional.empty(),
                TODAY.minusYears(1),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                OptionalInt.empty());
        return new Piece(
                new Held(lot, new UUID(0, 1), pieces, Optional.of(new GoodUntil(until, GoodUntil.Reason.PRINTED))),
                module);
    }

    private static Piece good(String supply, int pieces) {
        return piece(supply, pieces, "", TODAY.plusYears(1));
    }

    @Test
    void smallGlovesAreGlovesAndWhatIsOldIsNotThere() {
        KitList list = new KitList(List.of(line("gloves-nitrile", 6, 2), line("antiseptic-wipe", 4, 2)));
        AgainstList kit = AgainstList.of(
                list,
                List.of(
                        good("gloves-nitrile", 2),
                        good("gloves-small", 20),
                        good("antiseptic-wipe", 3),
                        piece("antiseptic-wipe", 1, "", TODAY.minusDays(1))),
                TODAY,
                substitution);

        assertThat(kit.lines().get(0).lacksOfItsOwn()).isEqualTo(4);
        assertThat(kit.lines().get(0).covered()).containsExactly(new Cover("gloves-small", 4, 4));
        assertThat(kit.lines().get(0).lacks()).isZero();
        assertThat(kit.lines().get(1).lacks()).isEqualTo(1);
        assertThat(kit.lines().get(1).belowLeast()).isFalse();
        assertThat(kit.complete()).isFalse();
        assertThat(kit.lacking()).containsExactly(Map.entry("antiseptic-wipe", 1));
        assertThat(kit.surplus()).containsExactly(Map.entry("gloves-small", 16));
        assertThat(kit.old()).containsExactly(Map.entry("antiseptic-wipe", 1));
    }

    @Test
    void whatBringsAnAllergenFitsAnotherBodyOrIsMedicineStandsInForNothing() {
        assertThat(substitution.standsInFor("gloves-small", "gloves-nitrile")).isTrue();
        assertThat(substitution.standIns("gloves-nitrile")).containsExactly("gloves-small");
        assertThat(substitution.pieces(5, "gloves-small", "gloves-nitrile")).isEqualTo(5);
        assertThat(substitution.pieces(1, "tape-cloth", "nothing-known")).isZero();
        assertThat(substitution.standsInFor("gloves-latex", "gloves-nitrile")).isFalse();
        assertThat(substitution.standsInFor("gloves-nitrile", "gloves-latex")).isTrue();
        for (Supply other : SHIPPED.supplies()) {
            assertThat(substitution.standsInFor(other.id(), other.id())).isFalse();
            assertThat(substitution.standsInFor(other.id(), "paracetamol"))
                    .as("%s is no paracetamol", other.id())
                    .isFalse();
            assertThat(substitution.standsInFor(other.id(), "tourniquet-windlass")
                            && !other.sizes().isEmpty()
                            && !other.sizes()
                                    .containsAll(
                                            SUPPLIES.get("tourniquet-windlass").sizes()))
                    .as("%s fits another limb", other.id())
                    .isFalse();
        }
    }

    @Test
    void aPieceCountsFirstInTheModuleItLiesIn() {
        KitList list = new KitList(List.of(
                new Line("antiseptic-wipe", 4, 0, "Cuts", ""),
                new Line("antiseptic-wipe", 4, 0, "Feet", "blisters are cleaned first")));
        AgainstList kit = AgainstList.of(
                list,
                List.of(
                        piece("antiseptic-wipe", 3, "Feet", TODAY.plusYears(1)),
                        piece("antiseptic-wipe", 2, "", TODAY.plusYears(1))),
                TODAY,
                substitution);
        assertThat(kit.lines().stream().map(AgainstList.State::good)).containsExactly(2, 3);
        assertThat(kit.lacking()).containsExactly(Map.entry("antiseptic-wipe", 3));
    }

    @Test
    void versionsTellWhatWentWhatChangedAndWhatCame() {
        KitList before = new KitList(List.of(line("antiseptic-wipe", 4, 0), line("gloves-nitrile", 2, 0)));
        KitList after = new KitList(List.of(line("gloves-nitrile", 4, 2), line("fine-tweezers", 1, 1)));
        assertThat(after.since(before))
                .extracting(
                        c -> c.before().map(Line::target).orElse(0),
                        c -> c.after().map(Line::target).orElse(0))
                .containsExactly(
                        org.assertj.core.groups.Tuple.tuple(4, 0),
                        org.assertj.core.groups.Tuple.tuple(2, 4),
                        org.assertj.core.groups.Tuple.tuple(0, 1));
        assertThat(after.since(after)).isEmpty();
        assertThat(after.since(before).getFirst().line().supply()).isEqualTo("antiseptic-wipe");
        assertThat(after.targets()).containsExactly(Map.entry("gloves-nitrile", 4), Map.entry("fine-tweezers", 1));
        assertThat(after.leasts()).containsExactly(Map.entry("gloves-nitrile", 2), Map.entry("fine-tweezers", 1));
    }

    @Test
    void aLineOutOfItsRangeIsRefused() {
        assertThatThrownBy(() -> line("antiseptic-wipe", 0, 0)).hasMessageContaining("outside 1 to 9999");
        assertThatThrownBy(() -> line("antiseptic-wipe", 2, 3)).hasMessageContaining("At least 3");
        assertThatThrownBy(() -> new KitList(List.of(line("antiseptic-wipe", 2, 0), line("antiseptic-wipe", 3, 0))))
                .hasMessageContaining("twice");
    }

    /** The seed is the name of the test. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 5, 8, 13, 21, 34, 55, 89, 144, 233, 377, 610, 987})
    void everyPieceCountsOnceAndAListLaidManyTimesLacksTheSum(long seed) {
        Random random = new Random(seed);
        List<String> some = List.of(
                "gloves-nitrile", "gloves-small", "gloves-latex", "antiseptic-wipe", "fine-tweezers", "gauze-small");
        KitList list = new KitList(some.stream()
                .filter(s -> random.nextBoolean())
                .map(s -> line(s, 1 + random.nextInt(9), 0))
                .toList());
        int boxes = 1 + random.nextInt(5);
        int lackEmpty = 0;
        for (int box = 0; box < boxes; box++) {
            List<Piece> there = new ArrayList<>();
            some.forEach(s -> IntStream.range(0, random.nextInt(3))
                    .forEach(i ->
                            there.add(piece(s, 1 + random.nextInt(6), "", TODAY.plusDays(random.nextInt(9) - 3)))));
            AgainstList kit = AgainstList.of(list, there, TODAY, substitution);
            Map<String, Integer> counted = new java.util.TreeMap<>();
            kit.lines().forEach(s -> {
                assertThat(s.lacks()).isBetween(0, s.line().target());
                counted.merge(s.line().supply(), s.good(), Integer::sum);
                s.covered().forEach(c -> counted.merge(c.supply(), c.pieces(), Integer::sum));
            });
            kit.surplus().forEach((s, n) -> counted.merge(s, n, Integer::sum));
            kit.old().forEach((s, n) -> counted.merge(s, n, Integer::sum));
            Map<String, Integer> lying = new java.util.TreeMap<>();
            there.forEach(p -> lying.merge(p.held().lot().supply(), p.held().pieces(), Integer::sum));
            counted.values().removeIf(n -> n == 0);
            assertThat(counted).isEqualTo(lying);
            lackEmpty += AgainstList.of(list, List.of(), TODAY, substitution).lacking().values().stream()
                    .mapToInt(Integer::intValue)
                    .sum();
        }
        int wanted =
                list.targets().values().stream().mapToInt(Integer::intValue).sum();
        assertThat(lackEmpty).isEqualTo(boxes * wanted);
    }
}
