package hodeon.app.mat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.flash;

import hodeon.app.WebTest;
import java.util.Map;
import java.util.UUID;
import org.hamcrest.Matchers;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

class MatHistoryTest extends WebTest {

    @Autowired
    MatService mats;

    private Mat mat(String trip) {
        return mats.mat(mine.householdId(), UUID.fromString(trip.replace("/trips/", "")));
    }

    private void does(String trip, String what, String... fields) throws Exception {
        send(
                mine,
                trip + "/mat/" + what,
                with(fields, "version", Long.toString(mat(trip).version())));
    }

    @Test
    void sixtyChangesAreTakenBackOneByOneAndDoneAgain() throws Exception {
        String trip = trip(mine, "Skerry ring");
        Map<String, Integer> before = mat(trip).pieces();
        for (int i = 0; i < 58; i++) {
            does(trip, i % 2 == 0 ? "plus" : "pin", "supply", "gauze-large", "version", "");
        }
        does(trip, "ban", "supply", "shears", "version", "");
        does(trip, "rebalance", "version", "");
        Map<String, Mat.Line> after = mat(trip).lines();
        for (int i = 0; i < 60; i++) {
            assertThat(mat(trip).around().undo()).as("step " + i).isNotEmpty();
            does(trip, "undo", "version", "");
        }
        assertThat(mat(trip).pieces()).isEqualTo(before);
        assertThat(mat(trip).around().undo()).isEmpty();
        for (int i = 0; i < 60; i++) {
            does(trip, "redo", "version", "");
        }
        assertThat(mat(trip).lines()).isEqualTo(after);
        assertThat(mat(trip).around().redo()).isEmpty();
    }

    @Test
    void aNewChangeAfterAnUndoReplacesWhatWasTakenBack() throws Exception {
        String trip = trip(mine, "Skerry ring");
        does(trip, "plus", "supply", "whistle", "version", "");
        does(trip, "undo", "version", "");
        assertThat(mat(trip).around().redo()).isEqualTo("Whistle: one more");
        does(trip, "elsewhere", "supply", "shears", "version", "");
        assertThat(mat(trip).around()).isEqualTo(new MatHistory.Around("Trauma shears: rides elsewhere", ""));
        send(mine, trip + "/mat/redo", "version", Long.toString(mat(trip).version()))
                .andExpect(flash().attribute("said", "There is nothing to do again."));
    }

    @Test
    void aRebalanceTakenBackMakesTheMatStaleAgain() throws Exception {
        String trip = trip(mine, "Skerry ring");
        does(trip, "plus", "supply", "shears", "version", "");
        send(mine, trip + "/brief", with(with(brief("Skerry ring"), "version", "0"), "massLimit", "1400"));
        does(trip, "rebalance", "version", "");
        assertThat(mat(trip).stale()).isFalse();
        does(trip, "undo", "version", "");
        assertThat(mat(trip).stale()).isTrue();
    }

    @Test
    void everyChangeIsSaidWithItsEffectAndKeepsTheLook() throws Exception {
        String trip = trip(mine, "Skerry ring");
        send(
                        mine,
                        trip + "/mat/plus?by=volume&severity=5",
                        "supply",
                        "group-shelter",
                        "version",
                        Long.toString(mat(trip).version()))
                .andExpect(
                        flash().attribute(
                                        "said",
                                        Matchers.matchesPattern(
                                                "Group shelter, four people: \\d+\\. On the mat [\\d,]+ g; [\\d.]+ % met, \\+ [\\d.]+ %\\.")))
                .andExpect(result -> assertThat(result.getResponse().getRedirectedUrl())
                        .contains("by=volume", "severity=5", "about=group-shelter"));
        open(mine, trip + "/mat?by=volume&severity=5")
                .andExpect(content()
                        .string(allOf(
                                containsString("same scale of <span>room</span>"),
                                containsString("formaction=\"" + trip + "/mat/plus?by=volume&amp;severity=5\""))));
    }
}
