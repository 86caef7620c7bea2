package hodeon.core.readiness;

import static org.assertj.core.api.Assertions.assertThat;

import hodeon.core.stock.GoodUntil;
import hodeon.core.stock.Held;
import hodeon.core.stock.Lot;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What holds for every restocking, whatever the kits and the shelf. The seed is the name of the test. */
class RestockPropertiesTest {

    private static final LocalDate DAY = LocalDate.of(2027, 1, 1);
    private static final UUID HOME = UUID.randomUUID();
    private static final List<String> SUPPLIES = List.of("wipe", "pad", "gloves");

    private static final Substitution NOTHING_ELSE = new Substitution(Map.of());

    private static Restock.Kit kit(UUID place, Map<String, Integer> target, List<Held> held, LocalDate until) {
        return new Restock.Kit(place, list(target, 0), held, until, Optional.empty());
    }

    private static KitList list(Map<String, Integer> target, int least) {
        return new KitList(target.entrySet().stream()
                .map(e -> new KitList.Line(e.getKey(), e.getValue(), Math.min(least, e.getValue()), "", ""))
                .toList());
    }

    private static Held held(Random random, UUID place) {
        Lot lot = new Lot(
                new UUID(random.nextLong(), random.nextLong()),
                SUPPLIES.get(random.nextInt(SUPPLIES.size())),
                "",
                "",
                Optional.empty(),
                DAY.minusYears(1),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                OptionalInt.empty());
        Optional<GoodUntil> good = random.nextInt(6) == 0
                ? Optional.empty()
                : Optional.of(new GoodUntil(DAY.plusDays(random.nextInt(500)), GoodUntil.Reason.PRINTED));
        return new Held(lot, place, 1 + random.nextInt(9), good);
    }

    private static List<Restock.Kit> kits(Random random) {
        List<Restock.Kit> kits = new ArrayList<>();
        for (int k = 0; k < 1 + random.nextInt(4); k++) {
            UUID place = new UUID(random.nextLong(), random.nextLong());
            Map<String, Integer> target = new HashMap<>();
            SUPPLIES.forEach(s -> target.put(s, random.nextInt(12)));
            target.values().removeIf(n -> n == 0);
            List<Held> there = new ArrayList<>();
            for (int i = 0; i < random.nextInt(4); i++) {
                there.add(held(random, place));
            }
            kits.add(kit(place, target, there, DAY.plusDays(random.nextInt(400))));
        }
        return kits;
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 5, 8, 13, 21, 34, 55, 89, 144, 233, 377, 610, 987})
    void everyPieceIsAccountedFor(long seed) {
        Random random = new Random(seed);
        List<Restock.Kit> kits = kits(random);
        List<Held> home = new ArrayList<>();
        for (int i = 0; i < random.nextInt(8); i++) {
            home.add(held(random, HOME));
        }
        Restock restock = Restock.of(kits, home, Set.of(), NOTHING_ELSE);

        Map<UUID, Restock.Kit> byPlace = new HashMap<>();
        kits.forEach(k -> byPlace.put(k.place(), k));
        Map<Held, Integer> taken = new HashMap<>();
        restock.fills().forEach(f -> {
            assertThat(f.from().outlasts(byPlace.get(f.to()).until(), 0)).isTrue();
            assertThat(f.pieces()).isPositive();
            taken.merge(f.from(), f.pieces(), Integer::sum);
        });
        taken.forEach((from, pieces) -> assertThat(pieces).isLessThanOrEqualTo(from.pieces()));

        for (String supply : SUPPLIES) {
            int missing = restock.lacks().stream()
                    .filter(l -> l.shortage().supply().equals(supply))
                    .mapToInt(l -> l.shortage().missing())
                    .sum();
            int filled = restock.fills().stream()
                    .filter(f -> f.from().lot().supply().equals(supply))
                    .mapToInt(Restock.Fill::pieces)
                    .sum();
            assertThat(filled + restock.toBuy().getOrDefault(supply, 0))
                    .as("%s missing with seed %d", supply, seed)
                    .isEqualTo(missing);
        }
        restock.old().forEach(h -> assertThat(h.outlasts(byPlace.get(h.place()).until(), 0))
                .isFalse());
    }

    /** Chains of kits that fill each other: nothing is promised twice, nobody gives below its least count, and every lack is met or bought. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 5, 8, 13, 21, 34, 55, 89, 144, 233, 377, 610, 987})
    void inAChainNothingIsPromisedTwiceAndTheLeastCountsStay(long seed) {
        Random random = new Random(seed);
        List<Restock.Kit> kits = new ArrayList<>();
        for (int k = 0; k < 2 + random.nextInt(5); k++) {
            UUID place = new UUID(random.nextLong(), random.nextLong());
            Map<String, Integer> target = new HashMap<>();
            SUPPLIES.forEach(s -> target.put(s, 1 + random.nextInt(8)));
            List<Held> there = new ArrayList<>();
            for (int i = 0; i < random.nextInt(5); i++) {
                there.add(held(random, place));
            }
            Optional<UUID> above = kits.isEmpty() || random.nextInt(3) == 0
                    ? Optional.empty()
                    : Optional.of(kits.get(random.nextInt(kits.size())).place());
            kits.add(new Restock.Kit(
                    place, list(target, random.nextInt(4)), there, DAY.plusDays(random.nextInt(400)), above));
        }
        List<Held> home = new ArrayList<>();
        for (int i = 0; i < random.nextInt(6); i++) {
            home.add(held(random, HOME));
        }
        Restock restock = Restock.of(kits, home, Set.of(), NOTHING_ELSE);

        Map<Held, Integer> taken = new HashMap<>();
        restock.fills().forEach(f -> taken.merge(f.from(), f.pieces(), Integer::sum));
        taken.forEach((from, pieces) -> assertThat(pieces).isBetween(1, from.pieces()));
        for (Restock.Kit kit : kits) {
            for (String supply : SUPPLIES) {
                int good = kit.held().stream()
                        .filter(h -> h.lot().supply().equals(supply))
                        .mapToInt(Held::pieces)
                        .sum();
                int gave = kit.held().stream()
                        .filter(h -> h.lot().supply().equals(supply))
                        .mapToInt(h -> taken.getOrDefault(h, 0))
                        .sum();
                int least = kit.list().leasts().getOrDefault(supply, 0);
                assertThat(good - gave).as("seed %d", seed).isGreaterThanOrEqualTo(Math.min(good, least));
            }
        }
        for (String supply : SUPPLIES) {
            int missing = restock.lacks().stream()
                    .filter(l -> l.shortage().supply().equals(supply))
                    .mapToInt(l -> l.shortage().missing())
                    .sum();
            int filled = restock.fills().stream()
                    .filter(f -> f.from().lot().supply().equals(supply))
                    .mapToInt(Restock.Fill::pieces)
                    .sum();
            assertThat(filled + restock.toBuy().getOrDefault(supply, 0))
                    .as("seed %d", seed)
                    .isEqualTo(missing);
        }
    }

    @ParameterizedTest
    @ValueSource(longs = {4, 44, 444, 4444})
    void moreAtHomeNeverMeansMoreToBuy(long seed) {
        Random random = new Random(seed);
        List<Restock.Kit> kits = kits(random);
        List<Held> home = new ArrayList<>();
        int before = bought(kits, home);
        for (int i = 0; i < 12; i++) {
            home.add(held(random, HOME));
            int now = bought(kits, home);
            assertThat(now).as("seed %d, %d lots", seed, i + 1).isLessThanOrEqualTo(before);
            before = now;
        }
    }

    private static int bought(List<Restock.Kit> kits, List<Held> home) {
        return Restock.of(kits, home, Set.of(), NOTHING_ELSE).toBuy().values().stream()
                .mapToInt(Integer::intValue)
                .sum();
    }
}
