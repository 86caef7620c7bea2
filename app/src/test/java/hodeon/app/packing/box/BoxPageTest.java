package hodeon.app.packing.box;

import static hodeon.app.PageText.says;
import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.flash;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import hodeon.app.WebTest;
import hodeon.app.stock.StockService;
import hodeon.app.stock.ledger.Cause;
import hodeon.app.stock.ledger.StockLedger;
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

    @Autowired
    StockLedger ledger;

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
        return page().expectFirst(".thing[data-supply=" + supply + "]")
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
        assertThat(page().expectFirst(".thing[data-supply=paracetamol]")
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
        assertThat(page().expectFirst(".thing[data-supply=paracetamol]").text())
                .contains("belongs where no child opens it");
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
        assertThat(page().expectFirst("#loose").text())
                .containsPattern("[\\d.,]+ ml lie nowhere; the roomiest compartment, .+, has [\\d.,]+ ml left");
        send(mine, pack() + "/parts", "part", bottom, "name", "", "litres", "lots", "measured", "0")
                .andExpect(status().isUnprocessableContent())
                .andExpect(says("The name of the compartment has 1 to 60 characters"))
                .andExpect(says("The room is a number from 0.01 to 500 l"))
                .andExpect(says("The seconds by the watch is a whole number from 1 to 600"));
        send(mine, pack() + "/lay", "supply", "no-such-thing", "part", bottom).andExpect(status().isNotFound());
        send(mine, pack() + "/parts", "part", "no id", "name", "A", "litres", "1")
                .andExpect(status().isNotFound());
        send(mine, pack() + "/parts/" + bottom + "/remove");
        assertThat(page().select("#part-" + bottom)).isEmpty();
        assertThat(page().select("#loose .thing")).hasSize(5);
    }

    private int lying(String part, String supply) throws Exception {
        return page().select("section[aria-label='" + part + "'] .thing[data-supply=" + supply + "]").stream()
                .mapToInt(e -> Integer.parseInt(e.attr("data-count")))
                .sum();
    }

    /** Of two tourniquets one is staged; by hand one more goes along, and what is used is missing where it is slowest to reach. */
    @Test
    void piecesOfOneKindLieInTwoPlacesAndWhatIsStagedStaysStaged() throws Exception {
        send(mine, pack() + "/shape", "shape", "pouch");
        send(mine, pack() + "/arrange");
        assertThat(lying("Loops on the back", "tourniquet-windlass")).isEqualTo(1);
        assertThat(page().select(".thing[data-supply=tourniquet-windlass]")).hasSize(2);
        String main = named("Main room");
        send(mine, pack() + "/lay", "supply", "gauze-large", "part", main, "pieces", "1");
        assertThat(page().select(".thing[data-supply=gauze-large]").stream()
                        .mapToInt(e -> Integer.parseInt(e.attr("data-count")))
                        .sum())
                .isEqualTo(2);
        assertThat(lying("Main room", "gauze-large")).isPositive();
        stock.of(mine.householdId()).at(kit).stream()
                .filter(h -> h.lot().supply().equals("tourniquet-windlass"))
                .forEach(h -> ledger.use(mine.householdId(), h.lot().id(), kit, 1, Cause.of("Lumi", "used")));
        assertThat(page().select(".thing[data-supply=tourniquet-windlass]")).hasSize(1);
        assertThat(lying("Loops on the back", "tourniquet-windlass")).isEqualTo(1);
    }

    /** A module lies in a compartment as one thing, by its room; what is in it is reached through both. */
    @Test
    void aModuleLiesInACompartmentAndItsThingsAreReachedThroughIt() throws Exception {
        UUID module =
                stock.addPlace(mine.householdId(), "Bleeding", Place.Kind.MODULE, Optional.of(kit), Optional.empty());
        send(mine, "/stock/enter", "place", "Bleeding", "supply", "Haemostatic gauze, z-folded", "pieces", "2")
                .andExpect(status().is3xxRedirection());
        send(mine, pack() + "/shape", "shape", "pouch");
        assertThat(page().expectFirst("#loose .thing[data-supply=" + module + "]")
                        .text())
                .contains("Bleeding", "120 ml");
        send(mine, pack() + "/lay", "supply", module.toString(), "part", named("Main room"));
        assertThat(page().expectFirst("section[aria-label='Main room']").text()).contains("Bleeding", "inside it");
        assertThat(page().select("#reach-title ~ table tr:contains(Haemostatic)")
                        .text())
                .contains("Main room, Bleeding", " s", "both hands");
        assertThat(page().select(".box-module")).hasSize(1);
    }
}
