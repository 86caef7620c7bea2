package hodeon.app.stock.pocket;

import static org.assertj.core.api.Assertions.assertThat;

import hodeon.app.StockTest;
import hodeon.app.kits.list.ListService;
import hodeon.app.mat.MatService;
import hodeon.app.stock.place.Place;
import hodeon.core.packing.AccessStep;
import hodeon.core.packing.Compartment;
import hodeon.core.units.Volume;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.UUID;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;

/** The compartments of a kit are the same on every page, and in the order in which they are opened. */
class PocketsTest extends StockTest {

    private static final UUID KIT = new UUID(1, 1);

    @Autowired
    ListService lists;

    @Autowired
    MatService mats;

    private static Compartment part(String name, AccessStep... steps) {
        return new Compartment(
                name, name, new Volume(1_000_000L), List.of(steps), OptionalInt.empty(), false, false, false);
    }

    /** Two staged in the loop, four under the flap, the rest in the main room: what is used is missing in the main room first. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
        9 | loop (2), flap (4), main (3)
        6 | loop (2), flap (4)
        5 | loop (2), flap (3)
        2 | loop
        0 | ''
        """)
    void whatIsStagedStaysStaged(int pieces, String named) {
        Pockets pockets = new Pockets(
                Map.of(
                        KIT,
                        List.of(
                                part("main", AccessStep.OPEN_FLAP, AccessStep.UNZIP),
                                part("loop", AccessStep.PULL_TAB),
                                part("flap", AccessStep.OPEN_FLAP))),
                Map.of(
                        KIT,
                        List.of(
                                new Pockets.Laying("gloves", "main", 0, false),
                                new Pockets.Laying("gloves", "flap", 4, false),
                                new Pockets.Laying("gloves", "loop", 2, true))));
        assertThat(pockets.named(KIT, "gloves", pieces)).isEqualTo(named);
        assertThat(pockets.named(KIT, "shears", pieces)).isEmpty();
        assertThat(pockets.named(new UUID(2, 2), "gloves", pieces)).isEmpty();
    }

    private Document page(String address) throws Exception {
        return Jsoup.parse(open(mine, address).andReturn().getResponse().getContentAsString());
    }

    @Test
    void everyPageNamesTheSameCompartments() throws Exception {
        UUID household = mine.householdId();
        UUID pouch = stock.addPlace(household, "Deck pouch", Place.Kind.KIT, Optional.empty(), Optional.empty());
        UUID gauze = put(pouch, "gauze-large", 4, "2030-01");
        put(pouch, "tourniquet-windlass", 2, "");
        put(pouch, "paracetamol", 16, "2030-01");
        String trip = trip(mine, "Skerry ring");
        UUID id = UUID.fromString(trip.replace("/trips/", ""));
        Map<String, Integer> pieces = Map.of("gauze-large", 4, "tourniquet-windlass", 2, "paracetamol", 16);
        mats.begin(household, id, pieces);
        lists.save(household, id, "Deck pouch", pieces);
        send(mine, trip + "/ready/lies", "place", pouch.toString());
        send(mine, "/kits/" + pouch + "/pack/shape", "shape", "pouch");
        send(mine, "/kits/" + pouch + "/pack/arrange");

        assertThat(page("/kits/" + pouch).select("tr:contains(Windlass)").text())
                .contains("in Loops on the back (1), Under the flap (1)");
        assertThat(page("/stock/lots/" + gauze).text()).contains("4 pads in Deck pouch, Under the flap");
        assertThat(page("/stock/movements").select("tr:contains(Gauze)").text())
                .contains("Gauze pad, 10 cm: 4 pads came to Deck pouch (Under the flap)");
        assertThat(page(trip + "/ready").select("tr:contains(Gauze)").text()).contains("in Under the flap");
        assertThat(page(trip + "/trail").select("li[data-supply=gauze-large]").text())
                .contains("Deck pouch, Under the flap");
        assertThat(page("/stock/places/" + pouch + "/aid?problem=severe-limb-bleeding")
                        .text())
                .contains("Windlass tourniquet: 2 tourniquets: Deck pouch, Loops on the back (1), Under the flap (1)");
        assertThat(page(trip + "/cards?card=contents").select("h3, h2").eachText())
                .containsSubsequence(
                        "Deck pouch: Loops on the back", "Deck pouch: Under the flap", "Deck pouch: Main room");

        send(mine, "/stock/checks", "place", pouch.toString(), "rhythm", "YEARLY_ALL");
        String round = page("/stock/checks").select(".hands a").first().attr("href");
        assertThat(page(round).select(".walk-place").eachText())
                .startsWith("Deck pouch, Loops on the back (1), Under the flap (1)", "Deck pouch, Under the flap");
    }
}
