package hodeon.app.mat.page;

import static hodeon.app.PageText.says;
import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.matchesPattern;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import hodeon.app.WebTest;
import hodeon.app.kits.list.ListService;
import hodeon.app.mat.Hold;
import hodeon.app.mat.Mat;
import hodeon.app.mat.MatService;
import hodeon.app.plan.KitCalculator;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;

class BalancePageTest extends WebTest {

    private static final Duration A_PROOF = Duration.ofMinutes(1);

    @Autowired
    MatService mats;

    @Autowired
    ListService lists;

    @Autowired
    MatPage pages;

    private Mat mat(String trip) {
        return mats.mat(mine.householdId(), UUID.fromString(trip.replace("/trips/", "")));
    }

    @ParameterizedTest
    @CsvSource({
        "curve, What each gram buys",
        "answers, 'weakest: '",
        "prune, What earns least for its grams",
        "prune?about=hydrocolloid-pad, In place of Hydrocolloid blister pad",
        "compare, Problems met differently",
        "rehearse, of <span>100,000</span> such outings",
        "sort, From what I have",
        "carry, Who carries what"
    })
    void everyWayToLookAtTheMatIsMineAlone(String page, String says) throws Exception {
        String trip = trip(mine, "Skerry ring");
        open(mine, trip + "/mat/" + page)
                .andExpect(status().isOk())
                .andExpect(content().string(containsString(says)));
        open(others, trip + "/mat/" + page).andExpect(status().isNotFound());
    }

    @Test
    void aPointOfTheCurveIsLaidOutAroundWhatIsPinned() throws Exception {
        String trip = trip(mine, "Skerry ring");
        send(
                mine,
                trip + "/mat/plus",
                "supply",
                "cold-pack",
                "version",
                Long.toString(mat(trip).version()));
        send(
                mine,
                trip + "/mat/pin",
                "supply",
                "cold-pack",
                "version",
                Long.toString(mat(trip).version()));
        double before =
                KitCalculator.mass(mat(trip).known(), mat(trip).pieces()).grams();
        send(
                mine,
                trip + "/mat/curve",
                "point",
                "2",
                "version",
                Long.toString(mat(trip).version()));
        Mat light = mat(trip);
        assertThat(KitCalculator.mass(light.known(), light.pieces()).grams()).isLessThan(before);
        assertThat(light.pieces("cold-pack")).isEqualTo(1);
        assertThat(light.hold("cold-pack")).isEqualTo(Hold.PINNED);
    }

    @Test
    void whatRidesElsewhereLeavesTheKitAndComesBack() throws Exception {
        String trip = trip(mine, "Skerry ring");
        send(
                mine,
                trip + "/mat/elsewhere",
                "supply",
                "shears",
                "version",
                Long.toString(mat(trip).version()));
        Mat away = mat(trip);
        assertThat(away.hold("shears")).isEqualTo(Hold.ELSEWHERE);
        assertThat(away.pieces()).doesNotContainKey("shears");
        open(mine, trip + "/mat?about=shears").andExpect(says("1 along elsewhere"));
        send(mine, trip + "/mat/here", "supply", "shears", "version", Long.toString(away.version()));
        assertThat(mat(trip).pieces()).containsEntry("shears", 1);
    }

    @Test
    void contentsArePastedConfirmedAndSorted() throws Exception {
        String trip = trip(mine, "Skerry ring");
        send(mine, trip + "/mat/sort", "text", "30 x fabric plasters\nantiseptic wipes, 4\nflux capacitor: 2")
                .andExpect(status().isOk())
                .andExpect(content().string(matchesPattern("(?s).*<option value=\"plaster-fabric\"[^>]* selected.*")))
                .andExpect(says("not known: search for it"));
        send(
                        mine,
                        trip + "/mat/sort/confirmed",
                        "line",
                        "30 x fabric plasters",
                        "supply",
                        "plaster-fabric",
                        "pieces",
                        "30",
                        "line",
                        "flux capacitor: 2",
                        "supply",
                        "",
                        "pieces",
                        "2")
                .andExpect(content().string(containsString("id=\"take-plaster-fabric\"")))
                .andExpect(says("flux capacitor: 2"));
        // A line alone, with commas of its own, is one line.
        send(mine, trip + "/mat/sort/confirmed", "line", "gauze, odd, 2", "supply", "", "pieces", "2")
                .andExpect(says("gauze, odd, 2"));
    }

    private String[] sorted(String trip, String take, String second, String action) {
        return new String[] {
            "version", Long.toString(mat(trip).version()),
            "supply", "plaster-fabric",
            "have", "30",
            "take", take,
            "second", second,
            "best", "40",
            "unknown", "flux capacitor, two",
            "name", "Shore tin",
            "do", action
        };
    }

    @Test
    void whatWasSortedIsChangedLaidOutAndSavedAsASecondKit() throws Exception {
        String trip = trip(mine, "Skerry ring");
        send(mine, trip + "/mat/sort/sorted", sorted(trip, "12", "20", "weigh"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(says("nly 18 are left for the second kit"));
        send(mine, trip + "/mat/sort/sorted", sorted(trip, "twelve", "2", "lay"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(says("“twelve”"));
        send(mine, trip + "/mat/sort/sorted", sorted(trip, "34", "0", "weigh"))
                .andExpect(says("get 4"))
                .andExpect(says("best kit has 6 plasters more"))
                .andExpect(content().string(containsString("value=\"flux capacitor, two\"")));
        send(mine, trip + "/mat/sort/sorted", sorted(trip, "12", "18", "second"))
                .andExpect(says("is on the shelf"));
        assertThat(lists.all(mine.householdId()))
                .filteredOn(k -> k.name().equals("Shore tin"))
                .singleElement()
                .satisfies(k -> assertThat(k.pieces()).containsExactly(Map.entry("plaster-fabric", 18)));
        send(mine, trip + "/mat/sort/sorted", sorted(trip, "12", "18", "lay"));
        assertThat(mat(trip).pieces()).containsExactly(Map.entry("plaster-fabric", 12));
        assertThat(mat(trip).around().undo()).isEqualTo("what I have laid out");
    }

    @Test
    void aPassThroughThePiecesDropsKeepsAndLendsOneAtATimeAndAddsUp() throws Exception {
        String trip = trip(mine, "Skerry ring");
        send(
                mine,
                trip + "/mat/plus",
                "supply",
                "shears",
                "version",
                Long.toString(mat(trip).version()));
        String[] pass = {"startMilligrams", "2000000", "startMet", "0.9", "supply", "whistle", "version", ""};
        Mat before = mat(trip);
        for (String decision : List.of("keep", "learn", "drop", "elsewhere")) {
            pass = with(pass, "version", Long.toString(mat(trip).version()));
            send(mine, trip + "/mat/prune/pass/" + decision, with(pass, "supply", "plaster-fabric"));
        }
        assertThat(mat(trip).learn("plaster-fabric")).isTrue();
        assertThat(mat(trip).hold("plaster-fabric")).isEqualTo(Hold.ELSEWHERE);
        assertThat(mat(trip).pieces("plaster-fabric")).isEqualTo(before.pieces("plaster-fabric") - 1);
        open(mine, trip + "/mat/prune/pass?startMilligrams=2500000&startMet=0.95&keep=whistle&learnt=shears&finish=yes")
                .andExpect(says("Whistle"))
                .andExpect(says("To be learnt before the outing"));
        open(mine, trip + "/mat/prune/pass").andExpect(says("In a hundred such outings"));
        open(others, trip + "/mat/prune/pass").andExpect(status().isNotFound());
    }

    @ParameterizedTest
    @CsvSource({
        "compare?rightLimit=heavy, a number from 10 g to 50",
        "compare?right=kit:none, Two kits side by side",
        "compare?left=recommended&right=mat, Pieces that differ"
    })
    void whatIsNotUnderstoodIsSaidInWords(String page, String says) throws Exception {
        String trip = trip(mine, "Skerry ring");
        open(mine, trip + "/mat/" + page)
                .andExpect(status().isOk())
                .andExpect(content().string(containsString(says)));
    }

    @Test
    void theFirstAnswerIsProvenBehindThePageAndAnEditKeepsToWhatWasSeen() throws Exception {
        String trip = trip(mine, "Skerry ring");
        Mat first = mat(trip);
        await().atMost(A_PROOF).until(() -> !mat(trip).first());
        assertThat(mat(trip).version()).isZero();
        send(mine, trip + "/mat/plus", "supply", "whistle", "version", Long.toString(first.version()));
        List<String> kinds = List.copyOf(first.pieces().keySet());
        assertThat(mat(trip).pieces().keySet()).containsAll(kinds);
    }

    @Test
    void aFirstAnswerWhoseProofCameWhileThePageWasMadeIsNotShownAsTheLast() throws Exception {
        String trip = trip(mine, "Lantern hut traverse");
        await().atMost(A_PROOF).until(() -> !mat(trip).first());
        Mat proven = mat(trip);
        Mat first = new Mat(
                proven.trip(),
                proven.known(),
                proven.suitability(),
                Mat.FIRST,
                proven.lines(),
                false,
                "",
                proven.around());
        assertThat(pages.of(first, MatLook.of(MatLook.Asked.NOTHING), null).searching())
                .isTrue();
        assertThat(pages.of(proven, MatLook.of(MatLook.Asked.NOTHING), null).searching())
                .isFalse();
    }
}
