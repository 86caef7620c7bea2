package hodeon.app.stock;

import static hodeon.app.PageText.doesNotSay;
import static hodeon.app.PageText.says;
import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasSize;
import static org.hamcrest.Matchers.not;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.flash;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.MultiFormatWriter;
import com.google.zxing.common.BitMatrix;
import hodeon.app.WebTest;
import hodeon.app.stock.enter.Incoming;
import hodeon.app.stock.place.Place;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.ResultActions;

class StockPageTest extends WebTest {

    private static final String CODE = "(01)02000000000015(17)280200(10)TW4(21)S-1";

    @Autowired
    StockService stock;

    @Autowired
    Incoming incoming;

    @BeforeEach
    void aShelf() {
        stock.addPlace(mine.householdId(), "Shore shelf", Place.Kind.SHELF, Optional.empty(), Optional.empty());
        stock.addPlace(others.householdId(), "Shore shelf", Place.Kind.SHELF, Optional.empty(), Optional.empty());
    }

    private ResultActions upload(String address, String field, byte[] bytes) throws Exception {
        return web.perform(multipart(address)
                .file(new MockMultipartFile(field, "file", "application/octet-stream", bytes))
                .with(user(mine))
                .with(csrf()));
    }

    private ResultActions enter(String... more) throws Exception {
        String[] base = {"place", "Shore shelf", "supply", "Non-alcohol antiseptic wipe", "pieces", "20"};
        String[] all = Stream.concat(Arrays.stream(base), Arrays.stream(more)).toArray(String[]::new);
        return send(mine, "/stock/enter", all);
    }

    @Test
    void aCodeFillsTheFormAndItsArticleIsRemembered() throws Exception {
        send(mine, "/stock/enter", "do", "read", "code", CODE)
                .andExpect(status().isOk())
                .andExpect(content().string(containsString("value=\"2028-02\"")))
                .andExpect(content().string(containsString("value=\"TW4\"")));
        enter("article", "02000000000015", "until", "2028-02", "lot", "TW4", "serial", "S-1", "price", "0.35")
                .andExpect(status().is3xxRedirection());
        open(mine, "/stock/enter?code=" + CODE.replace("(10)TW4(21)S-1", "(10)X9"))
                .andExpect(content().string(containsString("value=\"Non-alcohol antiseptic wipe\"")))
                .andExpect(content().string(containsString("value=\"20\"")))
                .andExpect(content().string(containsString("value=\"0.35\"")));
        send(mine, "/stock/enter", "do", "read", "code", "(01)02000000000015(15)280331(714)99")
                .andExpect(content().string(containsString("value=\"2028-03-31\"")))
                .andExpect(says("best-before date (15)"))
                .andExpect(says("(714) “99” is not known here"));
        open(others, "/stock/enter?code=" + CODE)
                .andExpect(content().string(not(containsString("value=\"Non-alcohol antiseptic wipe\" required"))));
        enter("article", "02000000000015", "serial", "S-1")
                .andExpect(status().isUnprocessableContent())
                .andExpect(says("already in your stock"));
    }

    @Test
    void everyFaultOfAFormIsToldAndNothingIsLost() throws Exception {
        enter("pieces", "x", "until", "2027-02-29", "price", "1.005", "opened", "2999-01-01", "store-below", "900")
                .andExpect(status().isUnprocessableContent())
                .andExpect(says("“2027-02-29” was given"))
                .andExpect(says("at most 2 decimals"))
                .andExpect(says("from 2000-01-01 to today"))
                .andExpect(says("-30 to 60"))
                .andExpect(content().string(containsString("value=\"2027-02-29\"")));
        assertThat(stock.of(mine.householdId()).held()).isEmpty();
    }

    private static byte[] picture(String text, BarcodeFormat format) throws Exception {
        BitMatrix bits = new MultiFormatWriter().encode(text, format, 600, 600);
        BufferedImage image = new BufferedImage(700, 700, BufferedImage.TYPE_INT_RGB);
        for (int x = 0; x < 700; x++) {
            for (int y = 0; y < 700; y++) {
                boolean dark = x >= 50
                        && y >= 50
                        && x - 50 < bits.getWidth()
                        && y - 50 < bits.getHeight()
                        && bits.get(x - 50, y - 50);
                image.setRGB(x, y, dark ? 0x111111 : 0xeeeeee);
            }
        }
        ByteArrayOutputStream png = new ByteArrayOutputStream();
        ImageIO.write(image, "png", png);
        return png.toByteArray();
    }

    @Test
    void aPhotoOfACodeIsRead() throws Exception {
        upload("/stock/enter/photo", "photo", picture(CODE, BarcodeFormat.QR_CODE))
                .andExpect(status().isOk())
                .andExpect(content().string(containsString("value=\"2028-02\"")));
        upload("/stock/enter/photo", "photo", picture("2000000000015", BarcodeFormat.EAN_13))
                .andExpect(content().string(containsString("value=\"02000000000015\"")));
        upload("/stock/enter/photo", "photo", "not a picture".getBytes(StandardCharsets.UTF_8))
                .andExpect(status().isUnprocessableContent())
                .andExpect(says("JPEG, PNG"));
        ByteArrayOutputStream blank = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(60, 60, BufferedImage.TYPE_INT_RGB), "png", blank);
        upload("/stock/enter/photo", "photo", blank.toByteArray())
                .andExpect(content().string(containsString("a code can be seen".replace("a code", "A code"))));
        ByteArrayOutputStream huge = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(9000, 6000, BufferedImage.TYPE_BYTE_BINARY), "png", huge);
        upload("/stock/enter/photo", "photo", huge.toByteArray()).andExpect(says("40 million pixels"));
    }

    @Test
    void pastedLinesAreLookedOverFirst() throws Exception {
        String text = "12 x waterproof plaster 2028-03 lot AB7\nfrobnicator, 2";
        send(mine, "/stock/enter/lines", "text", text, "place", "Shore shelf")
                .andExpect(says("not known: search for it"))
                .andExpect(content().string(containsString("value=\"2028-03\"")))
                .andExpect(content().string(containsString("value=\"AB7\"")));
        assertThat(stock.of(mine.householdId()).held()).isEmpty();
        send(
                        mine,
                        "/stock/enter/confirmed",
                        "place",
                        "Shore shelf",
                        "text",
                        "12 x plaster, big, lot AB7",
                        "supply",
                        "plaster-waterproof",
                        "pieces",
                        "12",
                        "until",
                        "2028-03",
                        "lot",
                        "AB7")
                .andExpect(status().is3xxRedirection());
        assertThat(stock.of(mine.householdId()).held()).singleElement().satisfies(h -> {
            assertThat(h.pieces()).isEqualTo(12);
            assertThat(h.lot().code()).isEqualTo("AB7");
        });
    }

    /** Of a long list every line is placed, dropped on purpose, or waits where it is offered again. */
    @Test
    void noPastedLineVanishes() throws Exception {
        List<String> form = new ArrayList<>(List.of("place", "Shore shelf"));
        for (int i = 0; i < 64; i++) {
            boolean unknown = i % 3 == 0;
            form.addAll(List.of(
                    "text",
                    "line " + i,
                    "supply",
                    unknown ? "" : "plaster-waterproof",
                    "pieces",
                    "2",
                    "until",
                    "",
                    "lot",
                    ""));
        }
        send(mine, "/stock/enter/confirmed", form.toArray(String[]::new))
                .andExpect(flash().attribute("added", "42 lines; 22 kept open, see below"));
        open(mine, "/stock/enter")
                .andExpect(says("22 lines are still open"))
                .andExpect(content().string(containsString("value=\"line 63\"")));
        open(others, "/stock/enter").andExpect(doesNotSay("still open"));
        send(
                        others,
                        "/stock/enter/confirmed",
                        "place",
                        "Shore shelf",
                        "text",
                        "gauze, odd",
                        "supply",
                        "",
                        "pieces",
                        "2")
                .andExpect(flash().attribute("added", "0 lines; 1 kept open, see below"));
        open(others, "/stock/enter").andExpect(content().string(containsString("value=\"gauze, odd\"")));
        send(
                        mine,
                        "/stock/enter/confirmed",
                        "place",
                        "Shore shelf",
                        "text",
                        "line 0",
                        "supply",
                        "drop",
                        "pieces",
                        "1",
                        "until",
                        "",
                        "lot",
                        "",
                        "text",
                        "line 3",
                        "supply",
                        "shears",
                        "pieces",
                        "1",
                        "until",
                        "",
                        "lot",
                        "",
                        "text",
                        "line 6",
                        "supply",
                        "",
                        "pieces",
                        "1",
                        "until",
                        "",
                        "lot",
                        "")
                .andExpect(flash().attribute("added", "1 line; 1 kept open, see below; 1 dropped"));
        open(mine, "/stock/enter").andExpect(says("20 lines are still open"));
    }

    private static final String HEAD = "place,supply,pieces,product,lot,until,price\r\n";

    @Test
    void whatGoesOutAsCsvComesInTheSame() throws Exception {
        upload(
                        "/stock/enter/file",
                        "file",
                        (HEAD + "Shore shelf,antiseptic-wipe,12,\"Wipe, \"\"big\"\"\",'=1+2,2028-02,0.35\r\n"
                                        + "Shore shelf,paracetamol,8,'@home,P1,2027-06-30,\r\n")
                                .getBytes(StandardCharsets.UTF_8))
                .andExpect(status().is3xxRedirection());
        String out = open(mine, "/stock/stock.csv").andReturn().getResponse().getContentAsString();
        assertThat(out).contains("'=1+2").contains("'@home").contains("\"Wipe, \"\"big\"\"\"");
        assertThat(stock.of(mine.householdId()).held())
                .extracting(h -> h.lot().code())
                .contains("=1+2");
        web.perform(multipart("/stock/enter/file")
                        .file(new MockMultipartFile("file", out.getBytes(StandardCharsets.UTF_8)))
                        .with(user(others))
                        .with(csrf()))
                .andExpect(status().is3xxRedirection());
        assertThat(open(others, "/stock/stock.csv").andReturn().getResponse().getContentAsString())
                .isEqualTo(out);
    }

    @Test
    void whoWaitsForALongFileIsToldHowFarItHasCome() throws Exception {
        String progress = "/stock/enter/file/progress";
        incoming.written(mine.householdId(), 1_500, 20_000);
        open(mine, progress).andExpect(content().string("1,500 of 20,000 lines written"));
        open(others, progress).andExpect(content().string(""));
        upload("/stock/enter/file", "file", (HEAD + "Shore shelf,paracetamol,8,,,,").getBytes(StandardCharsets.UTF_8));
        open(mine, progress).andExpect(content().string(""));
    }

    @Test
    void aLongFileWithOneBadLineIsRefusedWholeAndTheLineIsNamed() throws Exception {
        String text = HEAD
                + IntStream.range(0, 100_000)
                        .mapToObj(i ->
                                "Shore shelf,antiseptic-wipe," + (i == 50_000 ? "many" : "2") + ",,L" + i + ",2028-02,")
                        .collect(Collectors.joining("\r\n"));
        upload("/stock/enter/file", "file", text.getBytes(StandardCharsets.UTF_8))
                .andExpect(status().isUnprocessableContent())
                .andExpect(says("Line 50002: the number of pieces"))
                .andExpect(says("“many” was given"));
        assertThat(stock.of(mine.householdId()).held()).isEmpty();
    }

    @Test
    void filesThatAreNoTextOrNoTableAreRefused() throws Exception {
        upload("/stock/enter/file", "file", new byte[] {(byte) 0xc3, 0x28, 1}).andExpect(says("text in UTF-8"));
        upload("/stock/enter/file", "file", "a,b\r\n1,2".getBytes(StandardCharsets.UTF_8))
                .andExpect(says("Which column is what?"));
        upload("/stock/enter/file", "file", (HEAD + "Shore shelf,\"anti").getBytes(StandardCharsets.UTF_8))
                .andExpect(status().isUnprocessableContent());
        upload(
                        "/stock/enter/file",
                        "file",
                        ("place,supply,pieces,article,serial\r\n"
                                        + "Shore shelf,antiseptic-wipe,1,02000000000015,7\r\nShore shelf,antiseptic-wipe,1,02000000000015,7")
                                .getBytes(StandardCharsets.UTF_16))
                .andExpect(says("Line 3: a serial number is of one package only"));
    }

    @Test
    void aLotIsUsedMovedAndTheUseUndone() throws Exception {
        enter("until", "2028-02");
        UUID lot = stock.of(mine.householdId()).held().getFirst().lot().id();
        UUID shelf = stock.places(mine.householdId()).getFirst().id();
        String path = "/stock/lots/" + lot;
        send(mine, path, "do", "USE", "at", shelf.toString(), "pieces", "5", "why", "scraped knee");
        open(mine, path).andExpect(says("15 sachets")).andExpect(says("scraped knee"));
        send(mine, path, "do", "USE", "at", shelf.toString(), "pieces", "16")
                .andExpect(flash().attributeExists("faults"));
        send(mine, path, "do", "COUNT", "at", shelf.toString(), "pieces", "9", "seen", "20")
                .andExpect(flash().attributeExists("faults"));
        send(mine, "/stock/movements/2/undo", "back", path);
        open(mine, path).andExpect(says("20 sachets"));
        open(mine, "/stock").andExpect(says("Shore shelf"));
        open(mine, "/stock/places/" + shelf).andExpect(says("2028-02-29"));
        open(mine, "/stock/movements").andExpect(says("movement 2 undone"));
        open(others, path).andExpect(status().isNotFound());
        open(others, "/stock/places/" + shelf).andExpect(status().isNotFound());
        send(others, path, "do", "USE", "at", shelf.toString(), "pieces", "1").andExpect(status().isNotFound());
    }

    @Test
    void placesHaveNamesOfTheirOwn() throws Exception {
        send(mine, "/stock/places", "name", "shore SHELF", "kind", "KIT").andExpect(flash().attributeExists("faults"));
        send(mine, "/stock/places", "name", " ", "kind", "KIT").andExpect(flash().attributeExists("faults"));
        send(mine, "/stock/places", "name", "Wounds", "kind", "MODULE").andExpect(flash().attributeExists("faults"));
        assertThat(stock.places(mine.householdId())).hasSize(1);
    }

    @Test
    void theSimulatedDevicesWork() throws Exception {
        for (int i = 0; i < 3; i++) {
            String to =
                    send(mine, "/simulated/scanner").andReturn().getResponse().getRedirectedUrl();
            open(
                            mine,
                            java.net.URLDecoder.decode(String.valueOf(to), StandardCharsets.UTF_8)
                                    .replace("<GS>", "\u001d"))
                    .andExpect(status().isOk())
                    .andExpect(doesNotSay("Nothing was written"));
        }
        send(mine, "/simulated/scale", "pieces", "12")
                .andExpect(flash().attribute("weighed", containsString(": 12 sachets by weight")));
        open(mine, "/simulated/hot-car.csv").andExpect(says("time,celsius"));
    }

    @Test
    void aRecalledModelCountsAsNoLongerGoodAndGraceIsForSimpleThings() throws Exception {
        enter("until", "2027-02", "lot", "R7");
        send(mine, "/stock/recalls", "supply", "Non-alcohol antiseptic wipe", "lot", "r7", "from", "2026-02-29")
                .andExpect(flash().attribute("faults", hasSize(1)));
        send(mine, "/stock/recalls", "supply", "Non-alcohol antiseptic wipe", "lot", "r7", "from", "2026-02-28");
        assertThat(stock.of(mine.householdId()).held().getFirst().lastDay()).isEqualTo("2026-02-27");
        open(mine, "/stock").andExpect(says("superseded or recalled"));
        send(
                mine,
                "/stock/recalls/"
                        + stock.withdrawals(mine.householdId()).getFirst().id() + "/remove");
        assertThat(stock.of(mine.householdId()).held().getFirst().lastDay()).isEqualTo("2027-02-28");
        send(
                mine,
                "/stock/enter",
                "place",
                "Shore shelf",
                "supply",
                "gloves-nitrile",
                "pieces",
                "4",
                "until",
                "2027-02");
        send(mine, "/stock/rules", "margin", "-1", "grace", "9999").andExpect(flash().attribute("faults", hasSize(2)));
        send(mine, "/stock/rules", "margin", "7", "grace", "30");
        assertThat(stock.rules(mine.householdId()).marginDays()).isEqualTo(7);
        assertThat(stock.of(mine.householdId()).held())
                .extracting(h -> h.lot().supply() + " " + h.lastDay())
                .containsExactlyInAnyOrder("antiseptic-wipe 2027-02-28", "gloves-nitrile 2027-03-30");
        open(mine, "/stock/rules").andExpect(status().isOk());
    }
}
