package hodeon.app;

import org.springframework.jdbc.core.JdbcTemplate;

/** Writes to the database as somebody would who has its file, past what seals it. */
public final class Tampered {

    private Tampered() {}

    /** @param change what comes behind “update … set” */
    public static void with(JdbcTemplate database, String table, String change, Object... arguments) {
        String seals = database.queryForObject(
                "select java_class from information_schema.triggers where lower(event_object_table) = ?"
                        + " fetch first 1 rows only",
                String.class,
                table);
        database.execute("drop trigger sealed_" + table);
        database.update("update " + table + " set " + change, arguments);
        database.execute("create trigger sealed_" + table + " before insert, update on " + table
                + " for each row call '" + seals + "'");
    }
}
