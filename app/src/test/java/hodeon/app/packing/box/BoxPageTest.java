package hodeon.app.packing.box;

import static hodeon.app.PageText.says;
import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.flash;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import hodeon.app.WebTest;
import hodeon.app.stock.StockService;
import hodeon.app.stock.place.Place;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.hamcrest.Matchers;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

class BoxPageTest extends WebTest {

    @Autowired
    StockService stock;

    private UUID kit;

    @BeforeEach
    void aPouchWithThings() throws Exception {
        kit = stock.addPlace(mine.householdId(), "Deck pouch", Place.Kind.KIT, Optional.empty(), Optional.empty());
        for (String thing : List.of(
                "Windlass tourniquet",
                "Nitrile gloves, pale",
                "Paracetamol 500 mg",
                "Safety pins",
                "Gauze pad, 10 cm")) {
            send(mine, "/stock/enter", "place", "Deck pouch", "supply", thing, "pieces", "2")
                    .andExpect(status().is3xxRedirection());
        }
    }

    private String pack() {
        return "/kits/" + kit + "/pack";
    }

    private Document page() throws Exception {
        return Jsoup.parse(open(mine, pack()).andReturn().getResponse().getContentAsString());
    }

    private String partOf(String supply) throws Exception {
        return page().expectFirst("[data-supply=" + supply + "]")
                .closest("section")
                .attr("data-part");
    }

    private String named(String part) throws Exception {
        return page().expectFirst("[aria-label='" + part + "']").attr("data-part");
    }

    /** From a shape to everything in its place: the tourniquet outside, in the hand at once; the tablets where no child opens. */
    @Test
    void arrangedTheUrgentLiesOutermostAndItIsSaidHowSoon() throws Exception {
        assertThat(page().select("#shapes button")).hasSizeGreaterThanOrEqualTo(7);
        send(mine, pack() + "/shape", "shape", "pouch");
        assertThat(page().select("#loose .thing")).hasSize(5);
        send(mine, pack() + "/arrange").andExpect(flash().attribute("said", Matchers.startsWith("Arranged")));
        assertThat(page().select("#loose")).isEmpty();
        assertThat(partOf("tourniquet-windlass")).isEqualTo(named("Loops on the back"));
        assertThat(partOf("gloves-nitrile")).isEqualTo(named("Under the flap"));
        assertThat(page().expectFirst("[data-supply=paracetamol]")
                        .closest("section")
                        .text())
                .contains("no child opens it");
        assertThat(page().select("table tbody tr").first().text()).contains("tourniquet", "1 s", "one hand");
        open(mine, pack()).andExpect(says("the tourniquet lies outermost, staged"));
        open(others, pack()).andExpect(status().isNotFound());
    }

    /** What was laid by hand stays when all is arranged, and the rule that it breaks is named; let go, it moves. */
    @Test
    void whatIsLaidByHandStaysAndTheRuleItBreaksIsNamed() throws Exception {
        send(mine, pack() + "/shape", "shape", "pouch");
        String loop = named("Loops on the back");
        send(mine, pack() + "/lay", "supply", "paracetamol", "part", loop);
        send(mine, pack() + "/arrange");
        assertThat(partOf("paracetamol")).isEqualTo(loop);
        assertThat(page().expectFirst("[data-supply=paracetamol]").text()).contains("belongs where no child opens it");
        send(mine, pack() + "/let-go", "supply", "paracetamol");
        send(mine, pack() + "/arrange");
        assertThat(partOf("paracetamol")).isNotEqualTo(loop);
    }

    /** Every figure of a compartment can be changed; what is too small is said to be, and by the watch the seconds are one's own. */
    @Test
    void aCompartmentIsChangedTimedAndTakenOut() throws Exception {
        send(mine, pack() + "/shape", "shape", "tin");
        String bottom = named("Bottom");
        send(mine, pack() + "/lay", "supply", "tourniquet-windlass", "part", bottom);
        send(
                        mine,
                        pack() + "/parts",
                        "part",
                        bottom,
                        "name",
                        "Bottom",
                        "litres",
                        "0.1",
                        "step",
                        "LIFT_LID",
                        "measured",
                        "11")
                .andExpect(status().is3xxRedirection());
        assertThat(page().expectFirst("#part-" + bottom).text()).contains("11 s", "too full", "timed by you");
        send(mine, pack() + "/parts", "part", bottom, "name", "", "litres", "lots", "measured", "0")
                .andExpect(status().isUnprocessableContent())
                .andExpect(says("The name of the compartment has 1 to 60 characters"))
                .andExpect(says("The room in litres is a number from 0.01 to 500"))
                .andExpect(says("The seconds by the watch is a whole number from 1 to 600"));
        send(mine, pack() + "/lay", "supply", "no-such-thing", "part", bottom).andExpect(status().isNotFound());
        send(mine, pack() + "/parts", "part", "no id", "name", "A", "litres", "1")
                .andExpect(status().isNotFound());
        send(mine, pack() + "/parts/" + bottom + "/remove");
        assertThat(page().select("#part-" + bottom)).isEmpty();
        assertThat(page().select("#loose .thing")).hasSize(5);
    }
}
