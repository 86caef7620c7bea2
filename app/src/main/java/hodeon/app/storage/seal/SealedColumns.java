package hodeon.app.storage.seal;

import static java.util.Map.entry;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * What is sealed: columns about people by table, and what names a row there. Each text is sealed for its place, “CARE_NOTE.NOTE:” and the
 * row, and opens nowhere else. They are plain in a backup, which has no key.
 */
public final class SealedColumns {

    /** @param key columns that name a row, in the order they stand in its place */
    public record Sealed(List<String> key, Set<String> columns) {

        /** @param row the row's columns, the key among them */
        String place(String table, String column, Map<String, ?> row) {
            return (table + "." + column).toUpperCase(Locale.ROOT) + ":"
                    + key.stream().map(k -> String.valueOf(row.get(k))).collect(Collectors.joining("/"));
        }
    }

    private static final Sealed NOTHING = new Sealed(List.of(), Set.of());

    public static final Map<String, Sealed> ALL = Map.ofEntries(
            entry(
                    "trip_person",
                    new Sealed(List.of("trip_id", "position"), Set.of("name", "allergies", "conditions", "rescue"))),
            byId("log_entry", "who", "note", "at_place", "body_place", "moments"),
            entry("brief_draft", new Sealed(List.of("household_id", "about"), Set.of("form"))),
            byId("stock_place", "known_by"),
            entry("check_line", new Sealed(List.of("round_id", "position"), Set.of("lent_to"))),
            byId("taken", "who"),
            byId("dispensed", "who", "directions", "given_by"),
            byId("person", "profile"),
            byId("dose_taken", "dose"),
            byId("care_note", "note"),
            byId("carrier", "name"),
            byId("own_medicine", "name", "ingredient", "classes", "confirmed", "also_holds", "bands"),
            byId("country_note", "country", "note", "source"),
            entry("mail_digest", new Sealed(List.of("household_id"), Set.of("address"))),
            byId("simulated_outbox", "address", "subject", "body"),
            byId("account", "totp", "mail"));

    private SealedColumns() {}

    private static Map.Entry<String, Sealed> byId(String table, String... columns) {
        return entry(table, new Sealed(List.of("id"), Set.of(columns)));
    }

    public static Set<String> of(String table) {
        return ALL.getOrDefault(table, NOTHING).columns();
    }

    public static String place(String table, String column, Map<String, ?> row) {
        return ALL.getOrDefault(table, NOTHING).place(table, column, row);
    }

    /** The row as a reader sees it; {@link Seal#UNREADABLE} where it cannot be opened. */
    public static Map<String, Object> opened(Seal seal, String table, Map<String, Object> row) {
        Map<String, Object> opened = new LinkedHashMap<>(row);
        for (String column : of(table)) {
            opened.computeIfPresent(column, (name, text) -> seal.open(place(table, name, row), String.valueOf(text)));
        }
        return opened;
    }
}
