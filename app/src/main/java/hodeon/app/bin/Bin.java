package hodeon.app.bin;

import hodeon.app.shell.NotHere;
import hodeon.app.storage.seal.Seal;
import hodeon.app.storage.seal.SealedColumns;
import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * The bin: deleted trips, lists, kits with all that lies in them, own supplies, problems and medicines, for 30 days. They are marked in
 * their tables and no other room sees them; here they are brought back or go for good. Of a kit the row stays even then: the ledger
 * goes on to name it.
 */
@Service
@Transactional
public class Bin {

    static final int DAYS = 30;

    /** What can lie in it. */
    public enum Kind {
        TRIP("trip", "trip", "id", "name"),
        LIST("list", "kit", "id", "name"),
        KIT("kit", "stock_place", "id", "name"),
        SUPPLY("own supply", "own_supply", "supply_id", "supply_id"),
        PROBLEM("own problem", "own_problem", "problem_id", "name"),
        CAPABILITY("what a kit can do", "own_capability", "capability_id", "name"),
        MEDICINE("own medicine", "own_medicine", "id", "name");

        private final String word;
        private final String table;
        private final String key;
        private final String name;

        Kind(String word, String table, String key, String name) {
            this.word = word;
            this.table = table;
            this.key = key;
            this.name = name;
        }

        public String word() {
            return word;
        }

        String table() {
            return table;
        }

        /** Whether something lies in the bin by itself: a module comes and goes with the kit that it lies in. */
        private String byItself() {
            return this == KIT
                    ? " and (inside is null or inside not in (select id from stock_place where deleted_at is not null))"
                    : "";
        }
    }

    /** @param until the last day it can be brought back */
    public record Thing(Kind kind, String id, String name, LocalDate deleted, LocalDate until) {}

    private final JdbcTemplate database;
    private final Seal seal;
    private final Clock clock;

    Bin(JdbcTemplate database, Seal seal, Clock clock) {
        this.seal = seal;
        this.database = database;
        this.clock = clock;
    }

    /** What lies in it, the latest first; what has lain too long goes for good. */
    public List<Thing> of(UUID household) {
        List<Thing> things = new ArrayList<>();
        LocalDateTime since = LocalDateTime.now(clock).minusDays(DAYS);
        for (Kind kind : Kind.values()) {
            if (kind != Kind.KIT) {
                database.update(
                        "delete from " + kind.table + " where household_id = ? and deleted_at < ?", household, since);
            }
            things.addAll(database.query(
                    "select " + kind.key + ", " + kind.name + ", deleted_at from " + kind.table
                            + " where household_id = ? and deleted_at >= ?" + kind.byItself(),
                    (row, n) -> thing(
                            kind,
                            row.getString(1),
                            name(kind, row.getString(1), row.getString(2)),
                            row.getObject(3, LocalDateTime.class).toLocalDate()),
                    household,
                    since));
        }
        things.sort(Comparator.comparing(Thing::deleted).reversed().thenComparing(Thing::name));
        return things;
    }

    private String name(Kind kind, String id, String name) {
        Map<String, Object> row = new HashMap<>(Map.of(kind.key, id));
        row.put(kind.name, name);
        return String.valueOf(SealedColumns.opened(seal, kind.table, row).get(kind.name));
    }

    private static Thing thing(Kind kind, String id, String name, LocalDate deleted) {
        return new Thing(kind, id, name, deleted, deleted.plusDays(DAYS));
    }

    /** Puts it back where it was; throws {@link NotHere} if it does not lie here. */
    public Thing bringBack(UUID household, Kind kind, String id) {
        Thing thing = find(household, kind, id);
        if (kind == Kind.KIT) {
            mark(household, id, null);
            return thing;
        }
        database.update(
                "update " + kind.table + " set deleted_at = null where household_id = ? and " + kind.key + " = ?",
                household,
                id);
        if (kind == Kind.PROBLEM || kind == Kind.SUPPLY) {
            bringAbilitiesBack(household);
        }
        // A kit and its trip find each other again, unless another kit has taken the place.
        database.update(
                "update kit k set trip_id = binned_trip, binned_trip = null where household_id = ? and binned_trip is not null"
                        + " and deleted_at is null and exists (select 1 from trip t where t.id = k.binned_trip and t.deleted_at is null)"
                        + " and not exists (select 1 from kit o where o.trip_id = k.binned_trip)",
                household);
        return thing;
    }

    /** What is asked for or done again comes back with what asks for it. */
    private void bringAbilitiesBack(UUID household) {
        database.update(
                "update own_capability c set deleted_at = null where household_id = ? and deleted_at is not null"
                        + " and (exists (select 1 from own_problem p where p.household_id = c.household_id and p.deleted_at is null"
                        + " and locate('step = ' || c.capability_id || ' ', p.text) > 0)"
                        + " or exists (select 1 from own_supply s where s.household_id = c.household_id and s.deleted_at is null"
                        + " and locate('serves = ' || c.capability_id || ' ', s.text) > 0))",
                household);
    }

    /** It goes at once and for good; throws {@link NotHere} if it does not lie here. */
    public Thing empty(UUID household, Kind kind, String id) {
        Thing thing = find(household, kind, id);
        if (kind == Kind.KIT) {
            mark(household, id, LocalDateTime.now(clock).minusDays(DAYS + 1));
            return thing;
        }
        database.update(
                "delete from " + kind.table + " where household_id = ? and deleted_at is not null and " + kind.key
                        + " = ?",
                household,
                id);
        return thing;
    }

    /** Marks a kit and all that went into the bin with it. */
    private void mark(UUID household, String kit, @Nullable LocalDateTime deleted) {
        database.update(
                "update stock_place set deleted_at = ? where household_id = ? and deleted_at ="
                        + " (select deleted_at from stock_place where id = ?)",
                deleted,
                household,
                kit);
    }

    private Thing find(UUID household, Kind kind, String id) {
        return of(household).stream()
                .filter(t -> t.kind() == kind && t.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new NotHere(kind.word + " " + id + " in the bin"));
    }
}
