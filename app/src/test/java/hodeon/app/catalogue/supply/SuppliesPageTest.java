package hodeon.app.catalogue.supply;

import static hodeon.app.PageText.says;
import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.flash;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import hodeon.app.WebTest;
import hodeon.app.catalogue.OwnCatalogue;
import hodeon.app.catalogue.SupplyText;
import hodeon.app.stock.StockService;
import hodeon.app.stock.place.Place;
import hodeon.core.catalogue.Supply;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import javax.imageio.ImageIO;
import org.jsoup.Jsoup;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockMultipartFile;

class SuppliesPageTest extends WebTest {

    @Autowired
    OwnCatalogue catalogues;

    @Autowired
    StockService stock;

    private Supply supply(String id) {
        return catalogues.of(mine.householdId()).catalogue().supply(id).orElseThrow();
    }

    @Test
    void everyShippedSupplyComesBackTheSameFromItsText() {
        for (Supply shipped : catalogues.of(mine.householdId()).catalogue().supplies()) {
            assertThat(catalogues.keepSupply(mine.householdId(), SupplyText.of(shipped)))
                    .as(shipped.id())
                    .isEmpty();
            assertThat(supply(shipped.id())).isEqualTo(shipped);
        }
    }

    /** What the form says of a shipped supply keeps everything that the form has no field for. */
    @Test
    void everyShippedSupplyComesBackTheSameFromItsForm() {
        for (Supply shipped : catalogues.of(mine.householdId()).catalogue().supplies()) {
            String text = SupplyForm.of(shipped).text(SupplyText.of(shipped), Set.of());
            assertThat(catalogues.keepSupply(mine.householdId(), text))
                    .as(shipped.id())
                    .isEmpty();
            assertThat(supply(shipped.id())).isEqualTo(shipped);
        }
    }

    /** Opened and kept without a change, nothing of it is lost: not the fourth thing it does, not what somebody reacts to. */
    @Test
    void aFormThatIsSentAsItCameChangesNothing() throws Exception {
        List<Supply> full = catalogues.of(mine.householdId()).catalogue().supplies().stream()
                .filter(s -> s.serves().size() > 3 || s.contains().size() > 1 || s.usesPerPiece() != 1)
                .toList();
        assertThat(full).hasSizeGreaterThan(10).anyMatch(s -> s.serves().size() > 3);
        for (Supply supply : full) {
            String page = open(mine, "/supplies?edit=" + supply.id())
                    .andReturn()
                    .getResponse()
                    .getContentAsString();
            String[] sent = Jsoup.parse(page).expectForm("#one-supply").formData().stream()
                    .flatMap(f -> Stream.of(f.key(), f.value()))
                    .toArray(String[]::new);
            send(mine, "/supplies/one", sent).andExpect(status().is3xxRedirection());
            assertThat(supply(supply.id())).isEqualTo(supply);
        }
    }

    /** A keepsake answers nothing that could happen: one of it comes along all the same, until it is left out by hand. */
    @Test
    void whatServesNothingComesAnyway() throws Exception {
        String trip = trip(mine, "Skerry ring");
        String[] stone = {
            "name", "Lucky stone", "group", "tools", "form", "tool", "piece", "stone", "mass", "12", "volume", "5",
            "lasts", "always", "serves", "nothing", "tier", "good", "training", "untrained", "price", "trifle", "pack",
                    "1",
            "months", ""
        };
        send(mine, "/supplies/one", stone).andExpect(status().is3xxRedirection());
        assertThat(supply("lucky-stone").comesAnyway()).isTrue();
        open(mine, "/supplies?edit=lucky-stone").andExpect(says("it comes anyway"));
        open(mine, trip + "/mat?about=lucky-stone")
                .andExpect(status().isOk())
                .andExpect(content().string(containsString("id=\"tile-lucky-stone\"")));
        send(mine, trip + "/mat/ban", "supply", "lucky-stone", "version", "0");
        String left = open(mine, trip + "/mat").andReturn().getResponse().getContentAsString();
        assertThat(Jsoup.parse(left).select("#tile-lucky-stone .count").text()).isEqualTo("0");
        send(
                        mine,
                        "/supplies",
                        "text",
                        catalogues.text(mine.householdId(), "lucky-stone").replace("serves = nothing", ""))
                .andExpect(says("write “serves = nothing” if it comes all the same"));
    }

    @Test
    void aThingOfMyOwnIsAddedByAFormAndUnderstoodInLists() throws Exception {
        String[] hook = {
            "name",
            "Rescue hook",
            "group",
            "tools",
            "form",
            "tool",
            "piece",
            "hook",
            "mass",
            "41,5",
            "volume",
            "12 x 5 x 1 cm",
            "lasts",
            "always",
            "serves",
            "cut-away",
            "tier",
            "good",
            "training",
            "untrained",
            "price",
            "fair",
            "pack",
            "1",
            "months",
            ""
        };
        send(mine, "/supplies/one", with(with(hook, "mass", "heavy"), "pack", "none"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(says("Mass of one: “heavy” is not a number", "Pieces in a pack", "Rescue hook"));
        send(mine, "/supplies/one", hook).andExpect(status().is3xxRedirection());
        Supply kept = supply("rescue-hook");
        assertThat(kept.mass().grams()).isEqualTo(41.5);
        assertThat(kept.volume().litres()).isEqualTo(0.06);
        assertThat(kept.durable()).isTrue();
        open(mine, "/supplies?edit=rescue-hook").andExpect(says("Change “Rescue hook”", "Keep this change"));
        send(mine, "/supplies/one", with(with(hook, "mass", "44"), "id", "rescue-hook"));
        assertThat(supply("rescue-hook").mass().grams()).isEqualTo(44);
        // Another of the same name is another thing.
        send(mine, "/supplies/one", hook);
        assertThat(supply("rescue-hook-2").mass().grams()).isEqualTo(41.5);
        send(mine, "/supplies/one", with(hook, "id", "nobodys-hook")).andExpect(status().isUnprocessableContent());
    }

    @Test
    void oneOfMyOwnStandsBeforeTheShippedOneForMeAlone() throws Exception {
        String trip = trip(mine, "Skerry ring");
        String text = catalogues.text(mine.householdId(), "fine-tweezers").replace("mass = 12", "mass = 31");
        send(mine, "/supplies", "text", text).andExpect(status().is3xxRedirection());
        open(mine, "/supplies").andExpect(says("yours"));
        open(mine, trip + "/mat?about=fine-tweezers").andExpect(says("Described by you"));
        assertThat(catalogues
                        .of(others.householdId())
                        .catalogue()
                        .supply("fine-tweezers")
                        .orElseThrow()
                        .mass()
                        .grams())
                .isEqualTo(12);
        send(mine, "/supplies/fine-tweezers/drop");
        assertThat(supply("fine-tweezers").mass().grams()).isEqualTo(12);
    }

    @Test
    void aNewSupplyComesToTheMatAndASupersededOneStaysOut() throws Exception {
        String trip = trip(mine, "Skerry ring");
        String text =
                "[feather-pad]\nname = Feather pad\ngroup = feet\nform = pad\npiece = pad\nmass = 0.5\nvolume = 1\n"
                        + "serves = cushion-blister made\nprice = small\npack = 5\n";
        send(mine, "/supplies", "text", text).andExpect(status().is3xxRedirection());
        open(mine, trip + "/mat").andExpect(content().string(containsString("tile-feather-pad")));
        send(mine, "/supplies", "text", text + "superseded = yes\n");
        open(mine, trip + "/mat").andExpect(content().string(not(containsString("tile-feather-pad"))));
        open(mine, trip + "/mat?about=feather-pad").andExpect(says("Marked as replaced or recalled."));
    }

    @Test
    void everythingWrongWithADescriptionIsToldWithItsLineAndNothingIsKept() throws Exception {
        send(
                        mine,
                        "/supplies",
                        "text",
                        "[bad]\nname = Bad\ngroup = hats\nform = pad\npiece = bit\nmass = heavy\nvolume = 1\n"
                                + "serves = fly made\nprice = small\npack = 1\n")
                .andExpect(status().isUnprocessableContent())
                .andExpect(says("Line 3: “hats” is not one of"))
                .andExpect(says("Line 6: “heavy” is not a number"))
                .andExpect(says("names the capability “fly”"));
        assertThat(catalogues.of(mine.householdId()).ownSupplies()).isEmpty();
    }

    @Test
    void aRateOfMyOwnMovesTheOddsAndGoesBack() throws Exception {
        String trip = trip(mine, "Skerry ring");
        String id = trip.replace("/trips/", "");
        send(mine, "/rates/blister", "perThousand", "20", "strength", "500", "trip", id);
        open(mine, trip + "/odds?why=blister")
                .andExpect(says("20 per 1,000 person-days"))
                .andExpect(says("Your own rate, as sure as 500 person-days"));
        send(mine, "/rates/blister", "perThousand", "often", "strength", "0", "trip", id)
                .andExpect(flash().attribute("rateFault", containsString("“often” and “0” were given")));
        send(mine, "/rates/blister/drop", "trip", id);
        open(mine, trip + "/odds?why=blister").andExpect(says("7.4 per 1,000 person-days"));
    }

    /** Fetched by somebody who has never seen it; another household sees neither it nor the photo. */
    @Test
    void aThingHasAPhotoACopyAndAWayBack() throws Exception {
        send(
                mine,
                "/supplies/one",
                "name",
                "Foil cup",
                "group",
                "tools",
                "form",
                "tool",
                "piece",
                "cup",
                "mass",
                "30",
                "volume",
                "90",
                "lasts",
                "always",
                "serves",
                "nothing",
                "tier",
                "good",
                "training",
                "untrained",
                "price",
                "small",
                "pack",
                "1");
        photo("foil-cup", "no picture".getBytes(StandardCharsets.UTF_8));
        open(mine, "/supplies/foil-cup/photo.jpg").andExpect(status().isNotFound());
        ByteArrayOutputStream png = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(40, 30, BufferedImage.TYPE_INT_RGB), "png", png);
        photo("foil-cup", png.toByteArray());
        open(mine, "/supplies/foil-cup/photo.jpg").andExpect(status().isOk());
        open(others, "/supplies/foil-cup/photo.jpg").andExpect(status().isNotFound());
        UUID shelf = stock.addPlace(mine.householdId(), "Shelf", Place.Kind.SHELF, Optional.empty(), Optional.empty());
        send(mine, "/stock/enter", "place", "Shelf", "supply", "Foil cup", "pieces", "1");
        String lot = Jsoup.parse(open(mine, "/stock/places/" + shelf)
                        .andReturn()
                        .getResponse()
                        .getContentAsString())
                .expectFirst("a[href^='/stock/lots/']")
                .attr("href");
        open(mine, lot).andExpect(content().string(containsString("/supplies/foil-cup/photo.jpg")));
        String copy =
                open(mine, "/supplies?copy=foil-cup").andReturn().getResponse().getContentAsString();
        send(
                mine,
                "/supplies/one",
                Jsoup.parse(copy).expectForm("#one-supply").formData().stream()
                        .flatMap(f -> Stream.of(f.key(), f.value()))
                        .toArray(String[]::new));
        assertThat(supply("foil-cup-copy").mass()).isEqualTo(supply("foil-cup").mass());
        send(mine, "/supplies/foil-cup-copy/drop").andExpect(status().is3xxRedirection());
        assertThat(catalogues.of(mine.householdId()).catalogue().supply("foil-cup-copy"))
                .isEmpty();
        send(mine, "/bin/SUPPLY/back", "id", "foil-cup-copy");
        assertThat(supply("foil-cup-copy").name()).isEqualTo("Foil cup (copy)");
        send(mine, "/supplies/foil-cup/photo/remove");
        open(mine, "/supplies/foil-cup/photo.jpg").andExpect(status().isNotFound());
    }

    private void photo(String supply, byte[] file) throws Exception {
        web.perform(multipart("/supplies/" + supply + "/photo")
                .file(new MockMultipartFile("photo", "photo.png", "image/png", file))
                .with(user(mine))
                .with(csrf()));
    }
}
