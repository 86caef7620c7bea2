package hodeon.app.storage;

import hodeon.app.storage.BackupTables.Table;
import hodeon.app.storage.seal.Seal;
import hodeon.app.storage.seal.SealedColumns;
import java.sql.ResultSet;
import java.sql.ResultSetMetaData;
import java.sql.SQLException;
import java.sql.Types;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/** Reads and writes the rows of a household as plain values, table by table. */
@Component
class BackupRows {

    private final JdbcTemplate database;
    private final Seal seal;

    BackupRows(JdbcTemplate database, Seal seal) {
        this.database = database;
        this.seal = seal;
    }

    /** A column as the database describes it. */
    record Column(String name, int type, int size, boolean nullable, Optional<String> usual) {

        /** Whether a file may leave it out: one from before the column was added does. */
        boolean mayBeMissing() {
            return nullable || usual.isPresent();
        }
    }

    /** A reference to a row of another table of the backup. */
    record Reference(String table, String column, String parent, String parentColumn) {}

    List<Column> columns(Table table) {
        return database.query(
                "select column_name, data_type, character_maximum_length, is_nullable, column_default"
                        + " from information_schema.columns"
                        + " where table_schema = 'PUBLIC' and lower(table_name) = ? order by ordinal_position",
                (row, n) -> new Column(
                        row.getString(1).toLowerCase(Locale.ROOT),
                        type(row.getString(2)),
                        row.getInt(3),
                        "YES".equals(row.getString(4)),
                        Optional.ofNullable(row.getString(5)).map(BackupRows::unquoted)),
                table.name());
    }

    private static int type(String name) {
        return switch (name) {
            case "UUID" -> Types.OTHER;
            case "DATE" -> Types.DATE;
            case "TIMESTAMP" -> Types.TIMESTAMP;
            case "BIGINT" -> Types.BIGINT;
            case "INTEGER" -> Types.INTEGER;
            case "DOUBLE PRECISION" -> Types.DOUBLE;
            case "BOOLEAN" -> Types.BOOLEAN;
            default -> Types.VARCHAR;
        };
    }

    /** A default as the database writes it: “0”, “FALSE” or “'1'”. */
    private static String unquoted(String sql) {
        return sql.startsWith("'") ? sql.substring(1, sql.length() - 1).replace("''", "'") : sql;
    }

    /** Foreign keys between tables of the backup. */
    List<Reference> references() {
        Set<String> names = new HashSet<>();
        BackupTables.ALL.forEach(t -> names.add(t.name()));
        return database
                .query(
                        "select lower(f.table_name), lower(f.column_name), lower(p.table_name), lower(p.column_name)"
                                + " from information_schema.referential_constraints r"
                                + " join information_schema.key_column_usage f on f.constraint_name = r.constraint_name"
                                + " join information_schema.key_column_usage p on p.constraint_name ="
                                + " r.unique_constraint_name and p.ordinal_position = f.position_in_unique_constraint",
                        (row, n) ->
                                new Reference(row.getString(1), row.getString(2), row.getString(3), row.getString(4)))
                .stream()
                .filter(r -> names.contains(r.table()) && names.contains(r.parent()))
                .toList();
    }

    boolean isEmpty(Table table, UUID household) {
        return database.queryForList(
                        "select 1 from " + table.name() + " where " + table.ofHousehold() + " fetch first 1 rows only",
                        household)
                .isEmpty();
    }

    String householdName(UUID household) {
        return String.valueOf(
                database.queryForObject("select name from household where id = ?", String.class, household));
    }

    void nameHousehold(UUID household, String name) {
        database.update("update household set name = ? where id = ?", name, household);
    }

    /** Every row without its household; empty cells are left out. */
    List<Map<String, Object>> read(Table table, UUID household) {
        return database.query(
                "select * from " + table.name() + " where " + table.ofHousehold() + " order by "
                        + String.join(", ", table.key()),
                (row, n) -> opened(table.name(), row(row)),
                household);
    }

    private static Map<String, Object> row(ResultSet row) throws SQLException {
        ResultSetMetaData columns = row.getMetaData();
        Map<String, Object> values = new LinkedHashMap<>();
        for (int c = 1; c <= columns.getColumnCount(); c++) {
            Object value = value(row, c, columns.getColumnType(c));
            if (value != null) {
                values.put(columns.getColumnName(c).toLowerCase(Locale.ROOT), value);
            }
        }
        return values;
    }

    /** A copy that could not be read again is none: what is damaged is named, with its row. */
    private Map<String, Object> opened(String table, Map<String, Object> row) {
        Map<String, Object> opened = new LinkedHashMap<>(row);
        for (String column : SealedColumns.of(table)) {
            String place = SealedColumns.place(table, column, row);
            try {
                opened.computeIfPresent(column, (name, text) -> seal.strictly(place, text.toString()));
            } catch (Seal.WrongKey damaged) {
                throw new Backup.Damaged(table, column, place.substring(place.indexOf(':') + 1));
            }
        }
        opened.remove("household_id");
        return opened;
    }

    private static @Nullable Object value(ResultSet row, int column, int type) throws SQLException {
        Object value =
                switch (type) {
                    case Types.DATE -> row.getObject(column, LocalDate.class);
                    case Types.TIMESTAMP -> row.getObject(column, LocalDateTime.class);
                    default -> row.getObject(column);
                };
        return value instanceof Number || value instanceof Boolean || value == null ? value : value.toString();
    }

    void write(Table table, UUID household, List<Map<String, Object>> rows) {
        List<Column> columns = columns(table);
        List<String> names = columns.stream().map(Column::name).toList();
        Set<String> later = toItself(table);
        List<Object[]> values = new ArrayList<>();
        for (Map<String, Object> row : rows) {
            values.add(columns.stream()
                    .map(c -> c.name().equals("household_id")
                            ? household
                            : later.contains(c.name()) ? null : typed(orUsual(row, c), c.type()))
                    .toArray());
        }
        database.batchUpdate(
                "insert into " + table.name() + " (" + String.join(", ", names) + ") values ("
                        + String.join(", ", Collections.nCopies(names.size(), "?")) + ")",
                values);
        later.forEach(column -> refer(table, column, rows));
    }

    /** Columns in which a row refers to another of the same table, which may come behind it. */
    private Set<String> toItself(Table table) {
        return references().stream()
                .filter(r -> r.table().equals(table.name()) && r.parent().equals(table.name()))
                .map(Reference::column)
                .collect(Collectors.toSet());
    }

    private void refer(Table table, String column, List<Map<String, Object>> rows) {
        database.batchUpdate(
                "update " + table.name() + " set " + column + " = ? where id = ?",
                rows.stream()
                        .filter(r -> r.get(column) != null)
                        .map(r -> new Object[] {typed(r.get(column), Types.OTHER), typed(r.get("id"), Types.OTHER)})
                        .toList());
    }

    private static @Nullable Object orUsual(Map<String, Object> row, Column column) {
        Object value = row.get(column.name());
        return value != null || column.nullable() ? value : column.usual().orElse(null);
    }

    private static @Nullable Object typed(@Nullable Object value, int type) {
        if (value == null) {
            return null;
        }
        return switch (type) {
            case Types.OTHER -> UUID.fromString(value.toString());
            case Types.DATE -> LocalDate.parse(value.toString());
            case Types.TIMESTAMP -> LocalDateTime.parse(value.toString());
            case Types.BOOLEAN -> Boolean.valueOf(value.toString());
            default -> value;
        };
    }

    /** What was counted in doses and sets before is counted in single pieces. */
    void countSinglePieces(UUID household) {
        SinglePieces.count(database, household);
    }

    /** A module belongs where it lies, and what a list says is its first version: older files know neither. */
    void beginLists(UUID household) {
        database.update(
                "update stock_place set belongs_in = inside"
                        + " where household_id = ? and kind = 'MODULE' and belongs_in is null",
                household);
        database.update(
                "insert into list_version (id, kit_id, number, made_at, made_by, why)"
                        + " select random_uuid(), id, 1, saved_at, '', '' from kit where household_id = ?"
                        + " and not exists (select 1 from list_version v where v.kit_id = kit.id)",
                household);
        database.update(
                "insert into list_version_line (version_id, position, supply_id, pieces, least, module, why)"
                        + " select v.id, l.position, l.supply_id, l.pieces, l.least, l.module, l.why from kit_line l"
                        + " join list_version v on v.kit_id = l.kit_id join kit k on k.id = l.kit_id"
                        + " where k.household_id = ?"
                        + " and not exists (select 1 from list_version_line o where o.version_id = v.id)"
                        + " and v.number = 1 and not exists"
                        + " (select 1 from list_version w where w.kit_id = v.kit_id and w.number > 1)",
                household);
    }

    /** What the movements come to; the balances are no part of a backup because they follow from these. */
    void writeBalances(UUID household) {
        database.update(
                "insert into stock_balance (lot_id, place_id, household_id, pieces)"
                        + " select lot, place, ?, sum(pieces) from ("
                        + "  select coalesce(into_lot, lot_id) lot, to_place place, pieces from stock_movement"
                        + "   where household_id = ? and to_place is not null"
                        + "  union all select lot_id, from_place, -pieces from stock_movement"
                        + "   where household_id = ? and from_place is not null)"
                        + " group by lot, place having sum(pieces) <> 0",
                household,
                household,
                household);
    }
}
