package hodeon.app.journal;

import static hodeon.app.PageText.doesNotSay;
import static hodeon.app.PageText.says;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.flash;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import hodeon.app.WebTest;
import hodeon.app.evidence.HouseholdEvidence;
import java.time.LocalDate;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

class LogPageTest extends WebTest {

    @Autowired
    UseLog log;

    @Autowired
    HouseholdEvidence knowledge;

    private static UUID id(String trip) {
        return UUID.fromString(trip.replace("/trips/", ""));
    }

    private double blisterRate() {
        return knowledge
                .of(mine.householdId())
                .catalogue()
                .problem("blister")
                .orElseThrow()
                .rate()
                .perThousandPersonDays();
    }

    @Test
    void aCompleteLogMovesTheOddsAndCanBeTakenBack() throws Exception {
        String trip = trip(
                mine,
                brief(
                        "Skerry ring",
                        LocalDate.now().minusDays(9),
                        LocalDate.now().minusDays(7)));
        String on = LocalDate.now().minusDays(8).toString();
        send(mine, trip + "/log", "on", on, "problem", "Blister", "times", "2", "note", "both heels")
                .andExpect(status().is3xxRedirection());
        open(mine, trip + "/log").andExpect(says("both heels"));
        assertThat(blisterRate()).isCloseTo(7.4, within(1e-9));
        send(mine, trip + "/log/learn", "learn", "true");
        assertThat(blisterRate()).isGreaterThan(7.6);
        open(mine, trip + "/odds?why=blister")
                .andExpect(says("Your own log, 2 events in"))
                .andExpect(says("moved it from 7.4"));
        send(mine, trip + "/log/learn", "learn", "false");
        assertThat(blisterRate()).isCloseTo(7.4, within(1e-9));
        assertThat(knowledge.of(others.householdId()).learning().byProblem()).isEmpty();
    }

    @Test
    void aTableIsAddedWholeOrNotAtAll() throws Exception {
        String trip = trip(mine, "Skerry ring");
        send(
                mine,
                trip + "/log/import",
                "text",
                "date,problem,times,note\n2027-06-12,hot-spot,2,\"left, heel\"\n2027-06-14,Graze\n");
        assertThat(log.of(mine.householdId(), id(trip))).hasSize(2);
        send(mine, trip + "/log/import", "text", "2027-06-12,blister,1\n2029-01-01,blister\n2027-06-13,alien,many")
                .andExpect(status().isUnprocessableContent())
                .andExpect(says("Line 2: the date is a day of the outing, 2027-06-12 to 2027-06-14"))
                .andExpect(says("“alien” was given"))
                .andExpect(says("“many” was given"));
        send(mine, trip + "/log/import", "text", "2027-06-12,\"blister").andExpect(status().isUnprocessableContent());
        assertThat(log.of(mine.householdId(), id(trip))).hasSize(2);
    }

    @Test
    void anotherHouseholdNeitherReadsNorChangesIt() throws Exception {
        String trip = trip(mine, "Skerry ring");
        send(mine, trip + "/log", "on", "2027-06-13", "problem", "blister", "note", "secret heel");
        open(others, trip + "/log").andExpect(status().isNotFound()).andExpect(doesNotSay("secret heel"));
        send(others, trip + "/log", "on", "2027-06-13", "problem", "blister").andExpect(status().isNotFound());
        send(others, trip + "/log/learn", "learn", "true").andExpect(status().isNotFound());
        UUID entry = log.of(mine.householdId(), id(trip)).getFirst().id();
        send(others, trip + "/log/" + entry + "/remove").andExpect(status().isNotFound());
        assertThat(log.of(mine.householdId(), id(trip))).hasSize(1);
        send(mine, trip + "/log/" + entry + "/remove").andExpect(status().is3xxRedirection());
        assertThat(log.of(mine.householdId(), id(trip))).isEmpty();
    }

    /** A log is asked about before its trip has begun, and teaches nothing before the trip is over. */
    @Test
    void whatHasNotHappenedTeachesNothing() throws Exception {
        String trip = trip(mine, "Skerry ring");
        send(mine, trip + "/log", "on", "2027-06-13", "problem", "Blister", "times", "9");
        send(mine, trip + "/log/learn", "learn", "true").andExpect(flash().attribute("ask", "2027-06-12"));
        assertThat(log.learnsFrom(mine.householdId(), id(trip))).isFalse();
        send(mine, trip + "/log/learn", "learn", "true", "sure", "yes");
        assertThat(log.learnsFrom(mine.householdId(), id(trip))).isTrue();
        assertThat(blisterRate()).isCloseTo(7.4, within(1e-9));
    }
}
