package hodeon.app.history;

import hodeon.app.history.Tracked.Child;
import hodeon.app.storage.seal.Seal;
import hodeon.app.storage.seal.SealedColumns;
import java.sql.ResultSet;
import java.sql.ResultSetMetaData;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** Rows of a thing as they stand in the database: what is sealed there stays sealed here. */
final class Rows {

    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final TypeReference<Map<String, List<Map<String, Object>>>> TABLES = new TypeReference<>() {};

    private Rows() {}

    /** A thing: its own row in its table, and the lines of it by theirs. */
    record Image(String table, Map<String, Object> row, Map<String, List<Map<String, Object>>> lines) {

        String json() {
            Map<String, List<Map<String, Object>>> tables = new LinkedHashMap<>();
            tables.put("", List.of(row));
            tables.putAll(lines);
            return JSON.writeValueAsString(tables);
        }

        static Optional<Image> of(String table, @Nullable String json) {
            if (json == null) {
                return Optional.empty();
            }
            Map<String, List<Map<String, Object>>> tables = JSON.readValue(json, TABLES);
            Map<String, Object> row = Objects.requireNonNull(tables.remove("")).getFirst();
            return Optional.of(new Image(table, row, tables));
        }

        /** What a reader would call the same; sealed anew is not changed. */
        boolean saysTheSameAs(Image other, Seal seal) {
            return said(seal).equals(other.said(seal)) && saidLines(seal).equals(other.saidLines(seal));
        }

        /** What a reader sees of its row: opened where it is sealed. */
        Map<String, Object> said(Seal seal) {
            return said(table, row, seal);
        }

        Map<String, List<Map<String, Object>>> saidLines(Seal seal) {
            Map<String, List<Map<String, Object>>> said = new TreeMap<>();
            lines.forEach((of, rows) ->
                    said.put(of, rows.stream().map(r -> said(of, r, seal)).toList()));
            return said;
        }

        private static Map<String, Object> said(String table, Map<String, Object> row, Seal seal) {
            Map<String, Object> said = new TreeMap<>(SealedColumns.opened(seal, table, row));
            said.keySet().removeAll(Tracked.SILENT);
            return said;
        }

        /** Whether anything of it, opened, tells of this. */
        boolean tells(Pattern word, Seal seal) {
            return Stream.concat(
                            Stream.of(said(seal)),
                            saidLines(seal).values().stream().flatMap(List::stream))
                    .flatMap(r -> r.values().stream())
                    .anyMatch(
                            v -> v instanceof String text && word.matcher(text).find());
        }

        boolean deleted() {
            return row.get("deleted_at") != null;
        }
    }

    /** Things by their key: one by its id, or where it has none, all of the household. */
    static Map<String, Image> read(JdbcTemplate database, Tracked of, UUID household, @Nullable Object id) {
        boolean one = of.alone() && id != null;
        List<Map<String, Object>> rows = database.query(
                "select * from " + of.table() + " where household_id = ?" + (one ? " and " + of.key() + " = ?" : ""),
                (row, n) -> row(row),
                one ? new Object[] {household, id} : new Object[] {household});
        Map<String, Image> images = new TreeMap<>();
        for (Map<String, Object> row : rows) {
            Map<String, List<Map<String, Object>>> lines = new TreeMap<>();
            for (Child child : of.child()) {
                lines.put(
                        child.table(),
                        database.query(
                                "select * from " + child.table() + " where " + child.owner() + " = ? order by "
                                        + String.join(", ", child.order()),
                                (line, n) -> row(line),
                                row.get(of.key())));
            }
            // As it will be read again, so that numbers and moments compare.
            Image image = Image.of(of.table(), new Image(of.table(), row, lines).json())
                    .orElseThrow();
            images.put(String.valueOf(row.get(of.key())), image);
        }
        return images;
    }

    private static Map<String, Object> row(ResultSet row) throws SQLException {
        ResultSetMetaData columns = row.getMetaData();
        Map<String, Object> values = new LinkedHashMap<>();
        for (int c = 1; c <= columns.getColumnCount(); c++) {
            Object value = row.getObject(c);
            if (value != null) {
                values.put(
                        columns.getColumnName(c).toLowerCase(Locale.ROOT),
                        value instanceof Number || value instanceof Boolean ? value : value.toString());
            }
        }
        return values;
    }

    /** Writes the thing as it was; throws a {@link org.springframework.dao.DataAccessException} where what it names is gone. */
    static void write(JdbcTemplate database, Tracked of, UUID household, Image was, Image is) {
        Map<String, Object> values = new TreeMap<>(is.row());
        values.replaceAll((column, now) -> null);
        values.putAll(was.row());
        values.keySet().removeAll(Tracked.SILENT);
        values.remove(of.key());
        List<Object> arguments = new ArrayList<>(values.values());
        arguments.add(household);
        arguments.add(was.row().get(of.key()));
        database.update(
                "update " + of.table() + " set " + String.join(" = ?, ", values.keySet()) + " = ?"
                        + (is.row().containsKey("version") ? ", version = version + 1" : "")
                        + " where household_id = ? and " + of.key() + " = ?",
                arguments.toArray());
        for (Child child : of.child()) {
            database.update(
                    "delete from " + child.table() + " where " + child.owner() + " = ?",
                    was.row().get(of.key()));
            was.lines().getOrDefault(child.table(), List.of()).forEach(line -> insert(database, child.table(), line));
        }
    }

    static void insert(JdbcTemplate database, String table, Map<String, Object> row) {
        database.update(
                "insert into " + table + " (" + String.join(", ", row.keySet()) + ") values ("
                        + String.join(", ", Collections.nCopies(row.size(), "?")) + ")",
                row.values().toArray());
    }

    static void delete(JdbcTemplate database, Tracked of, UUID household, Image is) {
        database.update(
                "delete from " + of.table() + " where household_id = ? and " + of.key() + " = ?",
                household,
                is.row().get(of.key()));
    }
}
