package hodeon.core.readiness;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import hodeon.core.stock.GoodUntil;
import hodeon.core.stock.Held;
import hodeon.core.stock.Lot;
import hodeon.core.stock.PrintedExpiry;
import hodeon.core.units.Money;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;

class RestockTest {

    private static final UUID HOME = UUID.randomUUID();
    private static final UUID A = UUID.randomUUID();
    private static final UUID B = UUID.randomUUID();

    private static final Substitution NOTHING_ELSE = new Substitution(Map.of());

    private static Restock.Kit kit(UUID place, Map<String, Integer> target, List<Held> held, LocalDate until) {
        return new Restock.Kit(place, list(target, 0), held, until, Optional.empty());
    }

    private static KitList list(Map<String, Integer> target, int least) {
        return new KitList(target.entrySet().stream()
                .map(e -> new KitList.Line(e.getKey(), e.getValue(), Math.min(least, e.getValue()), "", ""))
                .toList());
    }

    private static Held held(int pieces, LocalDate until, UUID place) {
        Lot lot = new Lot(
                UUID.randomUUID(),
                "wipe",
                "",
                "",
                Optional.of(PrintedExpiry.of(until)),
                LocalDate.of(2026, 1, 1),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                OptionalInt.empty());
        return new Held(lot, place, pieces, Optional.of(new GoodUntil(until, GoodUntil.Reason.PRINTED)));
    }

    @Test
    void theWorkedExample() {
        Held july = held(3, LocalDate.of(2027, 7, 31), HOME);
        Held december = held(1, LocalDate.of(2027, 12, 31), HOME);
        Restock restock = Restock.of(
                List.of(
                        kit(B, Map.of("wipe", 3), List.of(), LocalDate.of(2027, 9, 5)),
                        kit(A, Map.of("wipe", 2), List.of(), LocalDate.of(2027, 6, 20))),
                List.of(december, july),
                Set.of(),
                NOTHING_ELSE);
        assertThat(restock.fills()).containsExactly(new Restock.Fill(july, A, 2), new Restock.Fill(december, B, 1));
        assertThat(restock.toBuy()).isEqualTo(Map.of("wipe", 2));
    }

    @Test
    void whatIsTooOldInAKitIsReplaced() {
        Held old = held(4, LocalDate.of(2027, 5, 1), A);
        Held good = held(1, LocalDate.of(2028, 5, 1), A);
        Restock restock = Restock.of(
                List.of(kit(A, Map.of("wipe", 4), List.of(old, good), LocalDate.of(2027, 6, 20))),
                List.of(),
                Set.of(),
                NOTHING_ELSE);
        assertThat(restock.old()).containsExactly(old);
        assertThat(restock.toBuy()).isEqualTo(Map.of("wipe", 3));
    }

    /** Two kits lack the same two pieces and home has two: they are promised to one of them, and what is prescribed is not bought. */
    @Test
    void nothingIsPromisedTwiceAndWhatIsPrescribedIsNotBought() {
        Restock restock = Restock.of(
                List.of(
                        kit(A, Map.of("wipe", 2), List.of(), LocalDate.of(2027, 6, 20)),
                        kit(B, Map.of("wipe", 2, "auto-injector", 1), List.of(), LocalDate.of(2027, 7, 20))),
                List.of(held(2, LocalDate.of(2028, 1, 1), HOME)),
                Set.of("auto-injector"),
                NOTHING_ELSE);
        assertThat(restock.filled(A, "wipe")).isEqualTo(2);
        assertThat(restock.filled(B, "wipe")).isZero();
        assertThat(restock.toBuy()).isEqualTo(Map.of("wipe", 2));
        assertThat(restock.toPrescribe()).isEqualTo(Map.of("auto-injector", 1));
    }

    /** The worked example of a chain: what a bag gives to a tin it is itself given back, and it keeps its least. */
    @Test
    void aTinTakesFromTheBagAndTheBagFromHome() {
        LocalDate later = LocalDate.of(2028, 5, 1);
        Held inTin = held(1, later, A);
        Held inBag = held(6, later, B);
        Held atHome = held(3, later, HOME);
        Restock restock = Restock.of(
                List.of(
                        new Restock.Kit(B, list(Map.of("wipe", 6), 4), List.of(inBag), later, Optional.empty()),
                        new Restock.Kit(A, list(Map.of("wipe", 4), 0), List.of(inTin), later, Optional.of(B))),
                List.of(atHome),
                Set.of(),
                NOTHING_ELSE);
        assertThat(restock.fills())
                .containsExactlyInAnyOrder(
                        new Restock.Fill(inBag, A, 2), new Restock.Fill(atHome, A, 1), new Restock.Fill(atHome, B, 2));
        assertThat(restock.toBuy()).isEmpty();
    }

    /** As many pieces are filled from home as any dealing could: compared with trying them all. */
    @Test
    void asMuchAsPossibleIsFilledFromHome() {
        for (long seed = 1; seed <= 80; seed++) {
            Random random = new Random(seed);
            LocalDate day = LocalDate.of(2027, 1, 1);
            List<Held> home = new ArrayList<>();
            List<Restock.Kit> kits = new ArrayList<>();
            for (int i = 0; i < 4; i++) {
                home.add(held(1, day.plusDays(random.nextInt(300)), HOME));
                kits.add(kit(UUID.randomUUID(), Map.of("wipe", 1), List.of(), day.plusDays(random.nextInt(300))));
            }
            int filled = Restock.of(kits, home, Set.of(), NOTHING_ELSE).fills().stream()
                    .mapToInt(Restock.Fill::pieces)
                    .sum();
            assertThat(filled).as("seed %d", seed).isEqualTo(most(kits, home, 0));
        }
    }

    private static int most(List<Restock.Kit> kits, List<Held> home, int next) {
        if (next == kits.size()) {
            return 0;
        }
        int best = most(kits, home, next + 1);
        for (Held held : home) {
            if (held.outlasts(kits.get(next).until(), 0)) {
                List<Held> rest = new ArrayList<>(home);
                rest.remove(held);
                best = Math.max(best, 1 + most(kits, rest, next + 1));
            }
        }
        return best;
    }

    private static final Offer FIVE = new Offer("five", 5, new Money(400));
    private static final Offer TWENTY = new Offer("twenty", 20, new Money(900));

    @Test
    void theWorkedExampleOfPacks() {
        Packs none = Packs.cheapest(6, List.of(FIVE, TWENTY), 0);
        assertThat(none.bought()).isEqualTo(Map.of(FIVE, 2));
        assertThat(none.cost()).isEqualTo(new Money(800));
        assertThat(none.surplus()).isEqualTo(4);
        assertThat(none.surplusWorth()).isZero();
        Packs some = Packs.cheapest(6, List.of(FIVE, TWENTY), 12);
        assertThat(some.bought()).isEqualTo(Map.of(TWENTY, 1));
        assertThat(some.surplusWorth()).isCloseTo(511.65, within(0.01));
        assertThat(some.pieces()).isEqualTo(20);
    }

    @Test
    void packsAreNeverDearerThanByTryingAll() {
        for (long seed = 1; seed <= 60; seed++) {
            Random random = new Random(seed);
            List<Offer> offers = new ArrayList<>();
            for (int i = 0; i < 1 + random.nextInt(3); i++) {
                offers.add(new Offer("offer " + i, 1 + random.nextInt(9), new Money(50 + random.nextInt(900))));
            }
            int need = 1 + random.nextInt(14);
            double further = random.nextInt(3) * 4.0;
            Packs packs = Packs.cheapest(need, offers, further);
            assertThat(packs.pieces()).isEqualTo(need + packs.surplus());
            double net = packs.cost().hundredths() - packs.surplusWorth();
            assertThat(net).as("seed %d", seed).isCloseTo(byTrying(need, offers, further, 0, 0, 0), within(1e-6));
        }
    }

    private static double byTrying(int need, List<Offer> offers, double further, int at, int pieces, long cost) {
        if (at == offers.size()) {
            if (pieces < need) {
                return Double.POSITIVE_INFINITY;
            }
            double cheapest = offers.stream().mapToDouble(Offer::perPiece).min().orElseThrow();
            double worth = 0;
            for (int j = 1; j <= pieces - need; j++) {
                double fewer = 0;
                double term = Math.exp(-further);
                for (int k = 0; k < j; k++) {
                    fewer += term;
                    term *= further / (k + 1);
                }
                worth += cheapest * (1 - fewer);
            }
            return cost - worth;
        }
        double best = Double.POSITIVE_INFINITY;
        for (int packs = 0; packs <= 16; packs++) {
            best = Math.min(
                    best,
                    byTrying(
                            need,
                            offers,
                            further,
                            at + 1,
                            pieces + packs * offers.get(at).pieces(),
                            cost + packs * offers.get(at).price().hundredths()));
        }
        return best;
    }

    @Test
    void readinessHasItsPriceByTheYear() {
        assertThat(FIVE.perYearOfReadiness(24)).isCloseTo(40, within(0.05));
        assertThatThrownBy(() -> Packs.cheapest(3, List.of(), 0)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Offer("none", 0, Money.ZERO)).hasMessageContaining("1 to 1000");
    }
}
