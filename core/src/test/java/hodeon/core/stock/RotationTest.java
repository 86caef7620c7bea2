package hodeon.core.stock;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hodeon.core.stock.Rotation.Move;
import hodeon.core.stock.Rotation.Place;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import org.junit.jupiter.api.Test;

class RotationTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 11, 25);
    private static final UUID BUSY = UUID.randomUUID();
    private static final UUID CALM = UUID.randomUUID();

    private static Map<UUID, Long> worth(List<Held> held, long hundredths) {
        Map<UUID, Long> worth = new HashMap<>();
        held.forEach(h -> worth.put(h.lot().id(), hundredths));
        return worth;
    }

    @Test
    void theWorkedExample() {
        Held soon = KeepingInDateTest.held("wipe", 1, "2027-05-26", CALM);
        Held late = KeepingInDateTest.held("wipe", 1, "2029-11-25", BUSY);
        List<Held> held = List.of(soon, late);
        Rotation.Answer answer = Rotation.of(
                held, List.of(new Place(BUSY, 4), new Place(CALM, 0)), TODAY, TODAY.plusYears(1), worth(held, 1_000));
        assertThat(answer.wastedBefore()).isCloseTo(1_000, within(1e-9));
        assertThat(answer.wastedAfter()).isCloseTo(135.3, within(1.5));
        assertThat(answer.moves()).containsExactlyInAnyOrder(new Move(soon, BUSY, 1), new Move(late, CALM, 1));
    }

    @Test
    void onlyWhatLiesApartAndExpiresWithinTheHorizonMayGain() {
        Held here = KeepingInDateTest.held("wipe", 1, "2027-05-26", CALM);
        Held there = KeepingInDateTest.held("wipe", 1, "2029-11-25", BUSY);
        assertThat(Rotation.mayGain(List.of(here, there), LocalDate.of(2027, 5, 26)))
                .isTrue();
        assertThat(Rotation.mayGain(List.of(here, there), LocalDate.of(2027, 5, 25)))
                .isFalse();
        assertThat(Rotation.mayGain(List.of(here, here), LocalDate.of(2027, 5, 26)))
                .isFalse();
    }

    @Test
    void nothingMovesWhenNothingIsGained() {
        List<Held> held = List.of(
                KeepingInDateTest.held("wipe", 3, "2027-02-01", BUSY), KeepingInDateTest.held("wipe", 3, "", CALM));
        assertThat(Rotation.of(
                                held,
                                List.of(new Place(BUSY, 50), new Place(CALM, 0)),
                                TODAY,
                                TODAY.plusYears(1),
                                worth(held, 100))
                        .moves())
                .isEmpty();
    }

    /** Every way to deal the pieces, tried one by one. */
    @Test
    void nothingBeatsIt() {
        for (long seed = 1; seed <= 60; seed++) {
            Random random = new Random(seed);
            List<Place> places = List.of(
                    new Place(UUID.randomUUID(), random.nextDouble() * 6),
                    new Place(UUID.randomUUID(), random.nextDouble()),
                    new Place(UUID.randomUUID(), 0));
            List<Held> held = new ArrayList<>();
            for (int i = 0; i < 5; i++) {
                held.add(KeepingInDateTest.held(
                        "wipe",
                        1 + random.nextInt(2),
                        TODAY.plusDays(random.nextInt(600)).toString(),
                        places.get(random.nextInt(3)).id()));
            }
            Map<UUID, Long> worth = new HashMap<>();
            held.forEach(h -> worth.put(h.lot().id(), 10L + random.nextInt(90)));
            Rotation.Answer answer = Rotation.of(held, places, TODAY, TODAY.plusYears(1), worth);
            assertThat(answer.exact()).isTrue();
            assertThat(answer.wastedAfter())
                    .as("seed %d", seed)
                    .isCloseTo(bruteForce(held, places, worth), within(1e-6));
            answer.moves().forEach(m -> assertThat(m.pieces()).isPositive());
        }
    }

    private static double bruteForce(List<Held> held, List<Place> places, Map<UUID, Long> worth) {
        List<Held> pieces = held.stream()
                .sorted(Comparator.comparing(Held::lastDay)
                        .thenComparing(h -> h.lot().received())
                        .thenComparing(h -> h.lot().id()))
                .flatMap(h -> Collections.nCopies(h.pieces(), h).stream())
                .toList();
        int[] room = places.stream()
                .mapToInt(p -> (int)
                        pieces.stream().filter(h -> h.place().equals(p.id())).count())
                .toArray();
        return deal(pieces, places, worth, room, new int[places.size()], 0);
    }

    private static double deal(
            List<Held> pieces, List<Place> places, Map<UUID, Long> worth, int[] room, int[] there, int next) {
        if (next == pieces.size()) {
            return 0;
        }
        double least = Double.POSITIVE_INFINITY;
        Held piece = pieces.get(next);
        for (int p = 0; p < places.size(); p++) {
            if (there[p] < room[p]) {
                there[p]++;
                double mean = places.get(p).usesPerYear()
                        * (java.time.temporal.ChronoUnit.DAYS.between(TODAY, piece.lastDay()) + 1)
                        / 365.25;
                double fewer = 0;
                for (int k = 0; k < there[p]; k++) {
                    double factorial = 1;
                    for (int j = 2; j <= k; j++) {
                        factorial *= j;
                    }
                    fewer += Math.exp(-mean) * Math.pow(mean, k) / factorial;
                }
                double cost = piece.lastDay().isAfter(TODAY.plusYears(1))
                        ? 0
                        : worth.get(piece.lot().id()) * fewer;
                least = Math.min(least, cost + deal(pieces, places, worth, room, there, next + 1));
                there[p]--;
            }
        }
        return least;
    }
}
