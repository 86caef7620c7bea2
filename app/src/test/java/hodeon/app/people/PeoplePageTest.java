package hodeon.app.people;

import static hodeon.app.PageText.says;
import static hodeon.app.PageText.sent;
import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;

/** The form about one person, and the page of all. */
class PeoplePageTest extends PeopleTest {

    @Test
    void somebodyIsWrittenDownOnceAndForTheHouseholdAlone() throws Exception {
        UUID id = beck();
        open(mine, "/people/" + id)
                .andExpect(content()
                        .string(allOf(
                                containsString("value=\"Hollowpine pocket\""),
                                containsString("value=\"08:00 20:00\""),
                                containsString("Afraid of Thunderspoons."))));
        open(mine, "/people").andExpect(says("reliever inhaler: Hollowpine pocket"));
        send(mine, "/people/new", BECK)
                .andExpect(status().isUnprocessableContent())
                .andExpect(says("Every person has a name of their own"));
        open(others, "/people").andExpect(content().string(not(containsString(NAME))));
        for (String page : List.of("", "/data.json", "/doses", "/clock")) {
            open(others, "/people/" + id + page).andExpect(status().isNotFound());
        }
        send(others, "/people/" + id, BECK).andExpect(status().isNotFound());
        send(others, "/people/" + id + "/erase", "name", NAME).andExpect(status().isNotFound());
    }

    /** A browser sends every field, most of them empty. */
    @Test
    void aPageThatNobodyTouchedIsTakenAsItStands() throws Exception {
        UUID id = beck();
        Profile kept = people.find(mine.householdId(), id).profile();
        String form = "form[action=/people/" + id + "]";
        send(mine, "/people/" + id, sent(open(mine, "/people/" + id).andReturn(), form))
                .andExpect(redirectedUrl("/people/" + id));
        assertThat(people.find(mine.householdId(), id).profile()).isEqualTo(kept);

        String[] blank = sent(open(mine, "/people/new").andReturn(), "form[action=/people/new]");
        assertThat(blank).contains("regular[0].product", "direction[0].ingredient", "contact[0].name");
        send(mine, "/people/new", with(with(blank, "name", "Sorrel"), "years", "9"))
                .andExpect(status().is3xxRedirection());
    }

    @Test
    void whoLookedIsKeptAndEverythingCanBeTakenOut() throws Exception {
        UUID id = beck();
        open(mine, "/people/" + id);
        assertThat(people.views(mine.householdId(), id, 10))
                .map(v -> v.by() + " " + v.what())
                .containsExactly(mine.getUsername() + " page");
        open(mine, "/people/" + id + "/data.json")
                .andExpect(says("Zephyrine Oldbank", "the harbour practice", "\"export\""));
    }

    @Test
    void everyFaultIsToldAndNothingTypedIsLost() throws Exception {
        String[] typed = with(
                with(
                        with(
                                with(
                                        with(with(BECK, "born", "9 March"), "kilograms", "400"),
                                        "regular[0].times",
                                        "noon"),
                                "direction[0].day",
                                "100"),
                        "contact[0].phone",
                        ""),
                "conditions",
                "BRAVE");
        send(mine, "/people/new", typed)
                .andExpect(status().isUnprocessableContent())
                .andExpect(content()
                        .string(allOf(
                                containsString("is a day from 19"),
                                containsString("The body mass is from 0.5 to 300 kg"),
                                containsString("“noon” was given"),
                                containsString("The most in 24 h is at least the most at once"),
                                containsString("A telephone number has 1 to 80 characters"),
                                containsString("is one of the choices on the list"),
                                containsString("value=\"noon\""),
                                containsString("Afraid of Thunderspoons."))));
        assertThat(people.all(mine.householdId())).isEmpty();
    }

    /** A baby's months, what exactly they react to, and a direction with all that it was written with. */
    @Test
    void everythingThatDosesHangOnComesBackAsItWasTyped() throws Exception {
        String[] tam = {
            "name", "Tam Halla",
            "years", "18 m",
            "kilograms", "10.5",
            "weighedOn", "2026-10-02",
            "reactsTo", "Tylenoid, salbutamol",
            "conditions", "G6PD",
            "conditions", "EPILEPSY",
            "direction[0].ingredient", "ibuprofen",
            "direction[0].form", "SYRUP",
            "direction[0].perKilogram", "5",
            "direction[0].perKilogramADay", "20",
            "direction[0].most", "50",
            "direction[0].hours", "7.5",
            "direction[0].day", "200",
            "direction[0].from", "13 m",
            "direction[0].to", "3",
            "direction[0].ceilings", "watched on the ward",
            "direction[0].by", "the harbour practice",
            "direction[0].on", "2026-10-02"
        };
        String to = String.valueOf(
                send(mine, "/people/new", tam).andReturn().getResponse().getRedirectedUrl());
        String page = open(mine, to).andReturn().getResponse().getContentAsString();
        assertThat(page)
                .contains(
                        "value=\"18 m\"",
                        "Tylenoid",
                        "salbutamol",
                        "value=\"7.5\"",
                        "value=\"20\"",
                        "value=\"13 m\"",
                        "value=\"3\"",
                        "watched on the ward")
                .containsPattern("value=\"SYRUP\"[^>]*selected")
                .containsPattern("value=\"G6PD[A-Z_]*\"[^>]*checked")
                .containsPattern("value=\"EPILEPSY\"[^>]*checked");
        send(mine, "/people/new", with(with(tam, "name", "Tem"), "direction[0].to", "6 m"))
                .andExpect(says("lies above the one from which it does"));
        send(mine, "/people/new", with(with(tam, "name", "Tem"), "years", "18 weeks"))
                .andExpect(says("or in months like “18 m”"));
        assertThat(people.all(mine.householdId())).hasSize(1);
    }

    @Test
    void twoWhoChangeOnePersonAreToldAndNothingIsLost() throws Exception {
        UUID id = beck();
        send(mine, "/people/" + id, with(with(BECK, "version", "0"), "kilograms", "30"))
                .andExpect(redirectedUrl("/people/" + id));
        send(mine, "/people/" + id, with(with(BECK, "version", "0"), "kilograms", "31"))
                .andExpect(status().isConflict())
                .andExpect(content()
                        .string(allOf(containsString("Somebody else has changed"), containsString("value=\"31\""))));
        assertThat(people.find(mine.householdId(), id).profile().kilograms()).hasToString("30");
    }
}
