package hodeon.app.help;

import static hodeon.app.PageText.says;
import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import hodeon.app.WebTest;
import java.util.stream.Stream;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;

class HousePagesTest extends WebTest {

    @Autowired
    HousePages pages;

    @Test
    void everyPageAndActIsThere() throws Exception {
        String trip = trip(mine, "Skerry ring");
        for (HousePages.Page page : pages.pages()) {
            for (String address : Stream.of(page.address(), page.to())
                    .filter(a -> !a.isEmpty())
                    .map(a -> a.replace("/trips/{trip}", trip))
                    .toList()) {
                String[] parts = address.split("#", 2);
                String text = open(mine, parts[0])
                        .andExpect(status().isOk())
                        .andReturn()
                        .getResponse()
                        .getContentAsString();
                if (parts.length > 1) {
                    assertThat(Jsoup.parse(text).getElementById(parts[1]))
                            .as(address)
                            .isNotNull();
                }
            }
        }
    }

    @ParameterizedTest
    @CsvSource({
        "shopping, Restock",
        "plan, Plan an outing",
        "print, Print the papers",
        "backup, Make a backup",
        "spreadsheet, Enter what came",
        "undo, Movements",
        "glossary, Help"
    })
    void findKnowsPagesAndActsByWhatPeopleCallThem(String typed, String name) throws Exception {
        trip(mine, "Skerry ring");
        open(mine, "/find?q=" + typed).andExpect(says(name));
    }

    @ParameterizedTest
    @CsvSource({
        "/stock, /stock/enter",
        "/stock/enter, /stock/checks",
        "/stock/checks, /restock",
        "/restock, /stock/enter",
        "/stock/timeline, /stock/rotate",
        "/people, /trips/new",
        "/supplies, /stock/enter"
    })
    void everyPageSaysWhatIsNext(String page, String next) throws Exception {
        assertThat(next(page)).isEqualTo(next);
    }

    @Test
    void anOutingLeadsOnFromItsBriefToItsLog() throws Exception {
        String trip = trip(mine, "Skerry ring");
        String[] path = {"/brief", "/odds", "/mat", "/kit", "/ready", "/medicines", "/cards", "/log"};
        for (int i = 0; i + 1 < path.length; i++) {
            // A kit that is not saved yet has no page of its own.
            if (!path[i].equals("/kit")) {
                assertThat(next(trip + path[i])).as(path[i]).isEqualTo(trip + path[i + 1]);
            }
        }
        assertThat(next(trip + "/log")).isEmpty();
    }

    private String next(String page) throws Exception {
        Document shown = Jsoup.parse(open(mine, page).andReturn().getResponse().getContentAsString());
        return shown.select(".next-step").attr("href");
    }
}
