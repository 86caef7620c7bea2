package hodeon.app.care;

import static hodeon.app.PageText.doesNotSay;
import static hodeon.app.PageText.says;
import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import hodeon.app.StockTest;
import hodeon.app.people.PeopleService;
import hodeon.app.stock.place.Place;
import java.util.Optional;
import java.util.UUID;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;

/** What was given and whether it helped; what helped them stands first the next time, on the page and on paper. */
class CarePageTest extends StockTest {

    @Autowired
    PeopleService people;

    @Autowired
    JdbcClient sql;

    private UUID lumi;

    @BeforeEach
    void somebody() throws Exception {
        send(
                mine,
                "/people/new",
                "name",
                "Lumi Halla",
                "years",
                "41",
                "kilograms",
                "66",
                "training",
                "WILDERNESS",
                "contact[0].name",
                "Wren",
                "contact[0].phone",
                "0000 555 0142");
        lumi = people.named(mine.householdId(), "Lumi Halla").orElseThrow().id();
    }

    private String care() {
        return "/people/" + lumi + "/care";
    }

    private void note(String at, String given, String helped) throws Exception {
        send(mine, care(), "at", at, "found", "headache 6 of 10", "given", given, "helped", helped)
                .andExpect(status().is3xxRedirection());
    }

    private Document page(String address) throws Exception {
        return Jsoup.parse(open(mine, address).andReturn().getResponse().getContentAsString());
    }

    private String text(String address) throws Exception {
        try (PDDocument pdf =
                Loader.loadPDF(open(mine, address).andReturn().getResponse().getContentAsByteArray())) {
            return new PDFTextStripper().getText(pdf).replaceAll("\\s+", " ");
        }
    }

    @Test
    void whatHelpedThemStandsFirstTheNextTime() throws Exception {
        UUID shelf =
                stock.addPlace(mine.householdId(), "Shore shelf", Place.Kind.SHELF, Optional.empty(), Optional.empty());
        put(shelf, "ibuprofen", 12, "2030-01");
        put(shelf, "paracetamol", 12, "2030-01");
        assertThat(page("/doses").select(".may-list li a").eachText().getFirst())
                .doesNotContain("Paracetamol 500 mg");
        note("2026-06-14T14:05", "Ibuprofen 200 mg tablets", "NO");
        note("2026-06-14T16:05", "Paracetamol 500 mg tablets", "YES");
        note("2026-06-15T09:00", "Paracetamol 500 mg tablets", "SOME");
        note("2026-06-15T12:00", "cold cloth", "NOT_KNOWN");
        assertThat(page(care()).select("#before li").eachText())
                .containsExactly(
                        "Paracetamol 500 mg tablets: helped 1½ of 2 times",
                        "Ibuprofen 200 mg tablets: helped 0 of 1 time");
        Document doses = page("/doses");
        assertThat(doses.select(".may-list li a").eachText().getFirst()).isEqualTo("Paracetamol 500 mg tablets");
        assertThat(doses.select(".may-list li").first().text()).contains("helped 1½ of 2 times");
        // Whether it helped is known later.
        String open = page(care()).select("form[action$=helped]").attr("action");
        send(mine, open, "helped", "YES").andExpect(status().is3xxRedirection());
        assertThat(page(care()).select("#before li").first().text()).isEqualTo("cold cloth: helped 1 of 1 time");
        assertThat(text(care() + ".pdf"))
                .contains("Care diary: Lumi Halla", "What helped before", "06-14 16:05 headache 6 of 10", "helped");
    }

    @Test
    void whatIsWrittenIsSealedHandedOutWithThemAndErasedWithThem() throws Exception {
        note("2026-06-14T14:05", "cold cloth", "YES");
        assertThat(sql.sql("select note from care_note where person_id = ?")
                        .param(lumi)
                        .query(String.class)
                        .single())
                .doesNotContain("headache");
        send(mine, care(), "at", "noon", "found", "x").andExpect(status().isUnprocessableContent());
        send(mine, care(), "at", "2026-06-14T14:05").andExpect(says("Something was found, or something given"));
        open(others, care()).andExpect(status().isNotFound());
        people.erase(mine.householdId(), lumi);
        assertThat(sql.sql("select count(*) from care_note where person_id = ?")
                        .param(lumi)
                        .query(Integer.class)
                        .single())
                .isZero();
    }

    /** On the wall stands who may help and where each kit is, and nothing of anybody's health. */
    @Test
    void theSheetForTheWallAndACardWithoutAnOuting() throws Exception {
        stock.addPlace(mine.householdId(), "Car kit", Place.Kind.KIT, Optional.empty(), Optional.empty());
        send(
                mine,
                "/people/" + lumi,
                "version",
                "0",
                "name",
                "Lumi Halla",
                "years",
                "41",
                "kilograms",
                "66",
                "training",
                "WILDERNESS",
                "conditions",
                "ASTHMA",
                "contact[0].name",
                "Wren",
                "contact[0].phone",
                "0000 555 0142");
        assertThat(text("/house-sheet.pdf"))
                .contains("Car kit", "Lumi Halla: wilderness first aid", "Wren: 0000 555 0142", "Poison advice")
                .doesNotContain("asthma");
        open(mine, "/house-sheet").andExpect(says("Who may help")).andExpect(doesNotSay("sthma"));
        assertThat(text("/people/" + lumi + "/card.pdf")).contains("Lumi Halla", "Asthma", "Wren: 0000 555 0142");
        open(mine, "/people/" + lumi + "/card?size=pouch").andExpect(says("Asthma"));
        open(others, "/people/" + lumi + "/card").andExpect(status().isNotFound());
    }
}
