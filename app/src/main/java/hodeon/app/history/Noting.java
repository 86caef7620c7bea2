package hodeon.app.history;

import hodeon.app.history.Rows.Image;
import hodeon.app.people.WholeWords;
import hodeon.app.storage.seal.Seal;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;
import java.util.UUID;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.JdbcTemplate;

/** What one transaction of one member touched: how it stood before the first change, and notes of what is different after the last. */
final class Noting {

    /** Something that may be different afterwards. @param id of the one thing; null where the whole table of the household is looked at */
    private record Touched(Tracked of, @Nullable Object id) {}

    private final UUID household;
    private final String who;
    private final Seal seal;
    private final Map<Touched, Map<String, Image>> before = new LinkedHashMap<>();
    private final Map<UUID, String> forgotten = new LinkedHashMap<>();

    Noting(UUID household, String who, Seal seal) {
        this.household = household;
        this.who = who;
        this.seal = seal;
    }

    void before(JdbcTemplate database, Tracked of, @Nullable Object id) {
        before.computeIfAbsent(
                new Touched(of, of.alone() ? id : null), t -> Rows.read(database, of, household, t.id()));
    }

    void after(JdbcTemplate database, LocalDateTime now) {
        before.forEach((touched, was) -> {
            Map<String, Image> is = Rows.read(database, touched.of(), household, touched.id());
            TreeSet<String> keys = new TreeSet<>(was.keySet());
            keys.addAll(is.keySet());
            for (String key : keys) {
                note(
                        database,
                        now,
                        touched.of(),
                        key,
                        Optional.ofNullable(was.get(key)),
                        Optional.ofNullable(is.get(key)));
            }
        });
        forgotten.forEach((id, name) -> forget(database, id, name));
    }

    /** Whoever is taken out of the book is taken out of its history too: nothing is left that tells of them. */
    void forget(UUID id, String name) {
        forgotten.put(id, name);
    }

    private void forget(JdbcTemplate database, UUID id, String name) {
        Pattern named = WholeWords.of(name);
        Pattern known = WholeWords.of(id.toString());
        List<UUID> telling = new ArrayList<>();
        database.query(
                "select id, thing_table, before_rows, after_rows from change_note where household_id = ?",
                row -> {
                    String table = row.getString(2);
                    boolean tells = Stream.of(row.getString(3), row.getString(4))
                            .flatMap(json -> Image.of(table, json).stream())
                            .anyMatch(i -> i.tells(known, seal) || i.tells(named, seal));
                    if (tells) {
                        telling.add(row.getObject(1, UUID.class));
                    }
                },
                household);
        telling.forEach(note -> database.update("delete from change_note where id = ?", note));
    }

    private void note(
            JdbcTemplate database, LocalDateTime now, Tracked of, String key, Optional<Image> was, Optional<Image> is) {
        if (was.isPresent() && is.isPresent() && was.get().saysTheSameAs(is.get(), seal)) {
            return;
        }
        boolean erased = of.kind() == Tracked.Kind.PERSON && is.isEmpty();
        database.update(
                "insert into change_note (id, household_id, noted_at, who, kind, thing_table, thing_key, before_rows, after_rows)"
                        + " values (?, ?, ?, ?, ?, ?, ?, ?, ?)",
                UUID.randomUUID(),
                household,
                now,
                who,
                of.kind().name(),
                of.table(),
                key,
                erased ? null : was.map(Image::json).orElse(null),
                is.map(Image::json).orElse(null));
    }
}
