package hodeon.app.bin;

import static hodeon.app.PageText.doesNotSay;
import static hodeon.app.PageText.says;
import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.flash;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import hodeon.app.WebTest;
import hodeon.app.journal.UseLog;
import hodeon.app.kits.list.ListService;
import hodeon.app.people.PeopleService;
import java.time.LocalDateTime;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;

/** What is deleted can be brought back as it was, for thirty days. */
class BinPageTest extends WebTest {

    @Autowired
    Bin bin;

    @Autowired
    ListService lists;

    @Autowired
    UseLog log;

    @Autowired
    PeopleService people;

    @Autowired
    JdbcTemplate database;

    @Test
    void aTripComesBackWithItsMatItsLogAndItsKit() throws Exception {
        String trip = trip(mine, "Skerry ring");
        UUID id = UUID.fromString(trip.replace("/trips/", ""));
        send(mine, trip + "/mat/minus", "supply", "shears", "version", "0");
        send(mine, trip + "/log", "on", "2027-06-13", "problem", "blister", "note", "both heels");
        send(mine, trip + "/log/learn", "learn", "true", "sure", "yes");
        UUID kit = lists.save(mine.householdId(), id, "Dry box", Map.of("shears", 1));
        send(mine, trip + "/delete").andExpect(flash().attributeExists("binned"));
        open(mine, trip + "/mat").andExpect(status().isNotFound());
        open(mine, "/").andExpect(doesNotSay("Skerry ring"));
        assertThat(lists.find(mine.householdId(), kit).tripId()).isEmpty();
        open(mine, "/bin").andExpect(says("Skerry ring"));
        open(others, "/bin").andExpect(doesNotSay("Skerry ring"));
        send(others, "/bin/TRIP/back", "id", id.toString()).andExpect(status().isNotFound());
        send(mine, "/bin/TRIP/back", "id", id.toString()).andExpect(status().is3xxRedirection());
        open(mine, trip + "/mat").andExpect(status().isOk());
        assertThat(log.of(mine.householdId(), id))
                .singleElement()
                .satisfies(k -> assertThat(k.line().note()).isEqualTo("both heels"));
        assertThat(lists.find(mine.householdId(), kit).tripId()).contains(id);
    }

    @Test
    void aKitAnOwnSupplyAndAnOwnMedicineComeBack() throws Exception {
        UUID kit = lists.save(mine.householdId(), "Tin", Map.of("shears", 1));
        send(mine, "/lists/" + kit + "/delete");
        open(mine, "/lists/" + kit).andExpect(status().isNotFound());
        send(mine, "/bin/LIST/back", "id", kit.toString());
        open(mine, "/lists/" + kit).andExpect(status().isOk());

        String own =
                "[tin-opener]\nname = Tin opener\ngroup = tools\nform = tool\npiece = opener\nmass = 30\nvolume = 20\n"
                        + "durable = yes\nserves = cut-away improvised\nprice = small\npack = 1\n";
        send(mine, "/supplies", "text", own);
        send(mine, "/supplies/tin-opener/drop");
        open(mine, "/supplies").andExpect(doesNotSay("Tin opener"));
        send(mine, "/bin/SUPPLY/back", "id", "tin-opener");
        open(mine, "/supplies").andExpect(says("Tin opener"));
        // Described anew while the old one lies in the bin, the new one stands.
        send(mine, "/supplies/tin-opener/drop");
        send(mine, "/supplies", "text", own.replace("Tin opener", "Better opener"));
        open(mine, "/supplies").andExpect(says("Better opener"));

        send(
                mine,
                "/medicines",
                "name",
                "Ours",
                "ingredient",
                "ibuprofen",
                "form",
                "TABLET",
                "strength",
                "200",
                "step",
                "1",
                "perPiece",
                "1",
                "bands",
                "age 18y- dose 200 every 8h times 2 most 400");
        String medicine = String.valueOf(database.queryForObject(
                "select id from own_medicine where household_id = ?", UUID.class, mine.householdId()));
        send(mine, "/medicines/" + medicine + "/remove");
        assertThat(bin.of(mine.householdId())).extracting(Bin.Thing::name).contains("Ours");
        send(mine, "/bin/MEDICINE/back", "id", medicine);
        open(mine, "/medicines").andExpect(says("Ours"));
        send(mine, "/medicines/" + medicine + "/remove");
        send(mine, "/bin/MEDICINE/empty", "id", medicine);
        assertThat(bin.of(mine.householdId())).extracting(Bin.Thing::name).doesNotContain("Ours");
    }

    @Test
    void afterThirtyDaysItIsGone() throws Exception {
        String trip = trip(mine, "Old walk");
        send(mine, trip + "/delete");
        database.update(
                "update trip set deleted_at = ? where household_id = ?",
                LocalDateTime.now().minusDays(31),
                mine.householdId());
        assertThat(bin.of(mine.householdId())).isEmpty();
    }

    /** Erasing somebody takes them out of what lies in the bin, and nothing else with them. */
    @Test
    void whoeverWasErasedIsErasedFromTheBinToo() throws Exception {
        String trip = trip(mine, "Low tide walk");
        UUID id = UUID.fromString(trip.replace("/trips/", ""));
        send(mine, trip + "/delete");
        String person =
                String.valueOf(send(mine, "/people/new", "name", "Ottilie Brandt", "years", "36", "kilograms", "70")
                        .andReturn()
                        .getResponse()
                        .getRedirectedUrl());
        send(mine, person + "/erase", "name", "Ottilie Brandt");
        send(mine, "/bin/TRIP/back", "id", id.toString());
        open(mine, trip + "/brief")
                .andExpect(status().isOk())
                .andExpect(says("Somebody 1"))
                .andExpect(doesNotSay("Ottilie Brandt"));
    }

    /** Half a brief is worth more than a preset: it is asked before another start takes its place. */
    @Test
    void aPresetNeverWipesAHalfTypedBrief() throws Exception {
        send(mine, "/trips/new", with(with(brief("Half typed"), "hoursToCare", ""), "do", "draft"));
        for (String other : new String[] {"/trips/new?preset=CITY", "/trips/new"}) {
            open(mine, other).andExpect(content().string(containsString("value=\"Half typed\"")));
        }
        String trip = trip(others, "Seal count");
        send(others, "/trips/new", with(brief("Half typed too"), "do", "draft"));
        open(others, "/trips/new?like=" + trip.replace("/trips/", ""))
                .andExpect(says("typed and did not save"))
                .andExpect(content().string(containsString("value=\"Half typed too\"")));
        open(others, "/trips/new?sure=yes&like=" + trip.replace("/trips/", "")).andExpect(doesNotSay("Half typed too"));
    }
}
