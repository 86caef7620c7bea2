package hodeon.app.storage.seal;

import java.sql.Clob;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.h2.api.Trigger;
import org.jspecify.annotations.Nullable;

/**
 * Seals the columns about people before a row is written, whoever writes it: the database calls it by name and makes it itself, so the
 * seal of a database is left here by {@link Sealing}. What is sealed for its place already stays as it is.
 */
public class SealingTrigger implements Trigger {

    private static final Map<String, Seal> SEALS = new ConcurrentHashMap<>();

    private String table = "";

    private volatile List<String> columns = List.of();

    /** @param database path of its file */
    static void use(String database, Seal seal) {
        SEALS.put(database, seal);
    }

    static void leave(String database) {
        SEALS.remove(database);
    }

    @Override
    public void init(Connection connection, String schema, String trigger, String tableName, boolean before, int type) {
        table = tableName.toLowerCase(Locale.ROOT);
    }

    @Override
    public void fire(Connection connection, Object @Nullable [] old, Object @Nullable [] row) throws SQLException {
        if (row == null) {
            return;
        }
        if (columns.isEmpty()) {
            columns = columns(connection);
        }
        for (String column : SealedColumns.of(table)) {
            int at = columns.indexOf(column);
            String text = text(row[at]);
            String place = place(row, column);
            if (text.isEmpty()) {
                continue;
            }
            if (old == null || !text.equals(text(old[at]))) {
                Seal seal = seal(connection);
                row[at] = seal.opens(place, text) ? text : seal.close(place, text);
            } else if (!place.equals(place(old, column))) {
                // A line whose number has changed takes what was sealed with it.
                Seal seal = seal(connection);
                row[at] = seal.close(place, seal.strictly(place(old, column), text));
            }
        }
    }

    private String place(Object[] row, String column) {
        return SealedColumns.place(table, column, named(row));
    }

    private Map<String, Object> named(Object[] row) {
        Map<String, Object> named = new HashMap<>();
        for (int c = 0; c < columns.size(); c++) {
            named.put(columns.get(c), row[c]);
        }
        return named;
    }

    private List<String> columns(Connection connection) throws SQLException {
        List<String> names = new ArrayList<>();
        try (ResultSet row =
                connection.getMetaData().getColumns(null, "PUBLIC", table.toUpperCase(Locale.ROOT), null)) {
            while (row.next()) {
                names.add(row.getString("COLUMN_NAME").toLowerCase(Locale.ROOT));
            }
        }
        return names;
    }

    private static Seal seal(Connection connection) throws SQLException {
        try (var statement = connection.createStatement();
                ResultSet path = statement.executeQuery("call database_path()")) {
            path.next();
            Seal seal = SEALS.get(path.getString(1));
            if (seal == null) {
                throw new SQLException("What is written about people can only be written by Hodeon, which seals it.");
            }
            return seal;
        }
    }

    private static String text(@Nullable Object value) throws SQLException {
        return switch (value) {
            case null -> "";
            case Clob clob -> clob.getSubString(1, Math.toIntExact(clob.length()));
            default -> value.toString();
        };
    }
}
