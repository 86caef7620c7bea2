package hodeon.app;

import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.regex.Pattern;
import org.springframework.jdbc.core.JdbcTemplate;

/** What the variables and fields of addresses name: for each its kind, and one of the sample household. */
final class Kinds {

    private static final Pattern TABLE = Pattern.compile("[A-Z_]+");

    /** A variable by the prefix of its address: a table, or a word that stands for itself. */
    private static final Map<String, String> OF = Map.ofEntries(
            Map.entry("/trips/{id}", "TRIP"),
            Map.entry("/trips/{id}/log/{entry}", "LOG_ENTRY"),
            Map.entry("/trips/{id}/country-notes/{note}", "COUNTRY_NOTE"),
            Map.entry("/trips/{id}/carriers/{carrier}", "CARRIER"),
            Map.entry("/trips/{id}/odds/{problem}", "blister"),
            Map.entry("/kits/{id}", "BOX"),
            Map.entry("/kits/{id}/pack/parts/{part}", "KIT_PART"),
            Map.entry("/practice/{kit}", "BOX"),
            Map.entry("/lists/{id}", "KIT"),
            Map.entry("/people/{id}", "PERSON"),
            Map.entry("/people/{id}/clock/{dose}", "DOSE_TAKEN"),
            Map.entry("/people/{id}/care/{note}", "CARE_NOTE"),
            Map.entry("/dispensed/{id}", "DISPENSED"),
            Map.entry("/stock/lots/{id}", "STOCK_LOT"),
            Map.entry("/stock/places/{id}", "STOCK_PLACE"),
            Map.entry("/stock/checks/{id}", "CHECK_ROUND"),
            Map.entry("/stock/checks/{id}/lines/{position}", "0"),
            Map.entry("/stock/movements/{number}", "1"),
            Map.entry("/stock/recalls/{id}", "STOCK_WITHDRAWAL"),
            Map.entry("/settings/members/{id}", "MEMBERSHIP"),
            Map.entry("/settings/members/invitations/{id}", "INVITATION"),
            Map.entry("/settings/tokens/{id}", "ACCESS_TOKEN"),
            Map.entry("/settings/history/{id}", "CHANGE_NOTE"),
            Map.entry("/households/{id}", "HOUSEHOLD"),
            Map.entry("/medicines/{id}", "own-medicine"),
            Map.entry("/abilities/{id}", "own-ability"),
            Map.entry("/problems/{id}", "own-problem"),
            Map.entry("/rates/{problem}", "blister"),
            Map.entry("/supplies/{id}", "shears"),
            Map.entry("/aid/guides/{id}", "lightning"),
            Map.entry("/bin/{kind}", "TRIP_IN_BIN"),
            Map.entry("/t/{code}", "code"),
            Map.entry("/join/{code}", "code"),
            Map.entry("/recover/{secret}", "secret"),
            Map.entry("/feeds/{secret}", "secret"),
            Map.entry("/account/passkeys/{key}", "key"),
            Map.entry("/account/sessions/{key}", "key"));

    /** A field by its name. */
    private static final Map<String, String> OF_FIELDS = Map.ofEntries(
            Map.entry("trip", "TRIP"),
            Map.entry("kit", "BOX"),
            Map.entry("place", "BOX"),
            Map.entry("places", "BOX"),
            Map.entry("to", "STOCK_PLACE"),
            Map.entry("at", "STOCK_PLACE"),
            Map.entry("shelf", "STOCK_PLACE"),
            Map.entry("inside", "STOCK_PLACE"),
            Map.entry("into", "STOCK_PLACE"),
            Map.entry("filledFrom", "STOCK_PLACE"),
            Map.entry("module", "STOCK_PLACE"),
            Map.entry("lot", "STOCK_LOT"),
            Map.entry("list", "KIT"),
            Map.entry("second", "KIT"),
            Map.entry("person", "PERSON"),
            Map.entry("account", "MEMBERSHIP"),
            Map.entry("line", "OPEN_LINE"));

    private final Map<String, String> owned;

    private Kinds(Map<String, String> owned) {
        this.owned = owned;
    }

    /** One of every kind that the sample household owns; what it has none of is nobody's. */
    static Kinds ofTheSample(JdbcTemplate database) {
        UUID sample = database.queryForObject("select id from household where name = 'Tidewrack Paddlers'", UUID.class);
        Map<String, String> owned = new LinkedHashMap<>();
        for (String table : Addresses.tables(database)) {
            List<String> columns = Addresses.columns(database, table);
            if (columns.contains("HOUSEHOLD_ID") && columns.contains("ID")) {
                first(database, table + " where household_id = ?", sample).ifPresent(id -> owned.put(table, id));
            }
        }
        owned.put("HOUSEHOLD", sample.toString());
        owned.put(
                "BOX",
                first(database, "stock_place where name = 'Deck pouch' and household_id = ?", sample)
                        .orElseThrow());
        owned.put(
                "TRIP",
                first(database, "trip where name = 'Skerry ring' and household_id = ?", sample)
                        .orElseThrow());
        return new Kinds(owned);
    }

    private static Optional<String> first(JdbcTemplate database, String of, UUID household) {
        return database.queryForList("select id from " + of + " limit 1", household).stream()
                .map(row -> String.valueOf(row.get("ID")))
                .findFirst();
    }

    static boolean knows(String variable) {
        return OF.containsKey(variable);
    }

    /** Whether what stands there is a thing of a household, and not a word of the catalogue. */
    boolean isOwned(String variable) {
        return owned.containsKey(kind(variable));
    }

    /** One of the household's own; of a kind that it has none of, an id that nobody has; a word as it stands. */
    String own(String variable) {
        String kind = kind(variable);
        return TABLE.matcher(kind).matches()
                ? owned.getOrDefault(
                        kind,
                        UUID.nameUUIDFromBytes(kind.getBytes(StandardCharsets.UTF_8))
                                .toString())
                : kind;
    }

    /** A thing of another kind: a person where an outing is meant, an outing anywhere else. */
    String ofAnotherKind(String variable) {
        return owned.get(kind(variable).equals("TRIP") ? "PERSON" : "TRIP");
    }

    /** What a field of this name means; where its name does not say, what the path names. */
    String field(String name, String otherwise) {
        return Optional.ofNullable(OF_FIELDS.get(name)).map(owned::get).orElse(otherwise);
    }

    private static String kind(String variable) {
        String kind = OF.get(variable);
        if (kind == null) {
            throw new AssertionError("Nobody says what the last variable of " + variable + " names: add it here.");
        }
        return kind;
    }
}
