package hodeon.app.packing.carrier;

import static hodeon.app.PageText.doesNotSay;
import static hodeon.app.PageText.says;
import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import hodeon.app.WebTest;
import hodeon.app.mat.MatService;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;

/** Named carriers with limits and groups: shared out, moved by hand, told what is missing, printed. */
class CarryPageTest extends WebTest {

    @Autowired
    MatService mats;

    @Autowired
    JdbcClient sql;

    private String carry;

    @BeforeEach
    void twoGroups() throws Exception {
        String[] brief = with(
                with(with(brief("Skerry ring"), "people[1].name", "Sef"), "people[1].years", "38"),
                "people[1].kilograms",
                "77");
        String trip = trip(mine, brief);
        mats.begin(
                mine.householdId(),
                UUID.fromString(trip.replace("/trips/", "")),
                Map.of(
                        "pressure-dressing-narrow",
                        2,
                        "gloves-nitrile",
                        4,
                        "foil-blanket",
                        2,
                        "gauze-large",
                        8,
                        "beacon",
                        1));
        carry = trip + "/mat/carry";
    }

    private Document page() throws Exception {
        return Jsoup.parse(open(mine, carry).andReturn().getResponse().getContentAsString());
    }

    private Element load(String name) throws Exception {
        return page().expectFirst(".loads section[aria-label='" + name + "']");
    }

    private void write(String... namesGroupsLimits) throws Exception {
        String[] fields = new String[namesGroupsLimits.length / 3 * 8];
        for (int i = 0; i < namesGroupsLimits.length / 3; i++) {
            System.arraycopy(
                    new String[] {
                        "name",
                        namesGroupsLimits[3 * i],
                        "place",
                        "boat " + i,
                        "group",
                        namesGroupsLimits[3 * i + 1],
                        "most",
                        namesGroupsLimits[3 * i + 2]
                    },
                    0,
                    fields,
                    8 * i,
                    8);
        }
        send(mine, carry + "/carriers", fields).andExpect(status().is3xxRedirection());
    }

    private static int count(Element load, String supply) {
        return load.select(".things [data-supply=" + supply + "]").stream()
                .mapToInt(e -> Integer.parseInt(e.attr("data-count")))
                .sum();
    }

    @Test
    void theGrownUpsCarryUntilSomebodySaysWhoDoes() throws Exception {
        assertThat(page().select(".loads section").eachAttr("aria-label")).containsExactly("Ottilie Brandt", "Sef");
        assertThat(page().select(".load-block")).isNotEmpty();
        write("Lead boat", "A", "", "Sweep boat", "B", "150");
        assertThat(page().select(".loads section").eachAttr("aria-label")).containsExactly("Lead boat", "Sweep boat");
        assertThat(sql.sql("select name from carrier").query(String.class).list())
                .doesNotContain("Lead boat");
        for (String boat : List.of("Lead boat", "Sweep boat")) {
            assertThat(count(load(boat), "pressure-dressing-narrow")).isEqualTo(1);
            assertThat(count(load(boat), "gloves-nitrile")).isPositive();
        }
        assertThat(page().select(".load-limit")).hasSize(1);
        open(mine, carry).andExpect(says("Too few for every group", "Call for help from far away"));
        open(others, carry).andExpect(status().isNotFound());
    }

    /** A module moves at one touch; what a group then lacks is told, and evenly again takes it back. */
    @Test
    void whatIsMovedByHandStaysAndWhatAGroupThenLacksIsTold() throws Exception {
        write("Lead boat", "A", "", "Sweep boat", "B", "");
        String lead = load("Lead boat").attr("data-part");
        String sweep = load("Sweep boat").attr("data-part");
        send(mine, carry + "/move", "supply", "BLEEDING", "from", lead, "part", sweep, "pieces", "1")
                .andExpect(status().is3xxRedirection());
        assertThat(count(load("Sweep boat"), "pressure-dressing-narrow")).isEqualTo(2);
        assertThat(count(load("Lead boat"), "pressure-dressing-narrow")).isZero();
        open(mine, carry).andExpect(says("Given away by hand, and now missing", "(group A)"));
        int gloves = count(load("Lead boat"), "gloves-nitrile");
        send(mine, carry + "/move", "supply", "gloves-nitrile", "from", lead, "part", sweep, "pieces", "1");
        assertThat(count(load("Lead boat"), "gloves-nitrile")).isEqualTo(gloves - 1);
        send(mine, carry + "/evenly");
        open(mine, carry).andExpect(doesNotSay("Given away by hand"));
        send(mine, carry + "/move", "supply", "no-such", "from", lead, "part", sweep)
                .andExpect(status().isNotFound());
    }

    @Test
    void onePersonAloneIsNeverSplitAndBadCarriersAreTold() throws Exception {
        String alone = trip(mine, "Alone") + "/mat/carry";
        open(mine, alone).andExpect(says("One person alone"));
        send(
                mine,
                alone + "/carriers",
                "name",
                "Pack",
                "place",
                "",
                "group",
                "A",
                "most",
                "",
                "name",
                "Belt",
                "place",
                "",
                "group",
                "B",
                "most",
                "");
        open(mine, alone).andExpect(doesNotSay("Too few for every group"));
        send(mine, carry + "/carriers", "name", "Boat", "place", "", "group", "Z", "most", "3")
                .andExpect(status().isUnprocessableContent())
                .andExpect(says("A group is a letter from A to H", "The most they carry is a number from 10"));
        send(mine, carry + "/carriers", "name", "", "place", "", "group", "", "most", "")
                .andExpect(says("Somebody or something carries it"));
    }

    /** Modules that stay whole are in one load each, but for what every group needs. */
    @Test
    void modulesStayWholeWhereTheyCan() throws Exception {
        send(
                mine,
                carry + "/carriers",
                "name",
                "Lead boat",
                "place",
                "",
                "group",
                "A",
                "most",
                "",
                "name",
                "Sweep boat",
                "place",
                "",
                "group",
                "A",
                "most",
                "",
                "whole",
                "true");
        List<String> modules = page().select(".load-module").eachAttr("data-supply");
        assertThat(modules).doesNotHaveDuplicates().hasSizeGreaterThan(2);
        assertThat(page().select("#split")).isEmpty();
    }

    @Test
    void eachCarrierHasACard() throws Exception {
        write("Lead boat", "A", "", "Sweep boat", "B", "");
        String address = load("Sweep boat").select("a[href$=pdf]").attr("href");
        try (PDDocument pdf =
                Loader.loadPDF(open(mine, address).andReturn().getResponse().getContentAsByteArray())) {
            assertThat(new PDFTextStripper().getText(pdf).replaceAll("\\s+", " "))
                    .contains("Sweep boat carries, boat 1", "Pressure dressing, narrow: 1 dressing");
        }
    }
}
