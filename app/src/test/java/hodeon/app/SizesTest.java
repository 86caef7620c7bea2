package hodeon.app;

import static org.assertj.core.api.Assertions.assertThat;

import hodeon.app.stock.place.Place;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;

/** Years of use: two thousand trips, twenty thousand lots, a party of sixty for sixty days. Every page stays one that opens. */
@Tag("slow")
class SizesTest extends StockTest {

    private static final int MOST_BYTES = 300_000;
    private static final int TRIPS = 2_000;
    private static final int LOTS = 20_000;

    @Autowired
    JdbcTemplate database;

    @Test
    void everyTableIsBoundedOrPaged() throws Exception {
        String like = trip(mine, "Skerry ring").replace("/trips/", "");
        copies(UUID.fromString(like));
        UUID shelf = stock.addPlace(mine.householdId(), "Shelf", Place.Kind.SHELF, Optional.empty(), Optional.empty());
        UUID kit = stock.addPlace(mine.householdId(), "Box", Place.Kind.KIT, Optional.empty(), Optional.empty());
        put(shelf, "shears", 1, "");
        List<String> supplies = database.queryForList(
                "select 'gauze-small' union select 'plaster-fabric' union select 'paracetamol'", String.class);
        lots(supplies, List.of(shelf, kit));
        String round = String.valueOf(send(mine, "/stock/checks", "place", kit.toString(), "rhythm", "YEARLY_ALL")
                .andReturn()
                .getResponse()
                .getRedirectedUrl());
        String many = large();

        List<String> pages = new ArrayList<>(List.of(
                "/",
                "/trips",
                "/trips?page=40",
                "/trips?page=999999",
                "/stock",
                "/stock/places/" + shelf,
                "/stock/places/" + shelf + "?page=100",
                "/stock/timeline",
                "/restock",
                "/stock/rotate",
                "/stock/checks",
                "/reminders",
                "/bin",
                "/people",
                "/supplies",
                "/medicines",
                "/find?q=skerry",
                round));
        for (String page : List.of(
                "brief",
                "odds",
                "mat",
                "mat/answers",
                "mat/prune",
                "mat/compare",
                "ready",
                "medicines",
                "log",
                "trail")) {
            pages.add(many + "/" + page);
        }
        List<String> tooLarge = new ArrayList<>();
        for (String page : pages) {
            long begin = System.nanoTime();
            var answer = open(mine, page).andReturn().getResponse();
            int bytes = answer.getContentAsString(StandardCharsets.UTF_8).getBytes(StandardCharsets.UTF_8).length;
            System.out.printf(
                    "SIZE %s %d bytes %d ms%n",
                    page.replaceAll("[0-9a-f-]{36}", "…"), bytes, (System.nanoTime() - begin) / 1_000_000);
            assertThat(answer.getStatus()).as(page).isEqualTo(200);
            if (bytes > MOST_BYTES) {
                tooLarge.add(page + ": " + bytes);
            }
        }
        assertThat(tooLarge).isEmpty();
        assertThat(open(mine, "/stock/stock.csv")
                        .andReturn()
                        .getResponse()
                        .getContentAsString()
                        .lines()
                        .count())
                .isGreaterThan(LOTS);
    }

    /** Sixty people, each a row of their own, for sixty days. */
    private String large() throws Exception {
        String[] brief =
                brief("Jamboree", LocalDate.now().plusDays(10), LocalDate.now().plusDays(69));
        for (int i = 1; i < 60; i++) {
            brief = with(
                    with(with(brief, "people[" + i + "].name", "Walker " + i), "people[" + i + "].years", "" + (8 + i)),
                    "people[" + i + "].kilograms",
                    "" + (30 + i));
        }
        return trip(mine, brief);
    }

    private void copies(UUID like) {
        List<Object[]> ids = new ArrayList<>();
        List<Object[]> dated = new ArrayList<>();
        for (int i = 0; i < TRIPS; i++) {
            UUID id = UUID.randomUUID();
            LocalDate day = LocalDate.now().plusDays(i - TRIPS / 2);
            ids.add(new Object[] {id, like});
            dated.add(new Object[] {id, day, day.plusDays(2), like});
        }
        String trip = columns("TRIP", "'ID', 'START_DATE', 'END_DATE'");
        database.batchUpdate(
                "insert into trip (id, start_date, end_date, " + trip + ") select ?, ?, ?, " + trip
                        + " from trip where id = ?",
                dated);
        for (String part : List.of("trip_leg", "trip_person")) {
            String all = columns(part.toUpperCase(Locale.ROOT), "'TRIP_ID'");
            database.batchUpdate(
                    "insert into " + part + " (trip_id, " + all + ") select ?, " + all + " from " + part
                            + " where trip_id = ?",
                    ids);
        }
    }

    private String columns(String table, String without) {
        return String.join(
                ", ",
                database.queryForList(
                        "select column_name from information_schema.columns where table_name = '" + table
                                + "' and column_name not in (" + without + ")",
                        String.class));
    }

    private void lots(List<String> supplies, List<UUID> places) {
        List<Object[]> lots = new ArrayList<>();
        List<Object[]> moves = new ArrayList<>();
        List<Object[]> balances = new ArrayList<>();
        for (int i = 0; i < LOTS; i++) {
            UUID lot = UUID.randomUUID();
            UUID place = places.get(i % places.size());
            lots.add(new Object[] {
                lot,
                mine.householdId(),
                supplies.get(i % supplies.size()),
                "",
                "",
                "L" + i,
                "",
                LocalDate.now().plusDays(i % 900),
                false,
                LocalDate.now().minusDays(90),
                ""
            });
            moves.add(new Object[] {
                UUID.randomUUID(),
                mine.householdId(),
                i + 2,
                "RECEIVED",
                lot,
                place,
                3,
                LocalDate.now().minusDays(90).atStartOfDay(),
                "sef",
                ""
            });
            balances.add(new Object[] {lot, place, mine.householdId(), 3});
        }
        database.batchUpdate(
                "insert into stock_lot (id, household_id, supply_id, product, article, lot_code, serial, printed_until, month_only, received_on, condition) values (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)",
                lots);
        database.batchUpdate(
                "insert into stock_movement (id, household_id, number, kind, lot_id, to_place, pieces, made_at, made_by, why) values (?, ?, ?, ?, ?, ?, ?, ?, ?, ?)",
                moves);
        database.batchUpdate(
                "insert into stock_balance (lot_id, place_id, household_id, pieces) values (?, ?, ?, ?)", balances);
        database.update("update stock_head set number = ? where household_id = ?", LOTS + 1, mine.householdId());
    }
}
