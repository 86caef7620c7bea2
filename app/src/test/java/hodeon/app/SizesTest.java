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

/**
 * Years of use: two thousand trips, twenty thousand lots, a party of sixty for sixty days; every day a seventh of them, which is over every
 * limit of a page as well. Every page stays one that opens.
 */
@Tag("slow")
class SizesTest extends StockTest {

    private static final int MOST_BYTES = 300_000;
    private static final int TRIPS = Lane.of(300, 2_000);
    private static final int LOTS = Lane.of(3_000, 20_000);

    @Autowired
    JdbcTemplate database;

    @Test
    void everyTableIsBoundedOrPaged() throws Exception {
        String like = trip(mine, "Skerry ring").replace("/trips/", "");
        copies(UUID.fromString(like));
        UUID shelf = stock.addPlace(mine.householdId(), "Shelf", Place.Kind.SHELF, Optional.empty(), Optional.empty());
        UUID kit = stock.addPlace(mine.householdId(), "Box", Place.Kind.KIT, Optional.empty(), Optional.empty());
        put(shelf, "shears", 1, "");
        lots(List.of(shelf, kit));
        String round = String.valueOf(send(mine, "/stock/checks", "place", kit.toString(), "rhythm", "YEARLY_ALL")
                .andReturn()
                .getResponse()
                .getRedirectedUrl());
        String many = large();

        List<String> pages = new ArrayList<>(List.of(
                "/",
                "/trips",
                "/trips?page=" + TRIPS / 50,
                "/trips?page=999999",
                "/stock",
                "/kits",
                "/kits/" + kit,
                "/stock/places/" + kit + "?page=" + Lane.of(7, 50),
                "/stock/places/" + shelf,
                "/stock/places/" + shelf + "?page=" + Lane.of(15, 100),
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

    /** In a few statements: row by row the test would spend its time on sending them. */
    private void copies(UUID like) {
        String trip = columns("TRIP", "'ID', 'START_DATE', 'END_DATE'");
        database.update(
                "insert into trip (id, start_date, end_date, " + trip + ") select random_uuid(),"
                        + " dateadd(day, x - ?, current_date), dateadd(day, x - ? + 2, current_date), " + trip
                        + " from trip cross join system_range(1, ?) where id = ?",
                TRIPS / 2,
                TRIPS / 2,
                TRIPS,
                like);
        for (String part : List.of("trip_leg", "trip_person")) {
            String all = columns(part.toUpperCase(Locale.ROOT), "'TRIP_ID'");
            database.update(
                    "insert into " + part + " (trip_id, " + all
                            + ") select copy.copied, part.* from (select id as copied"
                            + " from trip where household_id = ? and id <> ?) copy cross join (select " + all + " from "
                            + part + " where trip_id = ?) part",
                    mine.householdId(),
                    like,
                    like);
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

    private void lots(List<UUID> places) {
        String supply = "case mod(x, 3) when 0 then 'gauze-small' when 1 then 'plaster-fabric' else 'paracetamol' end";
        database.update(
                "insert into stock_lot (id, household_id, supply_id, product, article, lot_code, serial, printed_until,"
                        + " month_only, received_on, condition) select random_uuid(), ?, " + supply
                        + ", '', '', 'L' || x,"
                        + " '', dateadd(day, mod(x, 900), current_date), false, dateadd(day, -90, current_date), ''"
                        + " from system_range(1, ?)",
                mine.householdId(),
                LOTS);
        String place = "case mod(cast(substring(lot_code, 2) as int), 2) when 0 then ? else ? end";
        String received = " from stock_lot where household_id = ? and lot_code like 'L%'";
        database.update(
                "insert into stock_movement (id, household_id, number, kind, lot_id, to_place, pieces, made_at, made_by, why)"
                        + " select random_uuid(), household_id, cast(substring(lot_code, 2) as int) + 1, 'RECEIVED', id, "
                        + place + ", 3, received_on, 'sef', ''" + received,
                places.getFirst(),
                places.getLast(),
                mine.householdId());
        database.update(
                "insert into stock_balance (lot_id, place_id, household_id, pieces) select id, " + place
                        + ", household_id, 3" + received,
                places.getFirst(),
                places.getLast(),
                mine.householdId());
        database.update("update stock_head set number = ? where household_id = ?", LOTS + 1, mine.householdId());
    }
}
