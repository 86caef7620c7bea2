package hodeon.app.contents;

import static hodeon.app.PageText.says;
import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import hodeon.app.StockTest;
import hodeon.app.stock.place.Place;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

class OthersPageTest extends StockTest {

    private UUID kit;

    @BeforeEach
    void aKit() {
        kit = stock.addPlace(mine.householdId(), "Deck pouch", Place.Kind.KIT, Optional.empty(), Optional.empty());
        put(kit, "gloves-small", 2, "2030-01");
        put(kit, "whistle", 1, "");
        put(kit, "fine-tweezers", 1, "");
    }

    private Document against(String text) throws Exception {
        return Jsoup.parse(send(mine, "/kits/" + kit + "/others", "text", text)
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString());
    }

    private static List<String> rows(Document page, String table) {
        return page.select("#" + table + " tbody tr").eachText();
    }

    /** Both ways, in people's own words; what stands in is named, what may be several things is not counted. */
    @Test
    void aKitIsHeldAgainstSharesBothWays() throws Exception {
        Document page =
                against("thing, share\nfine pointed tweezers, 80 %\nfoil blanket, 12 of 15\nnitrile gloves, 60 %\n"
                        + "painkillers, 90 %\ntriangular bandage, 20 %\n");
        assertThat(rows(page, "lacks").getFirst()).startsWith("Foil blanket").endsWith("80.0 %");
        assertThat(rows(page, "lacks").getLast()).startsWith("Triangular bandage");
        assertThat(page.select("#lacks").text()).contains("here Nitrile gloves, small hands does it");
        assertThat(rows(page, "alone").getFirst()).contains("nobody");
        assertThat(rows(page, "alone").getLast()).startsWith("Fine pointed tweezers");
        assertThat(page.select("#not-counted").text()).contains("painkillers");
    }

    @Test
    void aKitIsHeldAgainstSeveralLists() throws Exception {
        Document page = against("2 foil blankets\nwhistle\n\nfoil blanket\n\nwhistle\n");
        assertThat(page.select("#others-read").text()).isEqualTo("2 kinds in 3 lists, 3 kinds in Deck pouch.");
        assertThat(rows(page, "lacks")).singleElement().asString().contains("Foil blanket", "66.7 %");
        assertThat(against("").select("#others-read").text()).isEqualTo("Nothing was written.");
        open(mine, "/kits/" + kit + "/others").andExpect(says("a thing that most have is worth a thought"));
        open(others, "/kits/" + kit + "/others").andExpect(status().isNotFound());
    }
}
