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

class StylePageTest extends WebTest {

    private void choose(String mass, String dates, String zone) throws Exception {
        choose("en", mass, dates, zone);
    }

    private void choose(String language, String mass, String dates, String zone) throws Exception {
        send(
                mine,
                "/settings/style",
                "language",
                language,
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
                .containsExactly("en", "OUNCES", "FLUID_OUNCES", "FAHRENHEIT", "DOTTED", "SUNDAY", "LETTER");
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

    /** “Dose” is a tin in German and a dose in English: what somebody called a thing stays what it is called. */
    @Test
    void whatSomebodyTypedAsANameIsNotTranslated() throws Exception {
        String trip = trip(mine, "Dose");
        choose("de", "GRAMS", "ISO", "");
        assertThat(page("/trips").select("th a").eachText()).containsExactly("Dose");
        Document brief = page(trip + "/brief");
        assertThat(brief.select(".strip-trip").text()).isEqualTo("Dose");
        assertThat(brief.select("html").attr("lang")).isEqualTo("de");
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
