package hodeon.app.kits;

import static hodeon.app.PageText.doesNotSay;
import static hodeon.app.PageText.says;
import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.flash;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import hodeon.app.WebTest;
import hodeon.app.kits.list.ListService;
import hodeon.app.kits.list.StoredList;
import hodeon.app.mat.Hold;
import hodeon.app.mat.Mat;
import hodeon.app.mat.MatService;
import java.io.StringReader;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

class ListPageTest extends WebTest {

    @Autowired
    MatService mats;

    @Autowired
    ListService lists;

    private Mat mat(String trip) {
        return mats.mat(mine.householdId(), UUID.fromString(trip.replace("/trips/", "")));
    }

    private void change(String trip, String what, String supply, long version) throws Exception {
        send(mine, trip + "/mat/" + what, "supply", supply, "version", Long.toString(version));
    }

    @Test
    void plusMinusPinAndBanChangeOneSupplyAndNothingElse() throws Exception {
        String trip = trip(mine, "Skerry ring");
        Mat before = mat(trip);
        assertThat(before.touched()).isFalse();
        change(trip, "plus", "hydrocolloid-pad", before.version());
        Mat after = mat(trip);
        assertThat(after.pieces("hydrocolloid-pad")).isEqualTo(before.pieces("hydrocolloid-pad") + 1);
        assertThat(without(after, "hydrocolloid-pad")).isEqualTo(without(before, "hydrocolloid-pad"));
        change(trip, "pin", "hydrocolloid-pad", after.version());
        change(trip, "ban", "gauze-large", mat(trip).version());
        send(mine, trip + "/mat/rebalance", "version", Long.toString(mat(trip).version()));
        Mat balanced = mat(trip);
        assertThat(balanced.pieces("hydrocolloid-pad")).isEqualTo(after.pieces("hydrocolloid-pad"));
        assertThat(balanced.hold("gauze-large")).isEqualTo(Hold.BANNED);
        assertThat(balanced.pieces("gauze-large")).isZero();
        open(mine, trip + "/mat?about=gauze-large").andExpect(says("Left out by you."));
        change(trip, "unban", "gauze-large", balanced.version());
        assertThat(mat(trip).hold("gauze-large")).isEqualTo(Hold.NONE);
    }

    private static Map<String, Integer> without(Mat mat, String supply) {
        return mat.pieces().entrySet().stream()
                .filter(e -> !e.getKey().equals(supply))
                .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue));
    }

    @Test
    void aSecondTabIsToldThatTheMatHasChanged() throws Exception {
        String trip = trip(mine, "Skerry ring");
        change(trip, "plus", "shears", 0);
        int shears = mat(trip).pieces("shears");
        send(mine, trip + "/mat/plus", "supply", "shears", "version", "0")
                .andExpect(flash().attribute("conflict", true));
        assertThat(mat(trip).pieces("shears")).isEqualTo(shears);
    }

    @Test
    void theMatSaysWhatIsLeftOutAndWhyAndNeverTakesWhatIsExcluded() throws Exception {
        String trip = trip(mine, "Skerry ring");
        open(mine, trip + "/mat?all=yes")
                .andExpect(status().isOk())
                .andExpect(says(
                        "Needs advanced wilderness (1–2 weeks); the most anybody here has is wilderness first aid",
                        "nobody here has it prescribed",
                        "a kind more to find and check",
                        "the best possible for what grams and kinds cost here"));
        send(mine, trip + "/mat/plus", "supply", "auto-injector", "version", "0")
                .andExpect(status().isNotFound());
        send(mine, trip + "/mat/plus", "supply", "magic-wand", "version", "0").andExpect(status().isNotFound());
        send(mine, trip + "/mat/plus", "supply", "shears", "version", "newest").andExpect(status().isNotFound());
        assertThat(mat(trip).touched()).isFalse();
    }

    @Test
    void theMatSaysWhereItStoppedAndEachPieceWhyItIsHere() throws Exception {
        String trip = trip(mine, with(brief("Skerry ring"), "massLimit", ""));
        open(mine, trip + "/mat?about=gloves-nitrile&all=yes")
                .andExpect(says(
                        "no limit set",
                        "Stops at ",
                        "The next 100 g would buy about",
                        "Here whatever the odds: whoever helps covers their hands, and the first pair tears.",
                        "what a kit has whatever the odds",
                        "nobody who comes along has it prescribed (asked for on 1 in ",
                        "A comfort: it comes when you ask for it."));
        open(mine, trip + "/mat?about=island-dressing").andExpect(says("Here mostly for “"));
    }

    @Test
    void aChangedBriefMakesTheMatStaleUntilItIsRebalanced() throws Exception {
        String trip = trip(mine, "Skerry ring");
        change(trip, "plus", "shears", 0);
        send(mine, trip + "/brief", with(with(brief("Skerry ring"), "version", "0"), "massLimit", "1400"));
        open(mine, trip + "/mat").andExpect(says("The brief has changed since this mat was laid out"));
        send(mine, trip + "/mat/rebalance", "version", Long.toString(mat(trip).version()));
        open(mine, trip + "/mat").andExpect(doesNotSay("The brief has changed"));
    }

    @Test
    void aLimitBelowWhatMustComeIsSaidPlainly() throws Exception {
        String[] tiny = with(with(brief("Featherweight"), "massLimit", "10"), "people[0].rescue", "AUTO_INJECTOR");
        String trip = String.valueOf(
                send(mine, "/trips/new", tiny).andReturn().getResponse().getRedirectedUrl());
        open(mine, trip.replace("/odds", "/mat"))
                .andExpect(status().isOk())
                .andExpect(says("already: raise the limit"));
    }

    @Test
    void aSavedKitReloadsTheSameAndItsCsvAddsUp() throws Exception {
        String trip = trip(mine, "Skerry ring");
        Map<String, Integer> onMat = mat(trip).pieces();
        send(mine, trip + "/kit", "name", "Lead boat dry box");
        StoredList kit = lists.all(mine.householdId()).getFirst();
        assertThat(kit.pieces()).isEqualTo(onMat);
        assertThat(lists.find(mine.householdId(), kit.id())).isEqualTo(kit);
        open(mine, trip + "/kit").andExpect(says("Lead boat dry box"));
        open(mine, "/lists/" + kit.id() + "/contents").andExpect(says("Not medical advice"));
        String csv = open(mine, "/lists/" + kit.id() + "/contents.csv")
                .andExpect(content().contentType("text/csv;charset=UTF-8"))
                .andReturn()
                .getResponse()
                .getContentAsString();
        List<CSVRecord> lines = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .get()
                .parse(new StringReader(csv))
                .getRecords();
        assertThat(lines.stream()
                        .collect(Collectors.toMap(l -> l.get("supply_id"), l -> Integer.valueOf(l.get("pieces")))))
                .isEqualTo(onMat);
        assertThat(lines.stream()
                        .mapToDouble(l -> Double.parseDouble(l.get("grams")))
                        .sum())
                .isCloseTo(kit.mass().grams(), org.assertj.core.api.Assertions.within(1e-9));
    }

    @Test
    void aKitNeedsANameAndSaysSo() throws Exception {
        String trip = trip(mine, "Skerry ring");
        send(mine, trip + "/kit", "name", " ")
                .andExpect(status().isUnprocessableContent())
                .andExpect(
                        content()
                                .string(
                                        containsString(
                                                "A kit&#39;s name is one line of 1 to 80 characters; nothing was given. Give it one.")));
        send(mine, trip + "/kit", "name", "x".repeat(5000)).andExpect(status().isUnprocessableContent());
        assertThat(lists.all(mine.householdId())).isEmpty();
    }

    @Test
    void anotherHouseholdNeitherSeesNorChangesMatOrKit() throws Exception {
        String trip = trip(mine, "Private plans");
        send(mine, trip + "/kit", "name", "Private box");
        Map<String, Integer> onMat = mat(trip).pieces();
        UUID kit = lists.all(mine.householdId()).getFirst().id();
        for (String page : new String[] {"", "/contents", "/contents.csv"}) {
            open(others, "/lists/" + kit + page)
                    .andExpect(status().isNotFound())
                    .andExpect(doesNotSay("Private box"));
        }
        send(others, "/lists/" + kit + "/delete").andExpect(status().isNotFound());
        send(others, trip + "/kit", "name", "Mine now").andExpect(status().isNotFound());
        for (String change : new String[] {"plus", "minus", "pin", "ban"}) {
            send(others, trip + "/mat/" + change, "supply", "shears", "version", "0")
                    .andExpect(status().isNotFound());
        }
        send(others, trip + "/mat/rebalance", "version", "0").andExpect(status().isNotFound());
        assertThat(mat(trip).pieces()).isEqualTo(onMat);
        assertThat(lists.find(mine.householdId(), kit).name()).isEqualTo("Private box");
    }

    @Test
    void aKitOutlivesItsTrip() throws Exception {
        String trip = trip(mine, "Cancelled");
        send(mine, trip + "/kit", "name", "Deck pouch");
        send(mine, trip + "/delete");
        StoredList kit = lists.all(mine.householdId()).getFirst();
        assertThat(kit.tripId()).isEmpty();
        // The address of the first house leads to the list.
        open(mine, "/kits/" + kit.id()).andExpect(redirectedUrl("/lists/" + kit.id()));
        open(mine, "/lists/" + kit.id()).andExpect(status().isOk()).andExpect(says("Deck pouch"));
    }
}
