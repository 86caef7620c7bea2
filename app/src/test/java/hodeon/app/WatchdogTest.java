package hodeon.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertTimeoutPreemptively;

import java.time.Duration;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;

/** A random walk of edits: rates of nothing, tiny limits, logs that are learned from, everything pinned or left out. Nothing hangs. */
@Tag("slow")
class WatchdogTest extends WebTest {

    private static final int EDITS = Lane.of(60, 500);
    private static final long SEED = Lane.seed("watchdog");

    /** A watchdog, not a measure: an answer that takes so long is none. */
    private static final Duration HANGS = Duration.ofSeconds(30);

    @Autowired
    JdbcTemplate database;

    private final Random random = new Random(SEED);
    private String trip = "";
    private String[] brief = {};

    @Test
    void manyEditsAndNoneHangs() throws Exception {
        brief = brief(
                "Seal count", LocalDate.now().minusDays(3), LocalDate.now().minusDays(1));
        trip = trip(mine, brief);
        List<String> problems =
                List.of("hypothermia", "blister", "severe-limb-bleeding", "headache", "sunburn", "tick");
        List<String> supplies =
                List.of("paracetamol", "foil-blanket", "tourniquet-ratchet", "plaster-fabric", "shears", "tape-cloth");
        for (int edit = 0; edit < EDITS; edit++) {
            String what = "seed " + SEED + ", edit " + edit;
            String version = version();
            List<String> step =
                    switch (random.nextInt(9)) {
                        case 0 -> {
                            String limit = pick(List.of("40", "120", "900", "2300", "12000"));
                            brief = with(
                                    with(brief, "massLimit", limit), "hoursToCare", pick(List.of("0", "1", "9", "72")));
                            yield List.of(trip + "/brief", "version", tripVersion());
                        }
                        case 1 ->
                            List.of(
                                    "/rates/" + pick(problems),
                                    "perThousand",
                                    pick(List.of("0", "0.000001", "7", "10000")),
                                    "strength",
                                    pick(List.of("1", "500", "1000000")),
                                    "trip",
                                    trip.replace("/trips/", ""));
                        case 2 -> List.of("/rates/" + pick(problems) + "/drop", "trip", trip.replace("/trips/", ""));
                        case 3 ->
                            List.of(
                                    trip + "/log",
                                    "on",
                                    LocalDate.now().minusDays(2).toString(),
                                    "problem",
                                    pick(problems),
                                    "times",
                                    pick(List.of("1", "40")));
                        case 4 -> List.of(trip + "/log/learn", "learn", pick(List.of("true", "false")));
                        case 5, 6 ->
                            List.of(
                                    trip + "/mat/"
                                            + pick(List.of(
                                                    "plus",
                                                    "minus",
                                                    "pin",
                                                    "unpin",
                                                    "ban",
                                                    "unban",
                                                    "elsewhere",
                                                    "here")),
                                    "supply",
                                    pick(supplies),
                                    "version",
                                    version);
                        case 7 -> List.of(trip + "/mat/rebalance", "version", version);
                        default -> List.of();
                    };
            List<String> form = new ArrayList<>(step);
            String address = form.isEmpty()
                    ? trip
                            + pick(List.of(
                                    "/mat",
                                    "/odds",
                                    "/mat/answers",
                                    "/mat/prune",
                                    "/mat/curve",
                                    "/ready",
                                    "/medicines"))
                    : form.removeFirst();
            if (address.endsWith("/brief")) {
                form.addAll(0, List.of(brief));
            }
            int status = assertTimeoutPreemptively(
                    HANGS,
                    () -> (step.isEmpty() ? open(mine, address) : send(mine, address, form.toArray(String[]::new)))
                            .andReturn()
                            .getResponse()
                            .getStatus(),
                    what + ": " + address);
            assertThat(status).as(what + ": " + address).isLessThan(500);
        }
        assertTimeoutPreemptively(HANGS, () -> open(mine, trip + "/mat").andReturn());
    }

    private String version() {
        return database
                .queryForList("select version + 1 as v from mat where household_id = ?", mine.householdId())
                .stream()
                .findFirst()
                .map(Map::values)
                .map(v -> v.iterator().next().toString())
                .orElse("0");
    }

    private String tripVersion() {
        return String.valueOf(database.queryForObject(
                "select version from trip where household_id = ?", Long.class, mine.householdId()));
    }

    private String pick(List<String> from) {
        return from.get(random.nextInt(from.size()));
    }
}
