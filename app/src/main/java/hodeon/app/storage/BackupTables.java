package hodeon.app.storage;

import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * The tables that make up a household, parents before their children. What can be worked out again (balances), what is
 * half done (drafts) and what opens doors (accounts, tokens, feeds) is not among them.
 */
final class BackupTables {

    /**
     * @param key columns that name a row, in the order rows are written
     * @param parent the table that knows the household, and the column that names its row
     */
    record Table(String name, List<String> key, Optional<Parent> parent) {

        /** Condition that a row belongs to the household given as the one argument. */
        String ofHousehold() {
            return parent.map(p -> p.column() + " in (select " + p.key() + " from " + p.table() + " where "
                            + table(p.table()).ofHousehold() + ")")
                    .orElse("household_id = ?");
        }
    }

    record Parent(String table, String key, String column) {}

    static final List<Table> ALL = List.of(
            own("own_supply", "supply_id"),
            own("own_rate", "problem_id"),
            own("own_problem", "problem_id"),
            own("own_capability", "capability_id"),
            own("supply_photo", "supply_id"),
            own("own_word", "words"),
            own("table_columns", "head"),
            own("trip", "id"),
            child("trip_leg", "trip", "trip_id", "trip_id", "position"),
            child("trip_person", "trip", "trip_id", "trip_id", "position"),
            child("trip_factor", "trip", "trip_id", "trip_id", "problem_id", "factor"),
            own("kit", "id"),
            child("kit_line", "kit", "kit_id", "kit_id", "position"),
            child("list_version", "kit", "kit_id", "kit_id", "number"),
            child("list_version_line", "list_version", "version_id", "version_id", "position"),
            own("mat", "trip_id"),
            new Table(
                    "mat_line", List.of("trip_id", "supply_id"), Optional.of(new Parent("mat", "trip_id", "trip_id"))),
            new Table("mat_step", List.of("trip_id", "number"), Optional.of(new Parent("mat", "trip_id", "trip_id"))),
            child("mat_step_line", "mat_step", "step_id", "step_id", "supply_id"),
            own("log_entry", "id"),
            child("log_use", "log_entry", "entry_id", "entry_id", "supply_id"),
            own("logged_trip", "trip_id"),
            own("stock_head", "household_id"),
            own("stock_place", "id"),
            own("place_move", "made_at", "id"),
            own("stock_lot", "id"),
            own("stock_movement", "number"),
            own("stock_let_go", "place_id", "supply_id"),
            own("stock_product", "article"),
            own("stock_withdrawal", "id"),
            own("open_line", "id"),
            own("check_round", "id"),
            child("check_line", "check_round", "round_id", "round_id", "position"),
            own("taken", "id"),
            own("kit_photo", "kit_id"),
            own("kit_part", "id"),
            own("practised", "who", "problem_id"),
            own("kit_laid", "kit_id", "supply_id", "part_id"),
            own("price_offer", "supply_id", "name"),
            own("shopping_tick", "supply_id"),
            own("mail_digest", "household_id"),
            own("person", "id"),
            own("dose_taken", "id"),
            own("dispensed", "id"),
            own("own_medicine", "id"),
            own("medicine_rules", "household_id"),
            own("country_note", "id"),
            own("followed_school", "topic"),
            own("example", "household_id"),
            own("house_style", "household_id"),
            own("label_grid", "household_id"),
            own("printed_card", "scope_id", "card"),
            own("care_note", "id"),
            own("carrier", "id"),
            own("carrier_given", "carrier_id", "supply_id"));

    /** Tables that files of an earlier version do not have. */
    static final Set<String> SINCE_VERSION_2 = Set.of(
            "person",
            "dose_taken",
            "own_medicine",
            "medicine_rules",
            "country_note",
            "followed_school",
            "own_word",
            "own_problem",
            "own_capability",
            "supply_photo",
            "table_columns",
            "example",
            "stock_let_go",
            "open_line",
            "list_version",
            "list_version_line",
            "place_move",
            "taken",
            "kit_photo",
            "kit_part",
            "practised",
            "kit_laid",
            "dispensed",
            "house_style",
            "label_grid",
            "printed_card",
            "care_note",
            "carrier",
            "carrier_given");

    private BackupTables() {}

    static Table table(String name) {
        return ALL.stream().filter(t -> t.name().equals(name)).findFirst().orElseThrow();
    }

    private static Table own(String name, String... key) {
        return new Table(name, List.of(key), Optional.empty());
    }

    private static Table child(String name, String parent, String column, String... key) {
        return new Table(name, List.of(key), Optional.of(new Parent(parent, "id", column)));
    }
}
