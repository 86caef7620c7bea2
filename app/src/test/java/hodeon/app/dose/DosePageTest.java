package hodeon.app.dose;

import static hodeon.app.PageText.doesNotSay;
import static hodeon.app.PageText.says;
import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import hodeon.app.WebTest;
import hodeon.app.people.PeopleService;
import jakarta.servlet.http.Cookie;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.Stream;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Element;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.ResultActions;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

class DosePageTest extends WebTest {

    private static final ZoneId OSLO = ZoneId.of("Europe/Oslo");

    @Autowired
    PeopleService people;

    @Autowired
    DoseBook book;

    private UUID person(String... more) throws Exception {
        String[] form = {"name", "Sef", "born", "1986-03-09", "kilograms", "77", "training", "BASIC"};
        for (int i = 0; i < more.length; i += 2) {
            form = with(form, more[i], more[i + 1]);
        }
        String to = send(mine, "/people/new", form).andReturn().getResponse().getRedirectedUrl();
        return UUID.fromString(String.valueOf(to).replace("/people/", ""));
    }

    private ResultActions note(UUID person, String product, String units, int hoursAgo, String... more)
            throws Exception {
        String[] form = {
            "product",
            product,
            "units",
            units,
            "zone",
            "Europe/Oslo",
            "at",
            LocalDateTime.now(OSLO)
                    .minusHours(hoursAgo)
                    .truncatedTo(ChronoUnit.MINUTES)
                    .toString()
        };
        for (int i = 0; i < more.length; i += 2) {
            form = with(form, more[i], more[i + 1]);
        }
        return send(mine, "/people/" + person + "/clock", form);
    }

    @Test
    void theSheetSaysHowMuchHowOftenAndWhyNot() throws Exception {
        UUID jonas = person("conditions", "BLOOD_THINNER");
        open(mine, "/people/" + jonas + "/doses?q=tablets")
                .andExpect(says(
                        "1 to 2 tablets",
                        "at least 4 h apart; at most 4 times and 8 tablets in 24 h; ask after 3 days",
                        "4000 mg in 24 h ÷ 77 kg = 52 mg a kg; never more than 75 mg.",
                        "Not said: Not for Sef: takes a blood thinner."));
        open(others, "/people/" + jonas + "/doses").andExpect(status().isNotFound());
        open(mine, "/people/" + jonas + "/clock?product=ibuprofen-200")
                .andExpect(content()
                        .string(allOf(
                                containsString("Next: not said for them, ask first"),
                                not(containsString("Next: now")))));
    }

    /** A device goes on with what the page says: the same medicines, nothing that is somebody else's, and nobody's name. */
    @Test
    void everythingThatWasHadIsAnsweredForAndTheDeviceIsGivenWhatItNeeds() throws Exception {
        UUID sef = person();
        note(sef, "paracetamol-500", "2", 1);
        Element list = Jsoup.parse(
                        open(mine, "/doses").andReturn().getResponse().getContentAsString())
                .expectFirst(".may-list");
        assertThat(list.select("[data-product=paracetamol-500]").text()).contains("Not yet: from");
        JsonNode book = new JsonMapper().readTree(list.attr("data-book"));
        assertThat(book.at("/noted/0/holds/paracetamol/micrograms").asLong()).isEqualTo(1_000_000);
        assertThat(book.at("/products/0/itself/apart").asLong()).isEqualTo(4 * 3_600_000);
        assertThat(book.at("/until").asLong() - book.at("/from").asLong()).isBetween(1L, 24 * 3_600_000L);
        assertThat(list.attr("data-book")).doesNotContain("Sef");
    }

    @Test
    void theClockCountsOverAllProductsAndStopsTheOneTooMany() throws Exception {
        UUID sef = person();
        note(sef, "cold-tablet", "2", 9).andExpect(redirectedUrl("/people/" + sef + "/clock"));
        note(sef, "paracetamol-500", "2", 1).andExpect(redirectedUrl("/people/" + sef + "/clock"));
        open(mine, "/people/" + sef + "/clock")
                .andExpect(
                        says("In the last 24 h 2000 mg; room for 2000 mg", "2 tablets of Paracetamol 500 mg tablets"));
        note(sef, "paracetamol-dissolving-500", "2", 0)
                .andExpect(status().isUnprocessableContent())
                .andExpect(says("Stopped: nothing was noted", "Paracetamol: less than 4 h after the dose of "));
        note(sef, "paracetamol-500", "3", 0, "override", "true")
                .andExpect(says("Why it is given all the same has 1 to 300 characters"));
        assertThat(book.of(mine.householdId(), sef, OSLO).kept()).hasSize(2);
        note(sef, "paracetamol-500", "3", 0, "override", "true", "why", "the practice said so by radio")
                .andExpect(redirectedUrl("/people/" + sef + "/clock"));
        open(mine, "/people/" + sef + "/clock")
                .andExpect(
                        says(
                                "the practice said so by radio (although: More than 2 tablets at once. Paracetamol: less than 8 h"));
        open(mine, "/people/" + sef + "/data.json")
                .andExpect(says("3 tablets of Paracetamol 500 mg tablets", "2 tablets of Cold-relief tablets"));
        open(mine, "/doses").andExpect(says("In the last 24 h 3500 mg"));
        open(others, "/doses").andExpect(doesNotSay("3500"));
    }

    @Test
    void whatWasNotedByMistakeIsStruckOutAndNoLongerCounts() throws Exception {
        UUID sef = person();
        note(sef, "ibuprofen-200", "2", 1);
        UUID dose = book.of(mine.householdId(), sef, OSLO).kept().getFirst().id();
        send(others, "/people/" + sef + "/clock/" + dose + "/strike").andExpect(status().isNotFound());
        send(mine, "/people/" + sef + "/clock/" + dose + "/strike");
        open(mine, "/people/" + sef + "/clock")
                .andExpect(content()
                        .string(allOf(
                                containsString("struck out by " + mine.getUsername()),
                                containsString("Nothing in the last 24 h."))));
        note(sef, "ibuprofen-200", "2", 0).andExpect(redirectedUrl("/people/" + sef + "/clock"));
    }

    @Test
    void whatTheLabelDoesNotCoverIsStoppedTooAndBadInputIsToldAtOnce() throws Exception {
        UUID baby =
                person("born", LocalDateTime.now().minusMonths(2).toLocalDate().toString(), "kilograms", "5");
        note(baby, "paracetamol-syrup-120", "2.5", 0).andExpect(says("made for 3 months and over"));
        send(mine, "/people/" + baby + "/clock", "product", "moonshine", "units", "two", "zone", "Mars", "at", "now")
                .andExpect(status().isUnprocessableContent())
                .andExpect(says("What was given is one of the list", "“two” was given", "“Mars” was given"));
        send(
                        mine,
                        "/people/" + baby + "/clock",
                        "product",
                        "ibuprofen-200",
                        "units",
                        "1",
                        "zone",
                        "Europe/Oslo",
                        "at",
                        "2099-01-01T10:00")
                .andExpect(says("within the last seven days"));
        send(others, "/people/" + baby + "/clock", "product", "ibuprofen-200").andExpect(status().isNotFound());
        assertThat(book.of(mine.householdId(), baby, OSLO).kept()).isEmpty();
    }

    @Test
    void mayItBeGivenNowHasOneAnswerOverAllItHolds() throws Exception {
        UUID sef = person();
        open(mine, "/people/" + sef + "/clock?product=cold-tablet").andExpect(says("Yes, now: up to 2 tablets."));
        note(sef, "paracetamol-500", "1", 1);
        open(mine, "/people/" + sef + "/clock?product=cold-tablet")
                .andExpect(content().string(allOf(containsString("Not yet: from "), not(containsString("Yes, now")))));
        UUID jonas = person("name", "Jonas", "conditions", "BLOOD_THINNER");
        open(mine, "/people/" + jonas + "/clock?product=ibuprofen-200")
                .andExpect(says("Not said for them: Not for Jonas: takes a blood thinner"));
    }

    @Test
    void whatWorksOnTheSpotHasAClockOfItsOwn() throws Exception {
        UUID sef = person();
        note(sef, "hydrocortisone-cream", "1", 3).andExpect(redirectedUrl("/people/" + sef + "/clock"));
        open(mine, "/people/" + sef + "/clock")
                .andExpect(content()
                        .string(allOf(
                                containsString("<h3>Hydrocortisone 1 % cream</h3>"),
                                containsString("In the last 24 h 1 application; room for 1 application"),
                                containsString("Next: 1 application of Hydrocortisone 1 % cream from "))));
        note(sef, "hydrocortisone-cream", "1", 0)
                .andExpect(says("Hydrocortisone 1 % cream: less than 12 h after the dose of "));
    }

    /** Two who give the same dose at the same moment: one is noted, the other is stopped. */
    @Test
    void twoAtOnceDoNotBothNoteTheSameDose() throws Exception {
        UUID sef = person();
        for (String product : List.of("paracetamol-500", "ibuprofen-200", "loratadine-10")) {
            CountDownLatch together = new CountDownLatch(1);
            try (ExecutorService two = Executors.newFixedThreadPool(2)) {
                List<Future<Integer>> answers = Stream.of(1, 2)
                        .map(n -> two.submit(() -> {
                            together.await();
                            return note(sef, product, "1", 0)
                                    .andReturn()
                                    .getResponse()
                                    .getStatus();
                        }))
                        .toList();
                together.countDown();
                assertThat(List.of(answers.get(0).get(), answers.get(1).get())).containsExactlyInAnyOrder(302, 422);
            }
        }
        assertThat(book.of(mine.householdId(), sef, OSLO).kept()).hasSize(3);
    }

    private static String line(int hoursAgo, String product, String units, String why) {
        return LocalDateTime.now(OSLO).minusHours(hoursAgo).truncatedTo(ChronoUnit.MINUTES) + ", " + product + ", "
                + units + ", " + why + "\n";
    }

    /** Several from a card are judged together: all of them are noted, or none and why. */
    @Test
    void severalFromACardAreAllNotedOrNone() throws Exception {
        UUID sef = person();
        String twoTooNear = line(9, "Paracetamol 500 mg tablets", "2", "") + line(7, "cold-sachet", "1", "");
        send(mine, "/people/" + sef + "/clock/several", "zone", "Europe/Oslo", "text", twoTooNear)
                .andExpect(status().isUnprocessableContent())
                .andExpect(says(
                        "Paracetamol: less than 4 h after the dose of", "None of them was noted", "cold-sachet, 1"));
        assertThat(book.of(mine.householdId(), sef, OSLO).kept()).isEmpty();
        send(mine, "/people/" + sef + "/clock/several", "zone", "Europe/Oslo", "text", "yesterday, brew, two")
                .andExpect(says(
                        "Line 1: the time is a day and a time",
                        "Line 1: what was given is one product of the list",
                        "Line 1: how much is a number"));
        String all =
                line(9, "Paracetamol 500 mg tablets", "2", "") + line(7, "cold-sachet", "1", "the practice by radio");
        send(mine, "/people/" + sef + "/clock/several", "zone", "Europe/Oslo", "text", all)
                .andExpect(redirectedUrl("/people/" + sef + "/clock"));
        assertThat(book.of(mine.householdId(), sef, OSLO).kept())
                .map(k -> k.noted().over())
                .satisfiesExactly(o -> assertThat(o).isEmpty(), o -> assertThat(o)
                        .startsWith("the practice by radio (although:"));
    }

    @Test
    void aDogHasNoDoseAndNothingOpensThat() throws Exception {
        UUID kelp = person("name", "Kelp", "dog", "true");
        open(mine, "/people/" + kelp + "/doses?q=paracetamol")
                .andExpect(says("Kelp is a dog: medicine for people poisons dogs"));
        note(kelp, "paracetamol-syrup-120", "1", 0, "override", "true", "why", "it barked")
                .andExpect(status().isUnprocessableContent())
                .andExpect(content()
                        .string(allOf(containsString("Nothing opens this"), not(containsString("name=\"override\"")))));
        assertThat(book.of(mine.householdId(), kelp, OSLO).kept()).isEmpty();
    }

    /** In the hour that comes twice the later moment is meant; every time names whose clock it is. */
    @Test
    void timesNameTheirZone() throws Exception {
        UUID sef = person();
        note(sef, "paracetamol-500", "2", 1).andExpect(redirectedUrl("/people/" + sef + "/clock"));
        web.perform(get("/people/" + sef + "/clock?product=paracetamol-500")
                        .cookie(new Cookie("zone", "Asia%2FKolkata"))
                        .with(user(mine)))
                .andExpect(content()
                        .string(allOf(
                                containsString("Times on the clock of Asia/Kolkata."),
                                containsString("value=\"Asia/Kolkata\""),
                                containsString(", Asia/Kolkata, in "),
                                containsString("(Europe/Oslo)"))));
        web.perform(get("/people/" + sef + "/clock")
                        .cookie(new Cookie("zone", "Moon/Crater"))
                        .with(user(mine)))
                .andExpect(content().string(containsString("Times on the clock of " + ZoneId.systemDefault())));
    }

    @Test
    void whatToAskFirstIsSaidWhereADoseIsLookedUp() throws Exception {
        UUID sef = person("conditions", "ASTHMA");
        open(mine, "/people/" + sef + "/clock?product=ibuprofen-200")
                .andExpect(says("Ask first", "brings on an attack"));
    }
}
