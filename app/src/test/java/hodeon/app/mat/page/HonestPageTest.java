package hodeon.app.mat.page;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;

import hodeon.app.StockTest;
import hodeon.app.kits.list.ListService;
import hodeon.app.mat.Mat;
import hodeon.app.mat.MatService;
import hodeon.app.plan.KitCalculator;
import hodeon.core.catalogue.Supply;
import hodeon.core.plan.Plan;
import java.time.Duration;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** What pages say of a kit is what is true of it. */
class HonestPageTest extends StockTest {

    private static final Duration A_PROOF = Duration.ofMinutes(1);

    @Autowired
    MatService mats;

    @Autowired
    ListService lists;

    @Autowired
    KitCalculator calculator;

    private String trip;
    private UUID id;

    @BeforeEach
    void aTrip() throws Exception {
        trip = trip(mine, "Skerry ring");
        id = UUID.fromString(trip.replace("/trips/", ""));
    }

    private Mat mat() {
        return mats.mat(mine.householdId(), id);
    }

    private void proven() {
        await().atMost(A_PROOF)
                .until(() -> !calculator.recommend(mat().of(), mat().holds()).searching());
    }

    private String page(String address) throws Exception {
        return open(mine, address).andReturn().getResponse().getContentAsString();
    }

    /** Saved at once from the first answer: the proof that comes seconds later changes nothing of it. */
    @Test
    void aSavedListStaysWhatItWas() throws Exception {
        Mat seen = mat();
        send(mine, trip + "/kit", "name", "Dry box", "version", Long.toString(seen.version()));
        proven();
        assertThat(lists.ofTrip(mine.householdId(), id).orElseThrow().pieces()).isEqualTo(seen.pieces());
        assertThat(mat().pieces()).isEqualTo(seen.pieces());
        assertThat(page(trip + "/ready")).doesNotContain("differs from the mat");
    }

    @Test
    void aBetterKitIsOfferedWithItsGainAndTakenOrNot() throws Exception {
        mats.begin(mine.householdId(), id, Map.of("shears", 1, "gloves-nitrile", 6));
        page(trip + "/mat");
        proven();
        assertThat(page(trip + "/mat")).contains("A better kit is known for this brief: it meets", "Keep mine");
        assertThat(mat().pieces()).isEqualTo(Map.of("shears", 1, "gloves-nitrile", 6));
        send(mine, trip + "/mat/keep", "version", Long.toString(mat().version()));
        assertThat(page(trip + "/mat")).doesNotContain("A better kit is known");
        send(mine, trip + "/mat/rebalance", "version", Long.toString(mat().version()));
        assertThat(mat().pieces()).hasSizeGreaterThan(10);
    }

    @Test
    void aKitWeighsWhatLiesInItAndSaysHowFarThatIsOver() throws Exception {
        mats.begin(mine.householdId(), id, Map.of("shears", 1));
        send(mine, trip + "/kit", "name", "Dry box", "version", Long.toString(mat().version()));
        assertThat(page(trip + "/kit")).contains("48 g", "planned").doesNotContain("lie in it");
        send(mine, trip + "/ready/lies");
        UUID place = stock.placesOfKit(
                        mine.householdId(),
                        lists.ofTrip(mine.householdId(), id).orElseThrow().id())
                .getFirst();
        double limit = mat().trip().trip().limits().mass().grams();
        int blankets = (int) Math.floor(limit / 55) + 1;
        put(place, "foil-blanket", blankets, "2032-01");
        String over = Math.round(55 * blankets - limit) + " g";
        assertThat(page(trip + "/kit")).contains("lie in it, in Dry box", over + " over the limit of");
        assertThat(page(trip + "/ready")).contains("what lies in it weighs", over + " over the limit");
        assertThat(page("/")).contains("its list: 48 g", over + " over the limit");
        assertThat(page(trip + "/cards?card=contents"))
                .contains("lie in it, 48 g planned; " + over + " over the limit")
                .contains("Foil blanket: " + blankets + " blankets")
                .doesNotContain("Trauma shears");
    }

    /** Threats to life may be met to nearly all by their rarity, and still find nothing in the kit. */
    @Test
    void theWorstUnansweredIsNamedFirst() throws Exception {
        mats.begin(mine.householdId(), id, Map.of("plaster-fabric", 12));
        for (String way : new String[] {"/mat", "/mat/rehearse"}) {
            assertThat(page(trip + way))
                    .as(way)
                    .containsPattern("(?s)If it happens</strong>, however rare: this kit can do.*?nothing");
        }
        assertThat(page(trip + "/mat/curve"))
                .contains("If it happens", "Little more can be done from")
                .doesNotContain("ully covered");
    }

    /** Names, not ids; and in one trip never more of anything than lies on the mat. */
    @Test
    void aRehearsedTripGivesWhatIsThereByName() throws Exception {
        mats.begin(
                mine.householdId(),
                id,
                Map.of(
                        "paracetamol",
                        3,
                        "plaster-fabric",
                        2,
                        "gauze-small",
                        1,
                        "antiseptic-wipe",
                        2,
                        "friction-tape",
                        1));
        Pattern given =
                Pattern.compile("<span>([^<]*)</span>(?:<strong class=\"fault\"> not enough</strong>)?</td></tr>");
        Mat mat = mat();
        for (int number = 1; number <= 12; number++) {
            Map<String, Integer> sum = new HashMap<>();
            Matcher rows = given.matcher(page(trip + "/mat/rehearse?trip=" + number));
            while (rows.find()) {
                for (String part : rows.group(1).split(", ")) {
                    Matcher counted = Pattern.compile("(.+): (\\d+) \\w+").matcher(part);
                    if (counted.matches()) {
                        sum.merge(counted.group(1), Integer.parseInt(counted.group(2)), Integer::sum);
                    }
                }
            }
            for (Supply supply : mat.known().catalogue().supplies()) {
                assertThat(sum.getOrDefault(supply.name(), 0))
                        .as("outing %d, %s", number, supply.name())
                        .isLessThanOrEqualTo(mat.pieces(supply.id()));
            }
        }
        assertThat(page(trip + "/mat/rehearse?trip=3")).doesNotContain("plaster fabric", "antiseptic wipe:");
    }

    /** Doses that could serve several problems are set aside for one of them. */
    @Test
    void pooledDosesAreCountedOnce() {
        Mat mat = mat();
        Plan plan = calculator.weigh(mat.of(), mat.along(), mat.pieces()).plan();
        for (Supply supply : mat.catalogue().supplies()) {
            int uses = plan.steps().stream()
                    .flatMap(s -> s.by().stream())
                    .filter(b -> b.supply().equals(supply.id()))
                    .mapToInt(Plan.By::uses)
                    .sum();
            assertThat(uses).as(supply.id()).isLessThanOrEqualTo(supply.uses(mat.pieces(supply.id())));
        }
    }

    @Test
    void answersNameUsesWithTheirUnit() throws Exception {
        open(mine, trip + "/mat/answers")
                .andExpect(content().string(allOf(containsString(" for "), not(containsString(" × ")))));
    }
}
