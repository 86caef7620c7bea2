package hodeon.app.storage;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.UUID;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.configuration.FluentConfiguration;
import org.h2.jdbcx.JdbcDataSource;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;

/** A filled database from when tablets were counted in doses: after the migration everything in it is single pieces. */
class SinglePiecesMigrationTest {

    private static final UUID HOUSEHOLD = UUID.fromString("00000000-0000-0000-0000-0000000000a1");
    private static final UUID OTHER = UUID.fromString("00000000-0000-0000-0000-0000000000a2");
    private static final UUID TRIP = UUID.fromString("00000000-0000-0000-0000-0000000000b1");
    private static final UUID KIT = UUID.fromString("00000000-0000-0000-0000-0000000000c1");
    private static final UUID PLACE = UUID.fromString("00000000-0000-0000-0000-0000000000d1");
    private static final UUID TABLETS = UUID.fromString("00000000-0000-0000-0000-0000000000e1");
    private static final UUID WIPES = UUID.fromString("00000000-0000-0000-0000-0000000000e2");
    private static final UUID ONE = UUID.fromString("00000000-0000-0000-0000-0000000000f1");

    private JdbcTemplate database;
    private FluentConfiguration flyway;

    @BeforeEach
    void filledAsBefore() {
        JdbcDataSource source = new JdbcDataSource();
        source.setURL("jdbc:h2:mem:single-pieces-" + UUID.randomUUID() + ";DB_CLOSE_DELAY=-1");
        flyway = Flyway.configure().dataSource(source);
        flyway.target("15").load().migrate();
        database = new JdbcTemplate(source);
        row("household", "id, name", HOUSEHOLD, "Tidewrack");
        row("household", "id, name", OTHER, "Own words");
        row(
                "trip",
                "id, household_id, version, name, start_date, end_date, season, hours_to_care, stance, mass_limit_mg",
                TRIP,
                HOUSEHOLD,
                0,
                "Seal count",
                "2026-06-01",
                "2026-06-06",
                "SUMMER",
                6,
                "HOLD_UNTIL_HELP",
                2_300_000);
        row("mat", "trip_id, household_id, version, trip_version", TRIP, HOUSEHOLD, 0, 0);
        row("mat_line", "trip_id, supply_id, pieces, hold", TRIP, "paracetamol", 8, "PINNED");
        row("mat_line", "trip_id, supply_id, pieces, hold", TRIP, "safety-pins", 1, "NONE");
        row("mat_line", "trip_id, supply_id, pieces, hold", TRIP, "antiseptic-wipe", 12, "NONE");
        row(
                "mat_step",
                "id, trip_id, number, words, trip_version_before, trip_version_after",
                ONE,
                TRIP,
                1,
                "Paracetamol: one more",
                0,
                0);
        row(
                "mat_step_line",
                "step_id, supply_id, pieces_before, hold_before, learn_before, pieces_after, hold_after, learn_after",
                ONE,
                "paracetamol",
                null,
                "NONE",
                false,
                8,
                "NONE",
                false);
        row(
                "kit",
                "id, household_id, trip_id, version, name, saved_at",
                KIT,
                HOUSEHOLD,
                TRIP,
                0,
                "Dry box",
                "2026-05-01");
        row("kit_line", "kit_id, position, supply_id, pieces", KIT, 0, "ibuprofen", 3);
        row(
                "log_entry",
                "id, household_id, trip_id, happened_on, problem_id, times, note",
                ONE,
                HOUSEHOLD,
                TRIP,
                "2026-06-02",
                "headache",
                1,
                "");
        row("log_use", "entry_id, supply_id, pieces", ONE, "paracetamol", 1);
        row(
                "stock_place",
                "id, household_id, name, kind, made_on, position",
                PLACE,
                HOUSEHOLD,
                "Shelf",
                "SHELF",
                "2026-01-01",
                0);
        lot(TABLETS, "paracetamol", 20);
        lot(WIPES, "antiseptic-wipe", 8);
        movement(1, TABLETS, 16);
        movement(2, WIPES, 50);
        row(
                "stock_product",
                "household_id, article, supply_id, product, pieces, price_hundredths",
                HOUSEHOLD,
                "02000000000015",
                "paracetamol",
                "",
                16,
                21);
        row(
                "price_offer",
                "id, household_id, supply_id, name, pieces, price_hundredths",
                ONE,
                HOUSEHOLD,
                "paracetamol",
                "box",
                8,
                160);
        row(
                "check_round",
                "id, household_id, place_id, rhythm, started_at, started_by",
                ONE,
                HOUSEHOLD,
                PLACE,
                "YEARLY",
                "2026-05-01",
                "Ebba");
        row(
                "check_line",
                "round_id, position, lot_id, place_id, seen, answer, found, changed",
                ONE,
                0,
                TABLETS,
                PLACE,
                16,
                "COUNT",
                15,
                false);
        row("own_supply", "household_id, supply_id, text", HOUSEHOLD, "ibuprofen", """
                [ibuprofen]
                name = Ibuprofen, our brand
                piece = dose of 2 tablets
                mass = 1.3
                volume = 2
                uses = 1
                most = 20
                pack = 8
                """);
        row("own_supply", "household_id, supply_id, text", OTHER, "paracetamol", """
                [paracetamol]
                piece = tablet
                mass = 0.8
                """);
        row(
                "own_medicine",
                "id, household_id, name, ingredient, form, strength_ug, also_holds, step, supply_id, per_piece, prescribed, bands",
                ONE,
                HOUSEHOLD,
                "Ours",
                "paracetamol",
                "TABLET",
                500_000,
                "",
                "1",
                "paracetamol",
                "2",
                false,
                "");
    }

    @Test
    void dosesAndSetsBecomeTabletsAndPins() {
        flyway.target("16").javaMigrations(new SinglePiecesMigration()).load().migrate();

        assertThat(numbers("select pieces from mat_line order by supply_id")).containsExactly(12, 16, 4);
        assertThat(numbers("select pieces_after from mat_step_line")).containsExactly(16);
        assertThat(numbers("select pieces from kit_line")).containsExactly(6);
        assertThat(numbers("select pieces from log_use")).containsExactly(2);
        assertThat(numbers("select pieces from stock_movement order by number")).containsExactly(32, 50);
        assertThat(numbers("select pieces from stock_balance order by lot_id")).containsExactly(32, 50);
        assertThat(numbers("select price_hundredths from stock_lot order by id"))
                .containsExactly(10, 8);
        assertThat(numbers("select pieces from stock_product")).containsExactly(32);
        assertThat(numbers("select price_hundredths from stock_product")).containsExactly(11);
        assertThat(numbers("select pieces from price_offer")).containsExactly(16);
        assertThat(numbers("select price_hundredths from price_offer"))
                .as("of the pack")
                .containsExactly(160);
        assertThat(numbers("select seen from check_line")).containsExactly(32);
        assertThat(numbers("select found from check_line")).containsExactly(30);
        assertThat(database.queryForList("select per_piece from own_medicine", String.class))
                .containsExactly("1");
        assertThat(database.queryForList("select text from own_supply order by supply_id", String.class))
                .containsExactly("""
                        [ibuprofen]
                        name = Ibuprofen, our brand
                        piece = tablet
                        mass = 0.65
                        volume = 1
                        uses = 1
                        most = 40
                        pack = 16
                        per-use = 2
                        """, """
                        [paracetamol]
                        piece = tablet
                        mass = 0.8
                        """);
    }

    private List<Integer> numbers(String sql) {
        return database.queryForList(sql, Integer.class);
    }

    private void lot(UUID id, String supply, int hundredths) {
        row(
                "stock_lot",
                "id, household_id, supply_id, product, article, lot_code, serial, month_only, received_on, price_hundredths, condition",
                id,
                HOUSEHOLD,
                supply,
                "",
                "",
                "",
                "",
                false,
                "2026-01-01",
                hundredths,
                "");
    }

    private void movement(int number, UUID lot, int pieces) {
        row(
                "stock_movement",
                "id, household_id, number, kind, lot_id, to_place, pieces, made_at, made_by, why",
                UUID.randomUUID(),
                HOUSEHOLD,
                number,
                "RECEIVED",
                lot,
                PLACE,
                pieces,
                "2026-01-01",
                "Ebba",
                "");
        row("stock_balance", "lot_id, place_id, household_id, pieces", lot, PLACE, HOUSEHOLD, pieces);
    }

    private void row(String table, String columns, Object... values) {
        database.update(
                "insert into " + table + " (" + columns + ") values (?" + ", ?".repeat(values.length - 1) + ")",
                values);
    }
}
