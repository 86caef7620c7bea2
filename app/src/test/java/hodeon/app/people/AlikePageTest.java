package hodeon.app.people;

import static hodeon.app.PageText.doesNotSay;
import static hodeon.app.PageText.says;
import static org.assertj.core.api.Assertions.assertThat;

import hodeon.app.WebTest;
import org.jsoup.Jsoup;
import org.junit.jupiter.api.Test;

/** Nine walkers of fourteen who are alike are one row, one card and one caution. */
class AlikePageTest extends WebTest {

    private String walkers() throws Exception {
        String[] brief = brief("Club day");
        for (String[] field : new String[][] {
            {"people[1].name", "Walkers"},
            {"people[1].alike", "9"},
            {"people[1].years", "14"},
            {"people[1].kilograms", "50"},
            {"people[1].training", "UNTRAINED"},
            {"people[1].conditions", "ASTHMA"}
        }) {
            brief = with(brief, field[0], field[1]);
        }
        return trip(mine, brief);
    }

    @Test
    void theyAreOneRowOneCardAndOneCaution() throws Exception {
        String trip = walkers();
        String brief = open(mine, trip + "/brief").andReturn().getResponse().getContentAsString();
        assertThat(Jsoup.parse(brief).select(".person")).hasSize(2);
        open(mine, trip + "/cards")
                .andExpect(says("Walkers 1 to 9", "Doses: Walkers 1 to 9"))
                .andExpect(doesNotSay("Doses: Walkers 2"));
        open(mine, trip + "/medicines").andExpect(says("Walkers 1 to 9")).andExpect(doesNotSay("Walkers 2"));
    }

    @Test
    void theLogAsksForTheNameInABoxAndFoldsThem() throws Exception {
        String trip = walkers();
        send(mine, trip + "/log", "on", "2027-06-13", "problem", "Blister", "who", "walkers 7", "note", "left heel");
        send(mine, trip + "/log", "on", "2027-06-13", "problem", "Blister", "who", "Juno from the hut");
        open(mine, trip + "/log").andExpect(says("walkers 7", "Juno from the hut"));
        String trail = open(mine, trip + "/trail").andReturn().getResponse().getContentAsString();
        assertThat(Jsoup.parse(trail).select("#step-who summary").text()).isEqualTo("Walkers 1 to 9");
        assertThat(Jsoup.parse(trail).select("#step-who > .taps .tap")).hasSize(2);
        assertThat(Jsoup.parse(trail).select("#who-name")).hasSize(1);
    }
}
