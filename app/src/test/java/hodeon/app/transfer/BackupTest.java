package hodeon.app.transfer;

import static hodeon.app.PageText.says;
import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import hodeon.app.StockTest;
import hodeon.app.brief.TripService;
import hodeon.app.check.Answer;
import hodeon.app.check.CheckService;
import hodeon.app.household.Member;
import hodeon.app.household.account.SecondLook;
import hodeon.app.kits.list.ListService;
import hodeon.app.stock.ledger.Arrival;
import hodeon.app.stock.ledger.Cause;
import hodeon.app.stock.place.Place;
import hodeon.app.storage.Backup;
import hodeon.core.stock.PrintedExpiry;
import hodeon.core.stock.Rhythm;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.TreeMap;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.ResultActions;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

class BackupTest extends StockTest {

    @Autowired
    ListService lists;

    @Autowired
    CheckService checks;

    @Autowired
    TripService trips;

    @Autowired
    JdbcTemplate database;

    /** Something in every table. */
    @BeforeEach
    void aHouseholdThatHasEverything() throws Exception {
        UUID household = mine.householdId();
        String trip = trip(mine, "Skerry ring");
        UUID id = UUID.fromString(trip.replace("/trips/", ""));
        send(mine, trip + "/mat/minus", "supply", "hydrocolloid-pad", "version", "0");
        send(mine, trip + "/odds/factors", "problem", "blister", "version", "0");
        UUID kit = lists.save(household, id, "Deck pouch", Map.of("antiseptic-wipe", 6, "shears", 1));
        UUID pouch = stock.addPlace(household, "Deck pouch", Place.Kind.KIT, Optional.empty(), Optional.of(kit));
        UUID module = stock.addPlace(household, "Wounds", Place.Kind.MODULE, Optional.of(pouch), Optional.empty());
        List<UUID> lots = ledger.receive(
                household,
                List.of(
                        Arrival.of(
                                module,
                                "antiseptic-wipe",
                                9,
                                Optional.of(PrintedExpiry.parse("2028-03")),
                                LocalDate.of(2026, 1, 1)),
                        Arrival.of(pouch, "shears", 1, Optional.empty(), LocalDate.of(2026, 1, 1))),
                Cause.of("sef", "=1+1, \"quoted\"\u00e9"));
        ledger.open(household, lots.getFirst(), module, 1, LocalDate.of(2026, 5, 1), Cause.onTrip("sef", "", id));
        ledger.undo(household, 3, Cause.of("sef", ""));
        send(
                mine,
                "/stock/enter",
                "place",
                "Deck pouch",
                "supply",
                "gloves-nitrile",
                "pieces",
                "4",
                "article",
                "02000000000015",
                "price",
                "0.12");
        send(mine, "/stock/recalls", "supply", "shears", "from", "2027-01-01");
        UUID round = checks.start(household, pouch, Rhythm.YEARLY_ALL, "sef");
        checks.answer(household, round, 0, Answer.RIGHT, 0, "", OptionalInt.empty());
        send(mine, trip + "/log", "on", "2027-06-13", "problem", "Blister", "times", "2", "note", "");
        send(mine, trip + "/log/learn", "learn", "true", "sure", "yes");
        send(mine, "/restock/tick", "supply", "shears", "bought", "true");
        send(mine, "/reminders/digest", "address", "sef@tidewrack.example", "days", "9");
        String person = String.valueOf(send(mine, "/people/new", "name", "Sef Okonjo", "years", "40", "kilograms", "77")
                .andReturn()
                .getResponse()
                .getRedirectedUrl());
        send(
                mine,
                person + "/clock",
                "product",
                "paracetamol-500",
                "units",
                "1",
                "at",
                LocalDate.now().minusDays(1) + "T08:00",
                "zone",
                "Etc/UTC");
        send(
                mine,
                "/medicines",
                "name",
                "Ours",
                "ingredient",
                "ibuprofen",
                "form",
                "TABLET",
                "strength",
                "200",
                "step",
                "1",
                "perPiece",
                "1",
                "bands",
                "age 18y- dose 200 every 8h times 2 most 400");
        send(mine, "/rates/blister", "perThousand", "9", "strength", "500", "trip", id.toString());
        database.update(
                "insert into price_offer (id, household_id, supply_id, name, pieces, price_hundredths) values (?, ?, ?, ?, ?, ?)",
                UUID.randomUUID(),
                household,
                "shears",
                "box",
                3,
                900);
        send(
                mine,
                "/stock/enter/confirmed",
                "place",
                "Deck pouch",
                "text",
                "flux capacitor",
                "supply",
                "",
                "pieces",
                "1");
    }

    private String written(Member member) throws Exception {
        return open(member, "/backup/household.json")
                .andReturn()
                .getResponse()
                .getContentAsString(StandardCharsets.UTF_8);
    }

    private ResultActions restore(Member member, String file) throws Exception {
        return web.perform(multipart("/backup")
                .file(new MockMultipartFile("file", file.getBytes(StandardCharsets.UTF_8)))
                .with(user(member))
                .sessionAttr(SecondLook.LOOKED, Instant.now())
                .with(csrf()));
    }

    @Test
    void aSealedBackupOpensWithItsPassphraseAlone() throws Exception {
        trip(mine, "Skerry ring");
        String[] words = {"passphrase", "gravel lantern hopscotch nine", "again", "gravel lantern hopscotch nine"};
        send(mine, "/backup/sealed", with(words, "again", "other"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(says("these differ"));
        send(mine, "/backup/sealed", "passphrase", "kayak2026", "again", "kayak2026")
                .andExpect(says("would be guessed"));
        byte[] sealed = send(mine, "/backup/sealed", words)
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsByteArray();
        assertThat(new String(sealed, StandardCharsets.ISO_8859_1))
                .startsWith("PK")
                .doesNotContain("Skerry");
        String plain = written(mine);
        erase(mine.householdId());
        restoreSealed(sealed, "another one").andExpect(says("opens with the passphrase it was sealed with"));
        restoreSealed(sealed, words[1]).andExpect(status().is3xxRedirection());
        assertThat(written(mine)).isEqualTo(plain);
    }

    private ResultActions restoreSealed(byte[] file, String passphrase) throws Exception {
        return web.perform(multipart("/backup")
                .file(new MockMultipartFile("file", file))
                .param("passphrase", passphrase)
                .with(user(mine))
                .sessionAttr(SecondLook.LOOKED, Instant.now())
                .with(csrf()));
    }

    private void erase(UUID household) {
        for (String table : List.of(
                "stock_balance",
                "check_round",
                "stock_movement",
                "stock_lot",
                "stock_product",
                "stock_withdrawal",
                "stock_place",
                "stock_head",
                "kit",
                "log_entry",
                "logged_trip",
                "mat",
                "trip",
                "shopping_tick",
                "person",
                "own_medicine",
                "own_rate",
                "price_offer",
                "open_line",
                "mail_digest")) {
            database.update(
                    "delete from " + table + (table.equals("stock_place") ? " where inside is not null and" : " where")
                            + " household_id = ?",
                    household);
        }
        database.update("delete from stock_place where household_id = ?", household);
    }

    @Test
    void anEmptyHouseholdThatIsRestoredWritesTheSameFile() throws Exception {
        String file = written(mine);
        assertThat(file)
                .contains("Skerry ring")
                .doesNotContain(mine.householdId().toString())
                .doesNotContain("password");
        Map<String, Integer> before = there(mine);
        erase(mine.householdId());
        restore(others, file).andExpect(status().is3xxRedirection());
        assertThat(written(others)).isEqualTo(file);
        assertThat(there(others)).isEqualTo(before);
        assertThat(trips.all(others.householdId())).hasSize(1);
        open(others, "/").andExpect(says("Skerry ring"));
    }

    /** A file from before ages had months and masses days. */
    @Test
    void anOlderFileIsReadWithWhatItDidNotSayYet() throws Exception {
        String file = written(mine);
        erase(mine.householdId());
        String older = file.replace("\"version\" : " + Backup.VERSION, "\"version\" : 2")
                .replaceAll("\\s*\"checksum\" : \"[0-9a-f]+\",", "")
                .replaceAll(",\\s*\"months\" : 0", "")
                .replaceAll(",\\s*\"moments\" : \"[^\"]*\"", "")
                .replaceAll(",\\s+\"followed_school\" : \\[[^\\]]*]", "")
                .replaceAll(",\\s*\"weighed_on\" : \"[^\"]+\"", "");
        assertThat(older).doesNotContain("weighed_on").doesNotContain("\"months\"");
        restore(others, older).andExpect(status().is3xxRedirection());
        assertThat(trips.all(others.householdId())
                        .getFirst()
                        .people()
                        .getFirst()
                        .person())
                .satisfies(p -> {
                    assertThat(p.years()).isEqualTo(44);
                    assertThat(p.weighedOn()).isEmpty();
                });
    }

    /** What was counted in doses and sets comes back as tablets and pins. */
    @Test
    void anOlderFileIsCountedInSinglePieces() throws Exception {
        UUID shelf = stock.addPlace(mine.householdId(), "Tin", Place.Kind.SHELF, Optional.empty(), Optional.empty());
        ledger.receive(
                mine.householdId(),
                List.of(Arrival.of(shelf, "paracetamol", 16, Optional.empty(), LocalDate.of(2026, 1, 1))),
                Cause.of("sef", ""));
        String older = written(mine)
                .replace("\"version\" : " + Backup.VERSION, "\"version\" : 4")
                .replaceAll("\\s*\"checksum\" : \"[0-9a-f]+\",", "");
        erase(mine.householdId());
        restore(others, older).andExpect(status().is3xxRedirection());
        assertThat(there(others)).containsEntry("paracetamolOptional.empty", 32);
    }

    /** Every table is read as its pages read it; one row that no page could show refuses the file, with its line. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "person       | profile | {}                 | profile cannot be read",
                "dose_taken   | dose    | {}                 | dose cannot be read",
                "own_medicine | bands   | age what-ever      | own_medicine",
                "mat_line     | hold    | SOMEHOW            | SOMEHOW",
                "price_offer  | pieces  | 0                  | outside 1 to",
                "own_rate     | strength | -3                | strength",
            })
    void whatNoPageCouldReadIsRefused(String table, String column, String value, String why) throws Exception {
        String file = written(mine).replaceAll("\\s*\"checksum\" : \"[0-9a-f]+\",", "");
        erase(mine.householdId());
        int at = file.indexOf("\"" + column + "\"", file.indexOf("\"" + table + "\" : [ {"));
        assertThat(at).as(table + "." + column).isPositive();
        int end = file.indexOf('\n', at);
        String line = file.substring(at, end);
        String damaged = "\"" + column + "\" : " + (value.matches("-?\\d+") ? value : "\"" + value + "\"")
                + (line.endsWith(",") ? "," : "");
        refused(file.substring(0, at) + damaged + file.substring(end), why);
    }

    private Map<String, Integer> there(Member member) {
        Map<String, Integer> there = new TreeMap<>();
        stock.of(member.householdId())
                .held()
                .forEach(h -> there.merge(h.lot().supply() + h.lot().opened(), h.pieces(), Integer::sum));
        return there;
    }

    private void refused(String file, String why) throws Exception {
        restore(others, file)
                .andExpect(status().isUnprocessableContent())
                .andExpect(content().string(containsString(why)));
        assertThat(trips.all(others.householdId())).isEmpty();
        assertThat(stock.places(others.householdId())).isEmpty();
    }

    @Test
    void aDamagedOrNewerFileIsRefusedWholeWithTheReason() throws Exception {
        String file = written(mine);
        erase(mine.householdId());
        refused(file.substring(0, file.length() / 2), "stops being so at line");
        refused("PK\u0003\u0004", "stops being so at line 1");
        refused("{}", "of the format hodeon-household");
        refused(
                file.replace("\"version\" : " + Backup.VERSION, "\"version\" : " + (Backup.VERSION + 1)),
                "this one is newer");
        refused(file.replace("Skerry ring", "Skerry rinG"), "have changed since they were written");
        String open = file.replaceAll("\"checksum\" : \"[0-9a-f]+\",", "");
        refused(open.replace("\"SUMMER\"", "\"SUMER\""), "/tables/trip/0/season");
        refused(open.replace("\"pieces\" : 9", "\"pieces\" : 99999999999"), "keeps to its schema");
        refused(open.replace("\"pieces\" : 9", "\"pieces\" : 0"), "fits together");
        refused(
                open.replaceFirst("\"from_place\" : \"[0-9a-f-]+\"", "\"from_place\" : \"" + UUID.randomUUID() + "\""),
                "in the same file");
        refused(open.replace("2028-03-31", "2028-02-30"), "fits together");
        refused("[".repeat(100_000), "stops being so");
        JsonMapper json = JsonMapper.builder().build();
        ObjectNode first = (ObjectNode) json.readTree(open);
        first.put("version", 1);
        ((ObjectNode) first.get("tables"))
                .remove(List.of(
                        "person",
                        "dose_taken",
                        "own_medicine",
                        "medicine_rules",
                        "country_note",
                        "followed_school",
                        "stock_let_go",
                        "open_line"));
        restore(others, json.writeValueAsString(first)).andExpect(status().is3xxRedirection());
    }

    @Test
    void aHouseholdThatHasSomethingIsNotOverwritten() throws Exception {
        String file = written(mine);
        restore(mine, file)
                .andExpect(status().isUnprocessableContent())
                .andExpect(says("no outings, kits or stock yet"));
        assertThat(written(mine)).isEqualTo(file);
        restore(others, file).andExpect(says("already in this Hodeon"));
        assertThat(trips.all(others.householdId())).isEmpty();
        open(mine, "/backup").andExpect(status().isOk());
    }
}
