package hodeon.app.mat.page;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import hodeon.app.WebTest;
import hodeon.app.mat.Hold;
import hodeon.app.mat.Mat;
import hodeon.app.mat.MatService;
import java.time.Duration;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** What the mat shows for a look at it: which supplies, in which state, in what place. */
class MatLookTest extends WebTest {

    private static final Duration A_PROOF = Duration.ofMinutes(1);

    @Autowired
    MatService mats;

    @Autowired
    MatPage page;

    private String trip = "";

    @BeforeEach
    void layOut() throws Exception {
        String[] two = brief("Skerry ring");
        for (String[] field : new String[][] {
            {"name", "Lumi Halla"},
            {"alike", "1"},
            {"years", "41"},
            {"kilograms", "66"},
            {"training", "BASIC"},
            {"conditions", "BLISTER_PRONE"}
        }) {
            two = with(two, "people[1]." + field[0], field[1]);
        }
        trip = String.valueOf(
                        send(mine, "/trips/new", two).andReturn().getResponse().getRedirectedUrl())
                .replace("/odds", "");
    }

    private Mat mat() {
        return mats.mat(mine.householdId(), UUID.fromString(trip.replace("/trips/", "")));
    }

    private MatView look(String... asked) {
        Map<String, String> parameters = new HashMap<>();
        for (int i = 0; i < asked.length; i += 2) {
            parameters.put(asked[i], asked[i + 1]);
        }
        return page.of(mat(), asked(parameters), null);
    }

    private void does(String what, String supply) throws Exception {
        send(mine, trip + "/mat/" + what, "supply", supply, "version", Long.toString(mat().version()));
    }

    private static List<String> ids(MatView view) {
        return view.groups().stream()
                .flatMap(g -> g.tiles().stream())
                .map(MatView.Tile::id)
                .toList();
    }

    private static Optional<MatView.Tile> tile(MatView view, String id) {
        return view.groups().stream()
                .flatMap(g -> g.tiles().stream())
                .filter(t -> t.id().equals(id))
                .findFirst();
    }

    private static String state(MatView view, String id) {
        return tile(view, id)
                .map(t -> t.state() + " "
                        + t.marks().stream().map(MatView.Mark::word).toList())
                .orElse("no tile");
    }

    @Test
    void everyStateOfATileIsSaidInWordsAndNotByColourAlone() throws Exception {
        does("pin", "gloves-nitrile");
        does("ban", "whistle");
        does("elsewhere", "shears");
        does("learn", "closure-strips");
        String dropped = mat().pieces().entrySet().stream()
                .filter(e -> e.getValue() == 1 && mat().hold(e.getKey()) == Hold.NONE && !mat().learn(e.getKey()))
                .map(Map.Entry::getKey)
                .sorted()
                .findFirst()
                .orElseThrow();
        does("minus", dropped);
        MatView all = look("all", "yes");
        assertThat(state(all, "gloves-nitrile")).isEqualTo("here [pinned]");
        assertThat(state(all, "whistle")).isEqualTo("out [left out by you]");
        assertThat(state(all, "shears")).isEqualTo("elsewhere [rides elsewhere]");
        assertThat(state(all, "closure-strips")).contains("learn it first");
        assertThat(state(all, "auto-injector")).isEqualTo("never [not prescribed]");
        assertThat(state(all, dropped)).matches("off \\[taken off]|wanted \\[recommended: \\d+]");
        assertThat(all.groups().stream().flatMap(g -> g.tiles().stream()).flatMap(t -> t.marks().stream()))
                .filteredOn(m -> m.word().equals("earns least"))
                .hasSizeBetween(1, 6);
        assertThat(ids(all)).hasSize(mat().known().catalogue().supplies().size());
    }

    @Test
    void onePieceMoreOrLessMovesNothingElse() throws Exception {
        does("plus", "gauze-large");
        MatView before = look();
        does("plus", "gauze-large");
        does("minus", "hydrocolloid-pad");
        MatView after = look();
        assertThat(ids(after)).isEqualTo(ids(before));
        assertThat(after.groups().stream().map(g -> g.id() + g.columns()))
                .isEqualTo(
                        before.groups().stream().map(g -> g.id() + g.columns()).toList());
        assertThat(tile(after, "gauze-large").orElseThrow().drawing().width())
                .isEqualTo(tile(before, "gauze-large").orElseThrow().drawing().width());
    }

    @Test
    void aLookShowsOnlyWhatServesIt() throws Exception {
        does("pin", "gloves-nitrile");
        await().atMost(A_PROOF).until(() -> !look().searching());
        List<String> everything = ids(look());
        assertThat(ids(look("problem", "blister")))
                .contains("hydrocolloid-pad")
                .doesNotContain("whistle")
                .hasSizeLessThan(everything.size() / 2);
        assertThat(look("group", "feet").groups())
                .extracting(MatView.GroupView::id)
                .containsExactly("feet");
        assertThat(ids(look("severity", "5"))).contains("barrier-mask").doesNotContain("lozenge");
        assertThat(ids(look("person", "Lumi Halla")))
                .contains("hydrocolloid-pad")
                .doesNotContain("whistle");
        assertThat(ids(look("problem", "nonsense"))).isEmpty();
        assertThat(ids(look("by", "nonsense", "zoom", "9", "severity", "nine"))).isEqualTo(everything);
    }

    @Test
    void aLookStandsInItsAddress() {
        MatLook look = asked(Map.of("by", "price", "person", "Lumi & Beck", "zoom", "3", "all", "yes"));
        assertThat(look.query()).isEqualTo("?all=yes&by=price&person=Lumi%20%26%20Beck&zoom=3");
        assertThat(MatLook.of(MatLook.Asked.NOTHING).query()).isEmpty();
        assertThat(MatLook.of(MatLook.Asked.NOTHING).queryAnd()).isEqualTo("?");
    }

    private static MatLook asked(Map<String, String> parameters) {
        return MatLook.of(new MatLook.Asked(
                parameters.get("by"),
                parameters.get("problem"),
                parameters.get("group"),
                parameters.get("person"),
                parameters.get("severity"),
                parameters.get("all"),
                parameters.get("zoom")));
    }
}
