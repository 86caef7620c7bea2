package hodeon.app.history;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/**
 * A table whose changes are noted, with the tables that hold the rest of the same thing.
 *
 * @param key column that names a thing within its household
 * @param alone whether the key names it in all households; else its household stands beside it
 * @param child tables that hold lines of it
 * @param name column that says what it is called; empty where the word for its kind does
 * @param settles whether undoing its making takes it away again, and undoing its end brings it back; what has a bin waits there
 */
record Tracked(Kind kind, String table, String key, boolean alone, List<Child> child, String name, boolean settles) {

    /** @param owner column that names the thing it belongs to */
    record Child(String table, String owner, List<String> order) {}

    enum Kind {
        OUTING("outing"),
        KIT("kit"),
        LIST("list"),
        PERSON("person"),
        OWN("thing of your own"),
        SETTING("setting");

        private final String word;

        Kind(String word) {
            this.word = word;
        }

        public String word() {
            return word;
        }
    }

    /** What changes by itself, or says nothing to a reader. */
    static final Set<String> SILENT = Set.of(
            "version", "saved_at", "number", "household_id", "binned_trip", "made_on", "last_sent", "updated_at");

    private static final List<Tracked> ALL = List.of(
            new Tracked(
                    Kind.OUTING,
                    "trip",
                    "id",
                    true,
                    List.of(
                            new Child("trip_leg", "trip_id", List.of("position")),
                            new Child("trip_person", "trip_id", List.of("position")),
                            new Child("trip_factor", "trip_id", List.of("problem_id", "factor"))),
                    "name",
                    false),
            thing(Kind.KIT, "stock_place", "name"),
            thing(Kind.KIT, "kit_part", "name"),
            new Tracked(
                    Kind.LIST,
                    "kit",
                    "id",
                    true,
                    List.of(new Child("kit_line", "kit_id", List.of("position"))),
                    "name",
                    false),
            thing(Kind.PERSON, "person", "profile"),
            thing(Kind.OWN, "own_medicine", "name"),
            within(Kind.OWN, "own_supply", "supply_id", "supply_id", false),
            within(Kind.OWN, "own_problem", "problem_id", "name", false),
            within(Kind.OWN, "own_capability", "capability_id", "name", false),
            within(Kind.OWN, "own_rate", "problem_id", "problem_id", true),
            within(Kind.OWN, "own_word", "words", "words", true),
            within(Kind.SETTING, "house_style", "household_id", "", true),
            within(Kind.SETTING, "stock_head", "household_id", "", false),
            within(Kind.SETTING, "medicine_rules", "household_id", "", true),
            within(Kind.SETTING, "followed_school", "topic", "topic", true),
            within(Kind.SETTING, "mail_digest", "household_id", "", true),
            within(Kind.SETTING, "label_grid", "household_id", "", true));

    private static Tracked thing(Kind kind, String table, String name) {
        return new Tracked(kind, table, "id", true, List.of(), name, false);
    }

    private static Tracked within(Kind kind, String table, String key, String name, boolean settles) {
        return new Tracked(kind, table, key, false, List.of(), name, settles);
    }

    static Optional<Tracked> of(String table) {
        String lower = table.toLowerCase(Locale.ROOT);
        return ALL.stream().filter(t -> t.table.equals(lower)).findFirst();
    }
}
