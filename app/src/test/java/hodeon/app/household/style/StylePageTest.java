package hodeon.app.household.style;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.flash;

import hodeon.app.WebTest;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;

class StylePageTest extends WebTest {

    @Autowired
    JdbcTemplate database;

    private void choose(String mass, String dates, String zone) throws Exception {
        send(
                mine,
                "/settings/style",
                "mass",
                mass,
                "volume",
                "FLUID_OUNCES",
                "temperature",
                "FAHRENHEIT",
                "dates",
                dates,
                "weekBegins",
                "SUNDAY",
                "zone",
                zone,
                "paper",
                "LETTER");
    }

    private Document page(String address) throws Exception {
        return Jsoup.parse(open(mine, address).andReturn().getResponse().getContentAsString());
    }

    @Test
    void whatWasChosenStandsInTheFormAndIsTheHouseholdsAlone() throws Exception {
        choose("OUNCES", "DOTTED", "Pacific/Auckland");
        Document form = page("/settings/style");
        assertThat(form.select("option[selected]").eachAttr("value"))
                .containsExactly("OUNCES", "FLUID_OUNCES", "FAHRENHEIT", "DOTTED", "SUNDAY", "LETTER");
        assertThat(form.select("#zone").val()).isEqualTo("Pacific/Auckland");
        open(others, "/settings/style").andExpect(content().string(not(containsString("value=\"OUNCES\" selected"))));
    }

    /** An outing's limit is typed in ounces, kept in grams and stands in the form as it was typed. */
    @Test
    void aLimitInOuncesSurvivesEverySaving() throws Exception {
        choose("OUNCES", "MONTH_FIRST", "");
        String[] brief = brief("Reed channels");
        for (int i = 0; i < brief.length; i += 2) {
            if (brief[i].equals("massLimit")) {
                brief[i + 1] = "80";
            }
        }
        String trip = String.valueOf(send(mine, "/trips/new", brief)
                        .andReturn()
                        .getResponse()
                        .getRedirectedUrl())
                .replaceAll(".*/trips/([^/]+)/.*", "$1");
        Document form = page("/trips/" + trip + "/brief");
        assertThat(form.select("#massLimit").val()).isEqualTo("80 oz");
        assertThat(form.select("label[for=massLimit]").text()).isEqualTo("At most, oz");
        choose("GRAMS", "ISO", "");
        assertThat(page("/trips/" + trip + "/brief").select("#massLimit").val()).isEqualTo("2268");
    }

    /** A household that once read German is told once that it does so no longer; another is not. */
    @Test
    void aHouseholdThatChoseGermanReadsEnglishAgainAndIsToldOnce() throws Exception {
        choose("OUNCES", "DOTTED", "");
        assertThat(page("/").select(".english-again")).isEmpty();
        database.update("UPDATE house_style SET language = 'de' WHERE household_id = ?", mine.householdId());
        assertThat(page("/").select("html").attr("lang")).isEqualTo("en");
        assertThat(page("/").select(".english-again").text()).contains("What was saved in German stays as it is.");
        choose("OUNCES", "ISO", "");
        assertThat(page("/").select(".english-again")).hasSize(1);
        send(mine, "/settings/style/english");
        assertThat(page("/").select(".english-again")).isEmpty();
    }

    @Test
    void aZoneThatIsNoneIsToldAndNothingChanges() throws Exception {
        choose("OUNCES", "DOTTED", "");
        send(
                        mine,
                        "/settings/style",
                        "mass",
                        "STONES",
                        "volume",
                        "MILLILITRES",
                        "temperature",
                        "CELSIUS",
                        "dates",
                        "ISO",
                        "weekBegins",
                        "MONDAY",
                        "zone",
                        "Nowhere/Land",
                        "paper",
                        "A4")
                .andExpect(flash().attribute("faults", org.hamcrest.Matchers.hasSize(2)));
        assertThat(page("/settings/style").select("#mass option[selected]").val())
                .isEqualTo("OUNCES");
    }
}
