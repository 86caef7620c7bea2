package hodeon.app.storage;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.configuration.FluentConfiguration;
import org.h2.jdbcx.JdbcDataSource;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;

/** A filled database from before kits stood in the world: places, kits, lots, rounds and trips are all there afterwards. */
class KitsMigrationTest {

    private static final UUID HOUSEHOLD = id(1);
    private static final UUID TRIP = id(2);
    private static final UUID LIST = id(3);
    private static final UUID BOX = id(4);
    private static final UUID MODULE = id(5);
    private static final UUID LOT = id(6);
    private static final UUID ROUND = id(7);

    private JdbcTemplate database;
    private FluentConfiguration flyway;

    private static UUID id(int n) {
        return new UUID(0, n);
    }

    @BeforeEach
    void filledAsBefore() {
        JdbcDataSource source = new JdbcDataSource();
        source.setURL("jdbc:h2:mem:kits-" + UUID.randomUUID() + ";DB_CLOSE_DELAY=-1");
        flyway = Flyway.configure().dataSource(source).javaMigrations(new SinglePiecesMigration());
        flyway.target("21").load().migrate();
        database = new JdbcTemplate(source);
        row("household", Map.of("id", HOUSEHOLD, "name", "Tidewrack"));
        row(
                "trip",
                Map.of(
                        "id",
                        TRIP,
                        "household_id",
                        HOUSEHOLD,
                        "version",
                        0,
                        "name",
                        "Seal count",
                        "start_date",
                        "2026-06-01",
                        "end_date",
                        "2026-06-06",
                        "season",
                        "SUMMER",
                        "hours_to_care",
                        6,
                        "stance",
                        "HOLD_UNTIL_HELP",
                        "mass_limit_mg",
                        2_300_000));
        row(
                "kit",
                Map.of(
                        "id",
                        LIST,
                        "household_id",
                        HOUSEHOLD,
                        "trip_id",
                        TRIP,
                        "version",
                        0,
                        "name",
                        "Dry box",
                        "saved_at",
                        "2026-05-01"));
        row("kit_line", Map.of("kit_id", LIST, "position", 0, "supply_id", "antiseptic-wipe", "pieces", 12));
        place(BOX, "Boat box", "KIT");
        database.update("update stock_place set kit_id = ? where id = ?", LIST, BOX);
        place(MODULE, "Boat box: Cuts", "MODULE");
        database.update("update stock_place set inside = ? where id = ?", BOX, MODULE);
        row(
                "stock_lot",
                Map.of(
                        "id",
                        LOT,
                        "household_id",
                        HOUSEHOLD,
                        "supply_id",
                        "antiseptic-wipe",
                        "product",
                        "",
                        "article",
                        "",
                        "lot_code",
                        "",
                        "serial",
                        "",
                        "received_on",
                        "2026-01-01",
                        "month_only",
                        false,
                        "condition",
                        ""));
        row(
                "check_round",
                Map.of(
                        "id",
                        ROUND,
                        "household_id",
                        HOUSEHOLD,
                        "place_id",
                        BOX,
                        "rhythm",
                        "YEARLY_ALL",
                        "started_at",
                        "2026-05-01",
                        "started_by",
                        "Ebba",
                        "finished_at",
                        "2026-05-01"));
        row(
                "check_line",
                Map.of(
                        "round_id",
                        ROUND,
                        "position",
                        0,
                        "lot_id",
                        LOT,
                        "place_id",
                        MODULE,
                        "seen",
                        8,
                        "answer",
                        "RIGHT",
                        "changed",
                        false));
    }

    private void place(UUID id, String name, String kind) {
        row(
                "stock_place",
                Map.of(
                        "id",
                        id,
                        "household_id",
                        HOUSEHOLD,
                        "name",
                        name,
                        "kind",
                        kind,
                        "made_on",
                        "2026-01-01",
                        "position",
                        0));
    }

    private void row(String table, Map<String, Object> fields) {
        List<String> names = fields.keySet().stream().toList();
        database.update(
                "insert into " + table + " (" + String.join(", ", names) + ") values ("
                        + names.stream().map(n -> "?").collect(Collectors.joining(", ")) + ")",
                names.stream().map(fields::get).toArray());
    }

    @Test
    void everythingIsThereAfterwards() {
        flyway.target("latest")
                .javaMigrations(new SinglePiecesMigration(), new ModuleNamesMigration())
                .load()
                .migrate();

        assertThat(told("select name, refill_days, visiting_adults from trip")).containsExactly("Seal count, null, 0");
        assertThat(told("select name, base_place from kit")).containsExactly("Dry box, null");
        assertThat(told("select supply_id, pieces, least, module, why from kit_line"))
                .containsExactly("antiseptic-wipe, 12, 0, , ");
        assertThat(told("select number, pieces from list_version v join list_version_line l on l.version_id = v.id"))
                .containsExactly("1, 12");
        assertThat(told("select name, kit_id from stock_place where kind = 'KIT'"))
                .containsExactly("Boat box, " + LIST);
        // A module belongs where it lies.
        assertThat(told("select inside, belongs_in from stock_place where kind = 'MODULE'"))
                .containsExactly(BOX + ", " + BOX);
        assertThat(told("select lot_id, seen, answer, supply_id, lent_to from check_line"))
                .containsExactly(LOT + ", 8, RIGHT, , ");
        assertThat(told("select id from stock_lot")).containsExactly(LOT.toString());
        // Two kits may have a module of one name.
        place(id(8), "Boat box", "MODULE");
    }

    private List<String> told(String query) {
        return database.query(query, (row, n) -> {
            Object[] columns = new Object[row.getMetaData().getColumnCount()];
            for (int i = 0; i < columns.length; i++) {
                columns[i] = row.getObject(i + 1);
            }
            return Arrays.stream(columns).map(String::valueOf).collect(Collectors.joining(", "));
        });
    }
}
