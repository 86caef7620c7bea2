package hodeon.app.paper.pouch;

import static hodeon.app.PageText.says;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import hodeon.app.StockTest;
import hodeon.app.stock.place.Place;
import java.util.Optional;
import java.util.UUID;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.text.PDFTextStripper;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.test.web.servlet.ResultActions;

class PouchPageTest extends StockTest {

    private static final double POINTS_A_MILLIMETRE = 72 / 25.4;

    private UUID kit;
    private UUID module;

    @BeforeEach
    void aPouchLaidOut() throws Exception {
        UUID household = mine.householdId();
        kit = stock.addPlace(household, "Deck pouch", Place.Kind.KIT, Optional.empty(), Optional.empty());
        module = stock.addPlace(household, "Bleeding", Place.Kind.MODULE, Optional.of(kit), Optional.empty());
        put(kit, "tourniquet-windlass", 2, "");
        put(kit, "gauze-large", 4, "2030-01");
        put(kit, "povidone-bottle", 1, "2029-05");
        put(module, "haemostatic-gauze", 2, "2028-03");
        put(module, "pressure-dressing-narrow", 2, "2030-06");
        send(mine, "/kits/" + kit + "/pack/shape", "shape", "pouch");
        send(mine, "/kits/" + kit + "/pack/arrange");
    }

    private String papers() {
        return "/kits/" + kit + "/papers";
    }

    private Document page(String address) throws Exception {
        return Jsoup.parse(open(mine, address).andReturn().getResponse().getContentAsString());
    }

    private static String text(PDDocument pdf) throws Exception {
        return new PDFTextStripper().getText(pdf).replaceAll("\\s+", " ");
    }

    private PDDocument one(String paper, String size) throws Exception {
        return Loader.loadPDF(
                open(mine, papers() + "/one.pdf?paper=" + paper.replace("module", "module-" + module) + "&size=" + size)
                        .andExpect(status().isOk())
                        .andReturn()
                        .getResponse()
                        .getContentAsByteArray());
    }

    private PDDocument print(String which) throws Exception {
        return Loader.loadPDF(web.perform(post(papers() + "/print.pdf")
                        .param("which", which)
                        .with(user(mine))
                        .with(csrf()))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsByteArray());
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
        opening    | a6    | 105 | 148 | How it opens: Deck pouch | Windlass tourniquet Loops on the back 1 s, one hand
        opening    | strip | 74  | 210 | What cannot wait         | Main room
        contents   | a6    | 105 | 148 | Deck pouch: Loops on the back | Windlass tourniquet: 1 tourniquet
        contents   | a4    | 210 | 297 | Bleeding, in             | until 2028-03-31
        module     | strip | 74  | 210 | Haemostatic gauze, z-folded: 2 packets | Severe limb bleeding
        module     | pouch | 85  | 120 | Then watch:              | Your course and local protocol come first
        labels     | sheet | 210 | 297 | Deck pouch: Loops on the back | Windlass tourniquet
        tourniquet | sheet | 210 | 297 | TOURNIQUET               | Never loosen or cover it. On at: Date: Limb: By:
        specimen   | sheet | 210 | 297 | Specimen                 | Where on the body: Where on the map:
        bags       | sheet | 210 | 297 | Medicine                 | How often, at most:
        opened     | sheet | 210 | 297 | Povidone iodine          | Opened on: Good until:
        """)
    void eachPaperHasItsSizeItsTextAndItsTags(
            String paper, String size, int width, int height, String title, String says) throws Exception {
        try (PDDocument pdf = one(paper, size)) {
            assertThat(text(pdf)).contains(title, says);
            assertThat(pdf.getDocumentCatalog().getMarkInfo().isMarked()).isTrue();
            for (PDPage page : pdf.getPages()) {
                assertThat(page.getMediaBox().getWidth() / POINTS_A_MILLIMETRE).isCloseTo(width, within(0.5));
                assertThat(page.getMediaBox().getHeight() / POINTS_A_MILLIMETRE).isCloseTo(height, within(0.5));
            }
        }
    }

    /** A sheet holds as many labels as the household's own grid, no more pages than it takes; what does not fit is not taken. */
    @Test
    void labelsStandOnTheHouseholdsOwnSheets() throws Exception {
        try (PDDocument usual = one("specimen", "sheet")) {
            assertThat(usual.getNumberOfPages()).isEqualTo(1);
            assertThat(text(usual).split("From whom", -1)).hasSize(22);
        }
        grid("2", "4", "67.7").andExpect(status().is3xxRedirection());
        try (PDDocument own = one("specimen", "sheet")) {
            assertThat(own.getNumberOfPages()).isEqualTo(1);
            assertThat(text(own).split("From whom", -1)).hasSize(9);
        }
        grid("2", "4", "x")
                .andExpect(status().isUnprocessableContent())
                .andExpect(says("The height of a label is a number from 10 to 297"));
        grid("3", "4", "60")
                .andExpect(status().isUnprocessableContent())
                .andExpect(says("stand on a sheet of 210 × 297 mm"));
    }

    private ResultActions grid(String columns, String rows, String height) throws Exception {
        return send(
                mine,
                papers() + "/grid",
                "columns",
                columns,
                "rows",
                rows,
                "width",
                "99.1",
                "height",
                height,
                "left",
                "4.6",
                "top",
                "13",
                "across",
                "2.5",
                "down",
                "0");
    }

    /** All at first; then only what something else stands on since. */
    @Test
    void onePressPrintsWhatChanged() throws Exception {
        assertThat(page(papers()).select("#print-changed").text()).isEqualTo("Print what changed (9)");
        try (PDDocument all = print("all")) {
            assertThat(text(all)).contains("How it opens", "Contents: Deck pouch", "TOURNIQUET", "Specimen");
        }
        assertThat(page(papers()).select("#print-changed")).isEmpty();
        put(module, "haemostatic-gauze", 1, "2031-01");
        assertThat(page(papers()).select(".card-choice .hint")).hasSizeBetween(2, 5);
        try (PDDocument changed = print("changed")) {
            assertThat(text(changed))
                    .contains("Haemostatic gauze, z-folded: 3 packets")
                    .doesNotContain("Specimen");
        }
        assertThat(page(papers()).select("#print-changed")).isEmpty();
        open(others, papers()).andExpect(status().isNotFound());
        open(mine, papers() + "?paper=nonsense").andExpect(status().isNotFound());
    }
}
