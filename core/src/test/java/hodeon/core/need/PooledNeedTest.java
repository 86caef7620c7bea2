package hodeon.core.need;

import static org.assertj.core.api.Assertions.assertThat;

import hodeon.core.Samples;
import hodeon.core.catalogue.Capability;
import hodeon.core.catalogue.Supply;
import hodeon.core.catalogue.Tier;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class PooledNeedTest {

    private static Supply supply(String id) {
        return Samples.CATALOGUE.supply(id).orElseThrow();
    }

    private static Supply thatDoes(String id, Map<String, Tier> serves, int usesPerPiece) {
        Supply like = supply("ibuprofen");
        return new Supply(
                id,
                id,
                like.group(),
                like.form(),
                like.piece(),
                like.mass(),
                like.volume(),
                usesPerPiece,
                false,
                serves,
                like.training(),
                Set.of(),
                Set.of(),
                like.prescribed(),
                like.each(),
                like.most(),
                0,
                Set.of(),
                like.purchase(),
                like.keeping(),
                like.crossing(),
                false,
                like.fit());
    }

    @Test
    void theWorkedExample() {
        PooledNeed pool = new PooledNeed(
                List.of(
                        Samples.CATALOGUE.capability("relieve-pain"),
                        Samples.CATALOGUE.capability("calm-inflammation")),
                Map.of(
                        "relieve-pain", Distribution.of(0.5, 0.2, 0.1, 0.2),
                        "calm-inflammation", Distribution.of(0.5, 0.3, 0.2)),
                List.of(supply("paracetamol"), supply("ibuprofen")));
        assertThat(pool.suffices(0.9)).isEqualTo(4);
        Map<String, Integer> packed = Map.of("paracetamol", 6, "ibuprofen", 2);
        assertThat(pool.has(packed)).isEqualTo(4);
        assertThat(pool.lacks(packed, 0.9)).isEqualTo(new PooledNeed.Lack(1, Set.of("calm-inflammation")));
        assertThat(pool.lacks(Map.of("paracetamol", 4, "ibuprofen", 4), 0.9).uses())
                .isZero();
        assertThat(pool.lacks(Map.of(), 0.9))
                .isEqualTo(new PooledNeed.Lack(4, Set.of("calm-inflammation", "relieve-pain")));
    }

    @Test
    void whatCanStandInForEachOtherIsOnePoolAndImprovisingIsNot() {
        List<PooledNeed> pools = PooledNeed.of(
                Forecast.of(Samples.skerryRing(), Samples.CATALOGUE),
                List.of(
                        supply("paracetamol"),
                        supply("antihistamine-plain"),
                        supply("ibuprofen"),
                        supply("hydrocortisone-cream"),
                        supply("barrier-ointment")),
                List.of(supply("itch-cream"), supply("anti-chafe-balm")));
        assertThat(pools.stream()
                        .map(p -> p.supplies().stream().map(Supply::id).toList())
                        .toList())
                .containsExactly(
                        List.of("paracetamol", "ibuprofen"),
                        List.of("antihistamine-plain"),
                        List.of("hydrocortisone-cream", "itch-cream"),
                        List.of("barrier-ointment", "anti-chafe-balm"));
        assertThat(pools.getFirst().capabilities().stream().map(Capability::id).toList())
                .containsExactly("relieve-pain", "calm-inflammation", "relieve-pain-plain");
        assertThat(pools.getFirst().suffices(0.9)).isPositive();
    }

    @ParameterizedTest(name = "seed {0}")
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 13, 14, 15, 16, 17, 18, 19, 20})
    void whatIsLackingIsWhatNoSharingOutCouldServe(long seed) {
        Random random = new Random(seed);
        List<String> ids = List.of("relieve-pain", "calm-allergy", "soothe-itch");
        Map<String, Distribution> uses = new HashMap<>();
        Map<String, Integer> asked = new HashMap<>();
        for (String id : ids) {
            int surely = random.nextInt(4);
            asked.put(id, surely);
            uses.put(
                    id,
                    Distribution.of(IntStream.rangeClosed(0, surely)
                            .mapToDouble(n -> n == surely ? 1 : 0)
                            .toArray()));
        }
        List<Supply> supplies = new ArrayList<>();
        Map<String, Integer> pieces = new HashMap<>();
        for (int s = 0; s < 3; s++) {
            Map<String, Tier> serves = new HashMap<>();
            ids.forEach(id -> serves.put(id, Tier.values()[random.nextInt(3)]));
            supplies.add(thatDoes("s" + s, serves, 1 + random.nextInt(2)));
            pieces.put("s" + s, random.nextInt(3));
        }
        PooledNeed pool =
                new PooledNeed(ids.stream().map(Samples.CATALOGUE::capability).toList(), uses, supplies);
        List<Supply> each = supplies.stream()
                .flatMap(s -> IntStream.range(0, s.uses(pieces.get(s.id()))).mapToObj(i -> s))
                .toList();
        int total = asked.values().stream().mapToInt(Integer::intValue).sum();
        assertThat(pool.lacks(pieces, 0.9).uses())
                .as("seed %d: %s of %s", seed, pieces, asked)
                .isEqualTo(total - mostServed(each, asked));
    }

    /** Tries every way. */
    private static int mostServed(List<Supply> left, Map<String, Integer> asked) {
        if (left.isEmpty()) {
            return 0;
        }
        List<Supply> rest = left.subList(1, left.size());
        int most = mostServed(rest, asked);
        for (var does : left.getFirst().serves().entrySet()) {
            int open = asked.getOrDefault(does.getKey(), 0);
            if (does.getValue() != Tier.IMPROVISED && open > 0) {
                Map<String, Integer> after = new HashMap<>(asked);
                after.put(does.getKey(), open - 1);
                most = Math.max(most, 1 + mostServed(rest, after));
            }
        }
        return most;
    }
}
