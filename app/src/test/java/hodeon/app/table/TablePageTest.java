package hodeon.app.table;

import static hodeon.app.PageText.says;
import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import hodeon.app.WebTest;
import hodeon.app.kits.list.ListService;
import hodeon.app.stock.StockService;
import hodeon.app.stock.place.Place;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.ResultActions;

/** A table that somebody kept before: its columns are recognised or said once, and nothing is written before it was looked over. */
class TablePageTest extends WebTest {

    private static final String CLUB = "Thing;Number in tin;Turned over\nSticking plasters;20;2029-05\nShears;1;\n";

    @Autowired
    StockService stock;

    @Autowired
    ListService lists;

    private ResultActions sent(String address, String name, byte[] bytes, String to) throws Exception {
        return web.perform(multipart(address)
                .file(new MockMultipartFile("file", name, "application/octet-stream", bytes))
                .param("to", to)
                .with(user(mine))
                .with(csrf()));
    }

    @Test
    void aSpreadsheetBecomesLinesThatAreLookedOver() throws Exception {
        UUID list = lists.save(mine.householdId(), "Tin list", Map.of());
        byte[] book = TableFileTest.spreadsheet(sheet -> {
            sheet.value(0, 0, "Supply name");
            sheet.value(0, 1, "Qty");
            sheet.value(0, 2, "Best before");
            sheet.value(1, 0, "nitrile gloves, pair");
            sheet.value(1, 1, 4);
            sheet.value(1, 2, LocalDate.of(2028, 3, 31));
            sheet.style(1, 2).format("dd/mm/yyyy").set();
        });
        String to = "/lists/" + list + "/paste";
        String page = sent("/tables", "kit.xlsx", book, to)
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString();
        assertThat(page)
                .contains("4 x nitrile gloves, pair exp 2028-03-31")
                .contains("action=\"" + to + "\"")
                .contains("Look this line over");
    }

    @Test
    void whatAColumnIsIsSaidOnce() throws Exception {
        byte[] file = CLUB.getBytes(StandardCharsets.UTF_8);
        String to = "/stock/enter/lines";
        sent("/tables", "club.csv", file, to)
                .andExpect(says("20 x Sticking plasters"))
                .andExpect(content().string(not(containsString("exp 2029-05"))));
        send(
                        mine,
                        "/tables/columns",
                        "cells",
                        CLUB.replace(";", ","),
                        "first",
                        "1",
                        "meaning",
                        "WHAT",
                        "meaning",
                        "COUNT",
                        "meaning",
                        "UNTIL",
                        "to",
                        to)
                .andExpect(says("20 x Sticking plasters exp 2029-05"));
        sent("/tables", "club.csv", file, to).andExpect(says("20 x Sticking plasters exp 2029-05"));
        send(mine, "/tables/columns", "cells", "a,b", "first", "0", "meaning", "COUNT", "meaning", "LOT", "to", to)
                .andExpect(status().isUnprocessableContent())
                .andExpect(says("One column says what the thing is"));
    }

    @Test
    void aTableThatSaysWhereThingsLiePutsEachInItsPlace() throws Exception {
        for (String name : new String[] {"Car tin", "Shore shelf"}) {
            stock.addPlace(mine.householdId(), name, Place.Kind.KIT, Optional.empty(), Optional.empty());
        }
        String text = "Item,Qty,Where\nSticking plasters,20,car tin\nShears,1,attic\n";
        sent("/stock/enter/file", "all.csv", text.getBytes(StandardCharsets.UTF_8), "")
                .andExpect(says("in car tin"))
                .andExpect(says("Look these 2 lines over"));
        send(
                        mine,
                        "/stock/enter/lines",
                        "text",
                        "20 x Sticking plasters\n1 x Shears",
                        "place",
                        "Shore shelf",
                        "at",
                        "car tin",
                        "at",
                        "attic")
                .andExpect(content().string(containsString("value=\"Car tin\" selected=\"selected\"")));
        send(
                mine,
                "/stock/enter/confirmed",
                "place",
                "Shore shelf",
                "text",
                "20 x Sticking plasters",
                "supply",
                "plaster-fabric",
                "pieces",
                "20",
                "at",
                "Car tin",
                "text",
                "1 x Shears",
                "supply",
                "shears",
                "pieces",
                "1",
                "at",
                "");
        var all = stock.of(mine.householdId());
        assertThat(all.held())
                .extracting(h -> all.placeName(h.place()) + ": " + h.pieces() + " "
                        + h.lot().supply())
                .containsExactlyInAnyOrder("Car tin: 20 plaster-fabric", "Shore shelf: 1 shears");
    }

    /** What the product wrote for a kit goes into the stock as it is. */
    @Test
    void theContentsListOfAKitGoesIntoTheStock() throws Exception {
        String list = "group,supply,pieces,unit,g each,g in all,least,module,why,id\n"
                + "wounds,\"Plaster, fabric\",12,piece,0.90,10.8,4,,often,plaster-fabric\n";
        String page = sent("/stock/enter/file", "contents.csv", list.getBytes(StandardCharsets.UTF_8), "")
                .andReturn()
                .getResponse()
                .getContentAsString();
        assertThat(page).contains("Look this line over");
        send(mine, "/stock/enter/lines", "text", list, "place", "")
                .andExpect(content().string(containsString("<option value=\"plaster-fabric\"")))
                .andExpect(content().string(not(containsString("not known"))));
    }

    @Test
    void aTableGoesOnlyWhereListsAreLookedOver() throws Exception {
        for (String to :
                new String[] {"/settings", "https://elsewhere.example/lines", "//elsewhere.example", "/kits/x/bought"
                }) {
            sent("/tables", "club.csv", CLUB.getBytes(StandardCharsets.UTF_8), to)
                    .andExpect(status().isNotFound());
        }
        sent("/tables", "old.xls", new byte[] {(byte) 0xd0, (byte) 0xcf}, "/stock/enter/lines")
                .andExpect(status().isUnprocessableContent())
                .andExpect(says("Save it as XLSX"));
    }
}
