package hodeon.app.kits;

import static hodeon.app.PageText.doesNotSay;
import static hodeon.app.PageText.says;
import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.flash;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import hodeon.app.WebTest;
import hodeon.app.kits.list.ListService;
import hodeon.app.stock.StockService;
import hodeon.app.stock.ledger.Arrival;
import hodeon.app.stock.ledger.Cause;
import hodeon.app.stock.ledger.Stock;
import hodeon.app.stock.ledger.StockLedger;
import hodeon.app.stock.place.Place;
import hodeon.core.readiness.KitList;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockMultipartFile;

/** A kit is a thing in the world: made, described, parted in modules, copied, retired, deleted, without any outing. */
class KitPageTest extends WebTest {

    @Autowired
    StockService stock;

    @Autowired
    StockLedger ledger;

    @Autowired
    ListService lists;

    private UUID made(String name, String list) throws Exception {
        send(mine, "/kits", "name", name, "list", list);
        return place(name);
    }

    private UUID place(String name) {
        return stock.places(mine.householdId()).stream()
                .filter(p -> p.name().equals(name))
                .findFirst()
                .orElseThrow()
                .id();
    }

    private void put(UUID where, String supply, int pieces) {
        ledger.receive(
                mine.householdId(),
                List.of(Arrival.of(where, supply, pieces, Optional.empty(), LocalDate.of(2026, 1, 1))),
                Cause.of("test", ""));
    }

    private int in(UUID kit) {
        return stock.of(mine.householdId()).inKit(kit).stream()
                .mapToInt(h -> h.pieces())
                .sum();
    }

    private UUID listOf(UUID kit) {
        return stock.place(mine.householdId(), kit).kitId().orElseThrow();
    }

    private void write(UUID list, String because, String... rows) throws Exception {
        String[] fields = new String[rows.length + 4];
        fields[0] = "version";
        fields[1] = String.valueOf(lists.find(mine.householdId(), list).version());
        fields[2] = "because";
        fields[3] = because;
        System.arraycopy(rows, 0, fields, 4, rows.length);
        send(mine, "/lists/" + list + "/edit", fields).andExpect(status().is3xxRedirection());
    }

    @Test
    void aHomeKitIsMadeListedFilledAndTold() throws Exception {
        UUID kit = made("Hall cupboard", "new");
        UUID list = listOf(kit);
        write(
                list,
                "",
                "supply",
                "Nitrile gloves, pale",
                "target",
                "6",
                "least",
                "2",
                "module",
                "",
                "why",
                "the first pair tears",
                "supply",
                "gauze-small",
                "target",
                "10",
                "least",
                "",
                "module",
                "Cuts",
                "why",
                "");
        open(mine, "/kits/" + kit)
                .andExpect(says("2 kinds are missing, 1 of them below the least count", "6 of 6 pairs"));
        put(kit, "gloves-small", 20);
        put(kit, "gauze-small", 10);
        open(mine, "/kits/" + kit)
                .andExpect(says(
                        "Nothing is missing.",
                        "Nitrile gloves, pale: 6 pairs not there, covered by Nitrile gloves, small hands: 6 pairs",
                        "Never checked as a whole"));
        open(mine, "/kits").andExpect(says("Hall cupboard", "nothing is missing"));
    }

    @Test
    void whatLiesAtHomeIsOfferedAndMovedInOneAct() throws Exception {
        UUID kit = made("Car kit", "new");
        write(listOf(kit), "", "supply", "Nitrile gloves, pale", "target", "6");
        UUID shelf = stock.addPlace(mine.householdId(), "Shelf", Place.Kind.SHELF, Optional.empty(), Optional.empty());
        put(shelf, "gloves-nitrile", 4);
        var page = open(mine, "/kits/" + kit)
                .andExpect(says("Take 4 pairs from Shelf"))
                .andReturn();
        send(mine, "/restock/fill", hodeon.app.PageText.sent(page, "form[action=/restock/fill]"));
        assertThat(in(kit)).isEqualTo(4);
        open(mine, "/kits/" + kit).andExpect(says("2 of 6 pairs", "On the list to buy"));
    }

    /** After use: the tin takes from the bag, the bag from the cupboard, and the shop gives what is left; nothing is promised twice. */
    @Test
    void aTinIsFilledFromTheBagTheBagFromTheCupboardAndThatFromTheShop() throws Exception {
        UUID bag = made("Comfort bag", "new");
        write(listOf(bag), "", "supply", "Nitrile gloves, pale", "target", "6", "least", "4");
        UUID tin = made("Day tin", "new");
        write(listOf(tin), "", "supply", "Nitrile gloves, pale", "target", "4");
        UUID cupboard =
                stock.addPlace(mine.householdId(), "Cupboard", Place.Kind.SHELF, Optional.empty(), Optional.empty());
        send(
                mine,
                "/kits/" + tin + "/facts",
                "name",
                "Day tin",
                "list",
                listOf(tin).toString(),
                "filledFrom",
                bag.toString());
        send(
                mine,
                "/kits/" + bag + "/facts",
                "name",
                "Comfort bag",
                "list",
                listOf(bag).toString(),
                "filledFrom",
                cupboard.toString());
        put(bag, "gloves-nitrile", 6);
        put(cupboard, "gloves-nitrile", 3);
        open(mine, "/kits/" + tin).andExpect(says("4 of 4 pairs", "Take 4 pairs from Comfort bag and Cupboard"));
        open(mine, "/restock").andExpect(says("At Comfort bag", "At Cupboard", "1 pair"));
        send(mine, "/restock/fill");
        assertThat(in(tin)).isEqualTo(4);
        assertThat(in(bag)).isEqualTo(5);
        open(mine, "/kits/" + tin).andExpect(says("Nothing is missing."));
        open(mine, "/kits/" + bag).andExpect(says("1 of 6 pairs", "On the list to buy"));
    }

    @Test
    void oneListInThreeHousesEachComparesItself() throws Exception {
        UUID one = made("North house", "new");
        UUID list = listOf(one);
        write(list, "", "supply", "Nitrile gloves, pale", "target", "6", "least", "2");
        UUID two = made("South house", list.toString());
        UUID three = made("West house", list.toString());
        put(one, "gloves-nitrile", 6);
        put(two, "gloves-nitrile", 3);
        open(mine, "/lists/" + list)
                .andExpect(says("North house", "South house", "West house", "complete", "✕ below least", "◐ short"));
        write(list, "two of us have large hands", "supply", "Nitrile gloves, pale", "target", "8", "least", "2");
        open(mine, "/lists/" + list)
                .andExpect(says("two of us have large hands", "Nitrile gloves, pale: 8 pairs instead of 6"));
        open(mine, "/kits/" + three).andExpect(says("8 of 8 pairs"));
    }

    @Test
    void aListThatSomebodyElseChangedIsNotOverwritten() throws Exception {
        UUID list = listOf(made("Tin", "new"));
        send(mine, "/lists/" + list + "/edit", "version", "0", "supply", "Shears", "target", "1");
        long seen = lists.find(mine.householdId(), list).version();
        write(list, "", "supply", "Nitrile gloves, pale", "target", "2");
        send(
                        mine,
                        "/lists/" + list + "/edit",
                        "version",
                        String.valueOf(seen),
                        "supply",
                        "Nitrile gloves, pale",
                        "target",
                        "9")
                .andExpect(status().isUnprocessableContent())
                .andExpect(says("Somebody else changed this list while you did"));
        assertThat(lists.find(mine.householdId(), list).pieces()).isEqualTo(Map.of("gloves-nitrile", 2));
    }

    @Test
    void everythingWrongInAListIsToldAtOnceAndNothingIsLost() throws Exception {
        UUID list = listOf(made("Tin", "new"));
        send(
                        mine,
                        "/lists/" + list + "/edit",
                        "version",
                        "0",
                        "supply",
                        "Magic wand",
                        "target",
                        "1",
                        "least",
                        "",
                        "supply",
                        "Nitrile gloves, pale",
                        "target",
                        "two",
                        "least",
                        "",
                        "supply",
                        "gauze-small",
                        "target",
                        "2",
                        "least",
                        "3")
                .andExpect(status().isUnprocessableContent())
                .andExpect(says(
                        "“Magic wand”",
                        "Choose one of the names",
                        "“two”",
                        "a whole number from 0 to 2",
                        "Magic wand"));
        assertThat(lists.find(mine.householdId(), list).lines()).isEmpty();
    }

    /** A list as somebody wrote it: numbers are taken over, what stood there keeps its least count, and nothing is lost. */
    @Test
    void aPastedListBecomesWhatBelongs() throws Exception {
        UUID list = listOf(made("Tin", "new"));
        write(list, "", "supply", "Nitrile gloves, pale", "target", "2", "least", "2", "module", "Hands");
        String version = String.valueOf(lists.find(mine.householdId(), list).version());
        open(mine, "/lists/" + list + "/paste").andExpect(says("One supply a line"));
        send(mine, "/lists/" + list + "/paste", "text", "6 x nitrile gloves pale\n2 x unheard-of thing")
                .andExpect(says("Is that right?", "2 x unheard-of thing"));
        send(
                mine,
                "/lists/" + list + "/paste/confirmed",
                "version",
                version,
                "line",
                "6 x nitrile gloves pale",
                "supply",
                "gloves-nitrile",
                "pieces",
                "6",
                "line",
                "shears",
                "supply",
                "shears",
                "pieces",
                "1",
                "line",
                "2 x unheard-of thing",
                "supply",
                "",
                "pieces",
                "2");
        assertThat(lists.find(mine.householdId(), list).list().lines())
                .containsExactlyInAnyOrder(
                        new KitList.Line("gloves-nitrile", 6, 2, "Hands", ""),
                        new KitList.Line("shears", 1, 0, "", ""));
        open(mine, "/stock/enter").andExpect(says("unheard-of thing"));
        // By itself it also says what no longer belongs.
        String now = String.valueOf(lists.find(mine.householdId(), list).version());
        send(
                mine,
                "/lists/" + list + "/paste/confirmed",
                "version",
                now,
                "alone",
                "true",
                "line",
                "1 pair",
                "supply",
                "shears",
                "pieces",
                "1");
        assertThat(lists.find(mine.householdId(), list).pieces()).isEqualTo(Map.of("shears", 1));
        send(others, "/lists/" + list + "/paste/confirmed", "version", now).andExpect(status().isNotFound());
    }

    @Test
    void aModuleIsLiftedOutGoesAloneAndComesBackWithWhatLiesInIt() throws Exception {
        UUID box = made("Lead boat", "");
        send(mine, "/kits/" + box + "/modules", "name", "Tray");
        UUID tray = place("Tray");
        send(mine, "/kits/" + tray + "/modules", "name", "Cuts");
        UUID cuts = place("Cuts");
        put(box, "shears", 1);
        put(cuts, "gauze-small", 5);
        assertThat(in(box)).isEqualTo(6);

        send(mine, "/kits/" + box + "/put", "module", tray.toString(), "into", cuts.toString())
                .andExpect(flash().attributeExists("faults"));
        send(mine, "/kits/" + box + "/put", "module", tray.toString());
        assertThat(in(box)).isEqualTo(1);
        assertThat(in(tray)).isEqualTo(5);
        open(mine, "/kits/" + box).andExpect(says("Lifted out", "by itself", "Bring it back"));
        open(mine, "/kits").andExpect(says("Lead boat", "Tray"));

        send(mine, "/kits/" + box + "/back", "module", tray.toString());
        assertThat(in(box)).isEqualTo(6);
        open(mine, "/kits/" + box).andExpect(doesNotSay("Lifted out"));
    }

    @Test
    void twoKitsMayEachHaveAModuleOfTheSameName() throws Exception {
        UUID lead = made("Lead boat", "");
        UUID sweep = made("Sweep boat", "");
        send(mine, "/kits/" + lead + "/modules", "name", "Cuts");
        send(mine, "/kits/" + sweep + "/modules", "name", "Cuts");
        send(mine, "/kits/" + lead + "/modules", "name", "cuts").andExpect(flash().attributeExists("faults"));
        Stock all = stock.of(mine.householdId());
        assertThat(all.modules(lead)).hasSize(1);
        assertThat(all.modules(sweep)).hasSize(1);
        assertThat(all.address(all.modules(sweep).getFirst().id())).isEqualTo("Sweep boat / Cuts");
        // Put into the other boat, two of one name would lie there.
        send(
                        mine,
                        "/kits/" + lead + "/put",
                        "module",
                        all.modules(lead).getFirst().id().toString(),
                        "into",
                        sweep.toString())
                .andExpect(flash().attributeExists("faults"));
    }

    @Test
    void whatIsKnownOfAKitIsWrittenDownAndAChainOfFillingHasNoRing() throws Exception {
        UUID tin = made("Tin", "");
        UUID bag = made("Bag", "");
        send(
                mine,
                "/kits/" + tin + "/facts",
                "name",
                "Day tin",
                "stands",
                "in the day bag",
                "knownBy",
                "Ottilie and Sef",
                "condition",
                "lid dented",
                "filledFrom",
                bag.toString());
        open(mine, "/kits/" + tin)
                .andExpect(says("Day tin", "in the day bag", "Ottilie and Sef know where", "Condition: lid dented"));
        send(mine, "/kits/" + bag + "/facts", "name", "Bag", "filledFrom", tin.toString())
                .andExpect(flash().attributeExists("faults"));
        assertThat(stock.place(mine.householdId(), tin).filledFrom()).contains(bag);
        assertThat(stock.place(mine.householdId(), bag).filledFrom()).isEmpty();
    }

    @Test
    void aDeletedKitComesBackWithEverythingInIt() throws Exception {
        UUID box = made("Lead boat", "");
        send(mine, "/kits/" + box + "/modules", "name", "Cuts");
        put(place("Cuts"), "gauze-small", 5);
        send(mine, "/kits/" + box + "/delete");
        open(mine, "/kits/" + box).andExpect(status().isNotFound());
        open(mine, "/kits").andExpect(doesNotSay("Lead boat"));
        assertThat(stock.of(mine.householdId()).held()).isEmpty();
        open(mine, "/bin").andExpect(says("Lead boat")).andExpect(doesNotSay("Cuts"));
        send(others, "/bin/KIT/back", "id", box.toString()).andExpect(status().isNotFound());
        send(mine, "/bin/KIT/back", "id", box.toString());
        assertThat(in(box)).isEqualTo(5);
        // Gone for good it is named by the ledger alone.
        send(mine, "/kits/" + box + "/delete");
        send(mine, "/bin/KIT/empty", "id", box.toString());
        open(mine, "/bin").andExpect(doesNotSay("Lead boat"));
        open(mine, "/stock/movements").andExpect(says("Cuts"));
    }

    @Test
    void aCopyHasTheListAndTheModulesAndNothingInIt() throws Exception {
        UUID lead = made("Lead boat", "new");
        send(mine, "/kits/" + lead + "/modules", "name", "Cuts");
        put(place("Cuts"), "gauze-small", 5);
        send(mine, "/kits/" + lead + "/copy", "name", "Sweep boat");
        UUID sweep = place("Sweep boat");
        assertThat(listOf(sweep)).isEqualTo(listOf(lead));
        assertThat(stock.of(mine.householdId()).modules(sweep)).map(Place::name).containsExactly("Cuts");
        assertThat(in(sweep)).isZero();
        send(mine, "/kits/" + lead + "/retire", "retired", "true");
        open(mine, "/kits/" + lead).andExpect(says("Out of use since"));
        assertThat(stock.of(mine.householdId()).kits()).map(Place::name).containsExactly("Sweep boat");
    }

    @Test
    void aSetKeptTogetherSaysWhetherItIsComplete() throws Exception {
        UUID kit = made("Doctor's bag", "");
        UUID set = lists.save(mine.householdId(), "Wound closing set", Map.of("closure-strips", 2, "fine-tweezers", 1));
        UUID module = stock.addPlace(
                mine.householdId(), "Wound closing", Place.Kind.MODULE, Optional.of(kit), Optional.of(set));
        put(module, "closure-strips", 2);
        open(mine, "/kits/" + kit).andExpect(says("1 kind short"));
        put(module, "fine-tweezers", 1);
        open(mine, "/kits/" + kit).andExpect(says("○ complete"));
    }

    @Test
    void aPhotoIsMadeSmallAndHoldsNothingOfWhereItWasTaken() throws Exception {
        UUID kit = made("Hall cupboard", "");
        ByteArrayOutputStream png = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(1600, 800, BufferedImage.TYPE_INT_RGB), "png", png);
        photo(kit, png.toByteArray());
        open(mine, "/kits/" + kit).andExpect(says("Take the photo away"));
        byte[] small = open(mine, "/kits/" + kit + "/photo.jpg")
                .andReturn()
                .getResponse()
                .getContentAsByteArray();
        BufferedImage shown = ImageIO.read(new ByteArrayInputStream(small));
        assertThat(shown.getWidth()).isEqualTo(1000);
        assertThat(shown.getHeight()).isEqualTo(500);
        photo(kit, "no picture".getBytes(StandardCharsets.UTF_8));
        open(mine, "/kits/" + kit + "/photo.jpg").andExpect(status().isOk());
        open(others, "/kits/" + kit + "/photo.jpg").andExpect(status().isNotFound());
        send(mine, "/kits/" + kit + "/photo/remove");
        open(mine, "/kits/" + kit + "/photo.jpg").andExpect(status().isNotFound());
    }

    private void photo(UUID kit, byte[] file) throws Exception {
        web.perform(multipart("/kits/" + kit + "/photo")
                        .file(new MockMultipartFile("photo", "kit.png", "image/png", file))
                        .with(user(mine))
                        .with(csrf()))
                .andExpect(status().is3xxRedirection());
    }
}
