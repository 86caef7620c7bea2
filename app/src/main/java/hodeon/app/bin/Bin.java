package hodeon.app.bin;

import hodeon.app.shell.NotHere;
import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * The bin: deleted trips, kits, own supplies and own medicines, for 30 days. They are marked in their tables and no other room sees
 * them; here they are brought back or go for good.
 */
@Service
@Transactional
public class Bin {

    static final int DAYS = 30;

    /** What can lie in it. */
    public enum Kind {
        TRIP("trip", "trip", "id", "name"),
        KIT("kit", "kit", "id", "name"),
        SUPPLY("own supply", "own_supply", "supply_id", "supply_id"),
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
    }

    /** @param until the last day it can be brought back */
    public record Thing(Kind kind, String id, String name, LocalDate deleted, LocalDate until) {}

    private final JdbcTemplate database;
    private final Clock clock;

    Bin(JdbcTemplate database, Clock clock) {
        this.database = database;
        this.clock = clock;
    }

    /** What lies in it, the latest first; what has lain too long goes for good. */
    public List<Thing> of(UUID household) {
        List<Thing> things = new ArrayList<>();
        for (Kind kind : Kind.values()) {
            database.update(
                    "delete from " + kind.table + " where household_id = ? and deleted_at < ?",
                    household,
                    LocalDateTime.now(clock).minusDays(DAYS));
            things.addAll(database.query(
                    "select " + kind.key + ", " + kind.name + ", deleted_at from " + kind.table
                            + " where household_id = ? and deleted_at is not null",
                    (row, n) -> thing(
                            kind,
                            row.getString(1),
                            row.getString(2),
                            row.getObject(3, LocalDateTime.class).toLocalDate()),
                    household));
        }
        things.sort(Comparator.comparing(Thing::deleted).reversed().thenComparing(Thing::name));
        return things;
    }

    private static Thing thing(Kind kind, String id, String name, LocalDate deleted) {
        return new Thing(kind, id, name, deleted, deleted.plusDays(DAYS));
    }

    /** Puts it back where it was; throws {@link NotHere} if it does not lie here. */
    public Thing bringBack(UUID household, Kind kind, String id) {
        Thing thing = find(household, kind, id);
        database.update(
                "update " + kind.table + " set deleted_at = null where household_id = ? and " + kind.key + " = ?",
                household,
                id);
        // A kit and its trip find each other again, unless another kit has taken the place.
        database.update(
                "update kit k set trip_id = binned_trip, binned_trip = null where household_id = ? and binned_trip is not null"
                        + " and deleted_at is null and exists (select 1 from trip t where t.id = k.binned_trip and t.deleted_at is null)"
                        + " and not exists (select 1 from kit o where o.trip_id = k.binned_trip)",
                household);
        return thing;
    }

    /** It goes at once and for good; throws {@link NotHere} if it does not lie here. */
    public Thing empty(UUID household, Kind kind, String id) {
        Thing thing = find(household, kind, id);
        database.update(
                "delete from " + kind.table + " where household_id = ? and deleted_at is not null and " + kind.key
                        + " = ?",
                household,
                id);
        return thing;
    }

    private Thing find(UUID household, Kind kind, String id) {
        return of(household).stream()
                .filter(t -> t.kind() == kind && t.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new NotHere(kind.word + " " + id + " in the bin"));
    }
}
