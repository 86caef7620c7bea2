package hodeon.app.history;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.flash;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import hodeon.app.WebTest;
import hodeon.app.household.Member;
import hodeon.app.household.Role;
import java.util.List;
import java.util.UUID;
import org.hamcrest.Matchers;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Element;
import org.junit.jupiter.api.Test;

/** Who changed what, and the way back. */
class HistoryPageTest extends WebTest {

    private List<Element> changes(Member member, String thing) throws Exception {
        return Jsoup.parse(open(member, "/settings/history?thing=" + thing)
                        .andReturn()
                        .getResponse()
                        .getContentAsString())
                .select("tbody tr");
    }

    private void undo(Member member, Element change) throws Exception {
        send(member, change.select("form").attr("action")).andExpect(flash().attribute("faults", Matchers.empty()));
    }

    private static String id(String address) {
        return address.replaceAll(".*/(?:trips|people|kits|lists)/([0-9a-f-]{36}).*", "$1");
    }

    private void save(Member member, String trip, String[] form) throws Exception {
        send(member, "/trips/" + trip + "/brief", with(form, "version", briefField(trip, "version")))
                .andExpect(status().is3xxRedirection());
    }

    private String briefField(String trip, String field) throws Exception {
        return Jsoup.parse(open(mine, "/trips/" + trip + "/brief")
                        .andReturn()
                        .getResponse()
                        .getContentAsString())
                .select("[name=" + field + "]")
                .val();
    }

    @Test
    void anOutingGoesBackToHowItWasWithItsLegsAndPeople() throws Exception {
        String trip = id(trip(mine, "Reed channels"));
        UUID second = households.createAccount("second" + UUID.randomUUID(), "four plain words here");
        households.join(second, mine.householdId(), Role.MEMBER);
        Member member = households.member(second, mine.householdId()).orElseThrow();
        String[] other = with(with(brief("Reed channels"), "hoursToCare", "9"), "massLimit", "1200");
        save(member, trip, with(other, "people[0].name", "Sef Marchetti-Vos"));

        Element change = changes(mine, trip).getFirst();
        assertThat(change.text())
                .contains(member.getUsername() + " changed the outing Reed channels")
                .contains("hours to care: 5 became 9")
                .contains("most it may weigh: 900 g became 1,200 g")
                .contains("1 person of 1 changed");
        assertThat(changes(mine, trip).getLast().text()).contains(mine.getUsername() + " made the outing");

        undo(mine, change);
        assertThat(briefField(trip, "hoursToCare")).isEqualTo("5");
        assertThat(briefField(trip, "massLimit")).isEqualTo("900");
        assertThat(open(mine, "/trips/" + trip + "/brief")
                        .andReturn()
                        .getResponse()
                        .getContentAsString())
                .contains("Ottilie Brandt")
                .doesNotContain("Sef Marchetti-Vos");
        assertThat(changes(mine, trip).getFirst().text()).contains("hours to care: 9 became 5");
    }

    /** Only the last change of a thing goes back; nobody else's household has any of it. */
    @Test
    void whatCameLaterIsUndoneFirst() throws Exception {
        String trip = id(trip(mine, "Heron lagoon"));
        save(mine, trip, with(brief("Heron lagoon"), "hoursToCare", "7"));
        String early = changes(mine, trip).getFirst().select("form").attr("action");
        save(mine, trip, with(brief("Heron lagoon"), "hoursToCare", "8"));
        assertThat(changes(mine, trip).get(1).select("form")).isEmpty();
        send(mine, early).andExpect(flash().attribute("faults", Matchers.hasSize(1)));
        assertThat(briefField(trip, "hoursToCare")).isEqualTo("8");
        send(others, early).andExpect(status().isNotFound());
        assertThat(changes(others, trip)).isEmpty();
    }

    @Test
    void aSettingGoesBackAlsoToNeverHavingBeenSaid() throws Exception {
        send(
                mine,
                "/settings/style",
                "mass",
                "OUNCES",
                "volume",
                "MILLILITRES",
                "temperature",
                "CELSIUS",
                "dates",
                "ISO",
                "weekBegins",
                "MONDAY",
                "paper",
                "A4");
        send(mine, "/stock/rules", "margin", "20", "grace", "0", "currency", "EUR");
        List<Element> changes = changes(mine, "");
        assertThat(changes.get(0).text()).contains("Money, margin and grace", "margin days: 14 became 20");
        assertThat(changes.get(1).text()).contains("made the setting Units and dates");
        undo(mine, changes.get(1));
        assertThat(open(mine, "/settings/style").andReturn().getResponse().getContentAsString())
                .doesNotContain("value=\"OUNCES\" selected");
        undo(
                mine,
                changes(mine, "").stream()
                        .filter(c -> c.text().contains("became 20"))
                        .findFirst()
                        .orElseThrow());
        assertThat(Jsoup.parse(open(mine, "/stock/rules")
                                .andReturn()
                                .getResponse()
                                .getContentAsString())
                        .select("#margin")
                        .val())
                .isEqualTo("14");
    }

    /** Of a person it is told which fields were changed, never what they say; who is erased leaves no history anywhere. */
    @Test
    void aPersonsHistoryTellsFieldsAndGoesWithThem() throws Exception {
        String[] form = {"name", "Priya Anand-Holt", "years", "41", "kilograms", "68"};
        String person = id(String.valueOf(
                send(mine, "/people/new", form).andReturn().getResponse().getRedirectedUrl()));
        send(mine, "/people/" + person, with(with(form, "kilograms", "63"), "version", "0"));
        Element change = changes(mine, person).getFirst();
        assertThat(change.text()).contains("changed the person Priya Anand-Holt");
        assertThat(change.select("li").eachText()).contains("kilograms");
        String trip = id(trip(mine, with(brief("Reed channels"), "people[0].name", "Priya Anand-Holt")));
        save(mine, trip, with(brief("Reed channels"), "people[0].name", "Sef Marchetti-Vos"));
        assertThat(changes(mine, trip)).hasSize(2);

        send(mine, "/people/" + person + "/erase", "name", "Priya Anand-Holt");
        List<Element> left = changes(mine, person);
        assertThat(left).hasSize(1);
        assertThat(left.getFirst().text()).contains("removed the person somebody");
        assertThat(changes(mine, trip)).isEmpty();
    }

    /** “Ree” is in “Reed channels”, which tells of nobody. */
    @Test
    void erasingLeavesTheHistoryOfWhatOnlySoundsAlike() throws Exception {
        String person = id(String.valueOf(send(mine, "/people/new", "name", "Ree", "years", "41", "kilograms", "68")
                .andReturn()
                .getResponse()
                .getRedirectedUrl()));
        String trip = id(trip(mine, brief("Reed channels")));
        send(mine, "/people/" + person + "/erase", "name", "Ree");
        assertThat(changes(mine, trip)).hasSize(1);
    }

    @Test
    void whatWasDeletedAndBroughtBackIsToldAndAHelperSeesNothingOfIt() throws Exception {
        String trip = id(trip(mine, "Skerry ring"));
        send(mine, "/trips/" + trip + "/delete");
        send(mine, "/bin/TRIP/back", "id", trip);
        List<Element> changes = changes(mine, trip);
        assertThat(changes.get(0).text()).contains("brought back the outing Skerry ring");
        assertThat(changes.get(1).text()).contains("put in the bin the outing");
        assertThat(changes.stream().filter(c -> !c.select("form").isEmpty())).isEmpty();
        UUID helper = households.createAccount("helper" + UUID.randomUUID(), "four plain words here");
        households.join(helper, mine.householdId(), Role.HELPER);
        open(households.member(helper, mine.householdId()).orElseThrow(), "/settings/history")
                .andExpect(status().isForbidden());
    }
}
