package hodeon.app.need;

import static hodeon.app.PageText.field;
import static hodeon.app.PageText.says;
import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.flash;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import hodeon.app.WebTest;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class OddsPageTest extends WebTest {

    @Test
    void everyProblemHasItsFiguresAndAnswersWhy() throws Exception {
        String trip = trip(mine, "Skerry ring");
        // 3 days × 1.6 × 1.1 × 1 person = 5.28 adjusted person-days at 7.4 per 1,000, a strength of 2,000.
        open(mine, trip + "/odds?why=blister")
                .andExpect(status().isOk())
                .andExpect(says("7.4 per 1,000 person-days", "Boulware", "0.039 times", "Cannot happen on this outing"))
                .andExpect(field("factor[activity:paddling]", "1.6"))
                .andExpect(content().string(containsString("/aid?problem=blister")));
    }

    @Test
    void aFactorIsChangedForThisTripOnlyAndGoesBack() throws Exception {
        String trip = trip(mine, "Skerry ring");
        String other = trip(mine, "Another ring");
        String[] typed = {"version", "0", "factor[activity:paddling]", "3.2", "factor[rate]", "7.4"};
        send(mine, trip + "/odds/blister", typed).andExpect(status().is3xxRedirection());
        // Twice the factor, twice the expected number.
        open(mine, trip + "/odds?why=blister").andExpect(says("0.078 times", "was 1.6", "changed for this outing"));
        open(mine, other + "/odds?why=blister")
                .andExpect(content()
                        .string(allOf(containsString("0.039 times"), not(containsString("changed for this outing")))));
        send(mine, trip + "/odds/blister", "version", "0", "factor[rate]", "9")
                .andExpect(flash().attribute("factorFault", containsString("changed elsewhere")));
        send(mine, trip + "/odds/blister", "version", "1", "factor[rate]", "lots")
                .andExpect(flash().attribute("factorFault", containsString("The rate is a number from 0 to 100,000")));
        send(mine, trip + "/odds/blister", "version", "1", "back", "yes");
        open(mine, trip + "/odds?why=blister").andExpect(says("0.039 times"));
        send(others, trip + "/odds/blister", "version", "2", "factor[rate]", "9")
                .andExpect(status().isNotFound());
        send(mine, trip + "/odds/boredom", "version", "2").andExpect(status().isNotFound());
    }

    @ParameterizedTest
    @CsvSource({
        "longer=yes, up from",
        "more=yes, up from",
        "stoveHome=yes&why=small-burn, down from",
        "grouped=yes&order=chance, '5, threatens life'",
        "leg=1, of this leg or person"
    })
    void theOddsAnswerWhatIfAndShowAPart(String asked, String says) throws Exception {
        open(mine, trip(mine, "Skerry ring") + "/odds?" + asked)
                .andExpect(status().isOk())
                .andExpect(content().string(containsString(says)));
    }

    @Test
    void anUnknownProblemIsNotHere() throws Exception {
        open(mine, trip(mine, "Skerry ring") + "/odds?why=boredom").andExpect(status().isNotFound());
    }

    /** What is rare is folded, and what of it threatens life is counted; whatever was asked for is open. */
    @Test
    void theRareIsFoldedAndNeverHushedUp() throws Exception {
        String trip = trip(mine, "Skerry ring");
        String page = open(mine, trip + "/odds").andReturn().getResponse().getContentAsString();
        Document shown = Jsoup.parse(page);
        assertThat(shown.select(".more-odds summary").text())
                .matches("\\d+ more, rarer or slighter; \\d+ of them threaten life");
        assertThat(shown.select(".more-odds").hasAttr("open")).isFalse();
        String rare = shown.select(".more-odds li").last().id().replace("row-", "");
        String asked =
                open(mine, trip + "/odds?why=" + rare).andReturn().getResponse().getContentAsString();
        assertThat(Jsoup.parse(asked).select(".more-odds").hasAttr("open")).isTrue();
    }
}
