package hodeon.app.storage;

import static org.assertj.core.api.Assertions.assertThat;

import hodeon.app.Lane;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.configuration.FluentConfiguration;
import org.h2.jdbcx.JdbcDataSource;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;

/** From every schema there ever was, with a row in each of its tables, to the newest: it goes through, and the rows are there. */
@Tag("slow")
class EverySchemaTest {

    /** Every day the newest, and each sixth before it. */
    private static final int STEP = Lane.of(6, 1);

    @Test
    void aHouseOfEverySchemaBecomesOneOfTheNewest() {
        int newest = Stream.of(migrating(memory()).load().info().pending())
                .mapToInt(m -> Integer.parseInt(m.getVersion().getVersion()))
                .max()
                .orElse(0);
        assertThat(newest).isGreaterThanOrEqualTo(46);
        List<String> wrong = new ArrayList<>();
        for (int version = newest - 1; version > 0; version -= STEP) {
            JdbcDataSource source = memory();
            migrating(source).target(String.valueOf(version)).load().migrate();
            JdbcTemplate database = new JdbcTemplate(source);
            Map<String, Long> before = filled(database);
            migrating(source).load().migrate();
            int from = version;
            before.forEach((table, rows) -> {
                long now = tables(database).contains(table) ? count(database, table) : -1;
                if (now < rows) {
                    wrong.add("schema " + from + ": " + table + " had " + rows + ", has " + now);
                }
            });
        }
        assertThat(wrong).isEmpty();
    }

    private static FluentConfiguration migrating(JdbcDataSource source) {
        return Flyway.configure()
                .dataSource(source)
                .javaMigrations(new ModuleNamesMigration(), new SinglePiecesMigration());
    }

    private static JdbcDataSource memory() {
        JdbcDataSource source = new JdbcDataSource();
        source.setURL("jdbc:h2:mem:every-" + UUID.randomUUID() + ";DB_CLOSE_DELAY=-1");
        return source;
    }

    private static List<String> tables(JdbcTemplate database) {
        return database.queryForList(
                "select table_name from information_schema.tables where table_schema = 'PUBLIC' and table_type = 'BASE TABLE'"
                        + " and table_name <> 'flyway_schema_history'",
                String.class);
    }

    private static long count(JdbcTemplate database, String table) {
        Long rows = database.queryForObject("select count(*) from \"" + table + "\"", Long.class);
        return rows == null ? 0 : rows;
    }

    /** A row in every table that takes one, parents first: whatever a column must have, and the parent's id where it refers to one. */
    private static Map<String, Long> filled(JdbcTemplate database) {
        Map<String, String> parents = new HashMap<>();
        database.queryForList(
                        "select k.table_name t, k.column_name c, p.table_name p from information_schema.referential_constraints r"
                                + " join information_schema.key_column_usage k on k.constraint_name = r.constraint_name"
                                + " join information_schema.table_constraints p on p.constraint_name = r.unique_constraint_name")
                .forEach(r -> parents.put(r.get("T") + "." + r.get("C"), String.valueOf(r.get("P"))));
        Map<String, Long> filled = new LinkedHashMap<>();
        List<String> left = new ArrayList<>(tables(database));
        for (boolean more = true; more; ) {
            more = false;
            for (String table : List.copyOf(left)) {
                boolean ready = parents.entrySet().stream()
                        .filter(e -> e.getKey().startsWith(table + "."))
                        .allMatch(e -> e.getValue().equals(table) || filled.containsKey(e.getValue()));
                if (ready) {
                    insert(database, table);
                    filled.put(table, 1L);
                    left.remove(table);
                    more = true;
                }
            }
        }
        assertThat(left).isEmpty();
        return filled;
    }

    private static void insert(JdbcTemplate database, String table) {
        List<String> columns = new ArrayList<>();
        List<Object> values = new ArrayList<>();
        database.queryForList(
                        "select column_name c, data_type t from information_schema.columns where table_name = ? and is_nullable = 'NO'"
                                + " and is_identity = 'NO'",
                        table)
                .forEach(r -> {
                    columns.add("\"" + r.get("C") + "\"");
                    values.add(value(String.valueOf(r.get("C")), String.valueOf(r.get("T"))));
                });
        database.update(
                "insert into \"" + table + "\" (" + String.join(", ", columns) + ") values ("
                        + String.join(", ", Collections.nCopies(columns.size(), "?")) + ")",
                values.toArray());
    }

    private static Object value(String column, String type) {
        return switch (type) {
            case "UUID" -> new UUID(0, 1);
            case "DATE" -> "2026-06-01";
            case "BOOLEAN" -> false;
            case "TIMESTAMP" -> "2026-06-01 10:00:00";
            case "CHARACTER VARYING", "CHARACTER LARGE OBJECT", "CHARACTER" -> column.equals("TEXT") ? "" : "X";
            default -> type.startsWith("TIMESTAMP") ? "2026-06-01 10:00:00" : 1;
        };
    }
}
