package hodeon.app.brief;

import static hodeon.app.PageText.doesNotSay;
import static hodeon.app.PageText.field;
import static hodeon.app.PageText.says;
import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.matchesPattern;
import static org.hamcrest.Matchers.not;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import hodeon.app.WebTest;
import java.time.LocalDate;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

class TripPageTest extends WebTest {

    @Autowired
    TripService trips;

    @Test
    void aSavedBriefComesBackAsTyped() throws Exception {
        String trip = trip(mine, "Skerry ring");
        open(mine, trip + "/brief")
                .andExpect(status().isOk())
                .andExpect(content()
                        .string(allOf(containsString("value=\"Skerry ring\""), containsString("value=\"900\""))));
    }

    @Test
    void badInputIsAnsweredWithEveryFaultAndNothingIsSaved() throws Exception {
        String[] bad = with(
                with(with(brief("Bad outing"), "legs[0].days", "-3"), "people[0].kilograms", "heavy"),
                "end",
                "2027-06-01");
        send(mine, "/trips/new", bad)
                .andExpect(status().isUnprocessableContent())
                .andExpect(content()
                        .string(allOf(
                                containsString("3 things to correct"),
                                containsString(
                                        "The number of days of leg 1 is a number from 0.5 to 60 days; “-3” was given"),
                                containsString("The body mass of person 1 is from 1 to 300 kg; “heavy” was given"),
                                containsString("The last day lies before the first day"),
                                containsString("value=\"heavy\""))));
        assertThat(trips.all(mine.householdId())).isEmpty();
    }

    @Test
    void tenThousandRowsAreRefusedInWords() throws Exception {
        send(mine, "/trips/new", with(brief("Crowd"), "people[9999].name", "Nobody"))
                .andExpect(status().isBadRequest())
                .andExpect(content().string(allOf(containsString("Too many rows"), not(containsString("Exception")))));
        assertThat(trips.all(mine.householdId())).isEmpty();
    }

    @Test
    void rowsAreAddedAndRemovedWithoutSaving() throws Exception {
        send(mine, "/trips/new", with(brief("Draft"), "do", "add-person"))
                .andExpect(content().string(containsString("name=\"people[1].name\"")));
        send(mine, "/trips/new", with(brief("Draft"), "do", "remove-person-0")).andExpect(doesNotSay("Ottilie"));
        assertThat(trips.all(mine.householdId())).isEmpty();
    }

    @Test
    void aKnownNameBringsWhatIsWrittenDownOfSomebody() throws Exception {
        send(
                mine,
                "/people/new",
                "name",
                "Beck Halla",
                "born",
                LocalDate.now().minusYears(9).minusDays(40).toString(),
                "kilograms",
                "29",
                "weighedOn",
                LocalDate.now().toString(),
                "training",
                "UNTRAINED");
        String[] typed = with(
                with(with(brief("Draft"), "people[0].name", "beck halla"), "people[0].years", ""),
                "people[0].kilograms",
                "");
        send(mine, "/trips/new", with(typed, "do", "know"))
                .andExpect(field("people[0].name", "Beck Halla"))
                .andExpect(field("people[0].kilograms", "29"));
        send(mine, "/trips/new", typed).andExpect(status().is3xxRedirection());
    }

    @Test
    void twoTabsGetAClearChoiceAndNothingIsSilentlyLost() throws Exception {
        String trip = trip(mine, "Skerry ring");
        send(mine, trip + "/brief", with(with(brief("First tab"), "version", "0"), "massLimit", "1200"))
                .andExpect(redirectedUrl(trip + "/odds"));
        send(mine, trip + "/brief", with(with(brief("Second tab"), "version", "0"), "massLimit", "700"))
                .andExpect(status().isConflict())
                .andExpect(content()
                        .string(allOf(
                                containsString("saved elsewhere while you had it open"),
                                matchesPattern("(?s).*<td>First tab</td>\\s*<td>Second tab</td>.*"),
                                matchesPattern("(?s).*<td>1200</td>\\s*<td>700</td>.*"),
                                containsString("Save mine over it"))));
        UUID id = UUID.fromString(trip.replace("/trips/", ""));
        assertThat(trips.find(mine.householdId(), id).trip().name()).isEqualTo("First tab");
        send(mine, trip + "/brief", with(with(brief("Second tab"), "version", "1"), "massLimit", "700"));
        assertThat(trips.find(mine.householdId(), id).trip().name()).isEqualTo("Second tab");
    }

    @Test
    void ofManySavesOfOneVersionExactlyOneWins() throws Exception {
        String trip = trip(mine, "Race");
        try (var threads = Executors.newFixedThreadPool(8)) {
            var saves = IntStream.range(0, 8)
                    .<Callable<Integer>>mapToObj(
                            i -> () -> send(mine, trip + "/brief", with(brief("Racer " + i), "version", "0"))
                                    .andReturn()
                                    .getResponse()
                                    .getStatus())
                    .toList();
            var statuses = threads.invokeAll(saves).stream()
                    .map(TripPageTest::result)
                    .sorted()
                    .toList();
            assertThat(statuses).containsExactly(302, 409, 409, 409, 409, 409, 409, 409);
        }
    }

    private static int result(Future<Integer> future) {
        try {
            return future.get();
        } catch (Exception e) {
            throw new AssertionError(e);
        }
    }

    @Test
    void anotherHouseholdNeitherSeesNorChangesNorDeletesIt() throws Exception {
        String trip = trip(mine, "Private plans");
        for (String page : new String[] {"/brief", "/odds", "/mat", "/kit"}) {
            open(others, trip + page).andExpect(status().isNotFound()).andExpect(doesNotSay("Private plans"));
        }
        send(others, trip + "/brief", with(brief("Taken over"), "version", "0")).andExpect(status().isNotFound());
        send(others, trip + "/delete").andExpect(status().isNotFound());
        open(others, "/trips/new?like=" + trip.replace("/trips/", "")).andExpect(status().isNotFound());
        open(mine, trip + "/brief").andExpect(says("Private plans"));
    }

    @Test
    void unknownAddressesGetAPageInWords() throws Exception {
        for (String address :
                new String[] {"/trips/" + UUID.randomUUID() + "/brief", "/trips/none/brief", "/nowhere", "/kits/17"}) {
            open(mine, address)
                    .andExpect(status().isNotFound())
                    .andExpect(content()
                            .string(allOf(
                                    containsString("leads to nothing of yours"), not(containsString("Exception")))));
        }
    }

    @Test
    void aFormWithoutItsTokenIsRefused() throws Exception {
        web.perform(post("/trips/new").with(user(mine))).andExpect(status().isForbidden());
    }

    @Test
    void aDeletedTripIsGone() throws Exception {
        String trip = trip(mine, "Cancelled");
        send(mine, trip + "/delete").andExpect(redirectedUrl("/"));
        open(mine, trip + "/brief").andExpect(status().isNotFound());
    }
}
