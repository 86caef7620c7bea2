package hodeon.app.history;

import hodeon.app.history.Rows.Image;
import hodeon.app.household.Member;
import hodeon.app.shell.NotHere;
import hodeon.app.shell.Wording;
import hodeon.app.storage.seal.Seal;
import hodeon.core.notice.Faults;
import java.time.Clock;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.DataAccessException;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.interceptor.TransactionAspectSupport;

/** What was changed in a household, the latest first, and the way back to how it was. Kept for {@link #KEPT_DAYS} days. */
@Service
@Transactional
public class Changes {

    static final int KEPT_DAYS = 400;
    static final int MOST = 200;

    private final JdbcTemplate database;
    private final Seal seal;
    private final Clock clock;

    Changes(JdbcTemplate database, Seal seal, Clock clock) {
        this.database = database;
        this.seal = seal;
        this.clock = clock;
    }

    /**
     * One change.
     *
     * @param what is different, a line for each
     * @param undo whether it can be undone: it is the last of its thing, and there is something to go back to
     */
    record Change(
            UUID id,
            LocalDateTime at,
            String who,
            String kind,
            String name,
            String verb,
            List<String> what,
            boolean undo) {}

    private record Noted(
            UUID id, LocalDateTime at, String who, Tracked of, String key, Optional<Image> was, Optional<Image> is) {

        /** Back to what was: a thing that was made or is gone only where there is no bin for it. */
        boolean hasWayBack() {
            return was.isPresent() && is.isPresent()
                    ? was.get().deleted() == is.get().deleted()
                    : of.settles() && (was.isPresent() || is.isPresent());
        }
    }

    /** @param thing only of it; empty for all */
    List<Change> latest(UUID household, String thing) {
        database.update(
                "delete from change_note where household_id = ? and noted_at < ?",
                household,
                LocalDateTime.now(clock).minusDays(KEPT_DAYS));
        Told told = new Told(seal);
        Set<String> seen = new HashSet<>();
        return noted(
                        "household_id = ?" + (thing.isEmpty() ? "" : " and thing_key = ?"),
                        thing.isEmpty() ? new Object[] {household} : new Object[] {household, thing})
                .stream()
                .map(n -> new Change(
                        n.id(),
                        n.at(),
                        n.who(),
                        n.of().kind().word(),
                        told.name(n.of(), n.was(), n.is()),
                        told.verb(n.was(), n.is()),
                        told.differences(n.was(), n.is()),
                        seen.add(n.of().table() + n.key()) && n.hasWayBack()))
                .toList();
    }

    private List<Noted> noted(String where, Object... arguments) {
        return database.query(
                "select id, noted_at, who, thing_table, thing_key, before_rows, after_rows from change_note where "
                        + where + " order by noted_at desc, number desc fetch first " + MOST + " rows only",
                (row, n) -> new Noted(
                        row.getObject(1, UUID.class),
                        row.getObject(2, LocalDateTime.class),
                        row.getString(3),
                        Tracked.of(row.getString(4)).orElseThrow(),
                        row.getString(5),
                        Image.of(row.getString(4), row.getString(6)),
                        Image.of(row.getString(4), row.getString(7))),
                arguments);
    }

    /** Whatever the deed does to rows of a table without Hibernate seeing it is noted too. */
    public <T> T noting(Member by, String table, Supplier<T> deed) {
        Optional<Tracked> of = Tracked.of(table);
        Noting noting = new Noting(by.householdId(), by.getUsername(), seal);
        of.ifPresent(t -> noting.before(database, t, null));
        T done = deed.get();
        noting.after(database, LocalDateTime.now(clock).truncatedTo(ChronoUnit.SECONDS));
        return done;
    }

    /** Writes the thing as it was before, where nothing has changed it since; what is against it stands in {@code faults}. */
    String undo(Member by, UUID id, Faults faults) {
        Noted noted = noted("household_id = ? and id = ?", by.householdId(), id).stream()
                .findFirst()
                .orElseThrow(() -> new NotHere("change"));
        String name = new Told(seal).name(noted.of(), noted.was(), noted.is());
        Optional<Image> now = Optional.ofNullable(
                Rows.read(database, noted.of(), by.householdId(), noted.of().alone() ? noted.key() : null)
                        .get(noted.key()));
        if (!noted.hasWayBack() || !same(now, noted.is())) {
            faults.add(
                    "change",
                    name,
                    Wording.says("changes.onlyTheLastChangeOfAThing"),
                    Wording.says("changes.undoWhatCameAfterItFirst"));
            return name;
        }
        try {
            noting(by, noted.of().table(), () -> back(by.householdId(), noted));
        } catch (DataAccessException gone) {
            TransactionAspectSupport.currentTransactionStatus().setRollbackOnly();
            faults.add(
                    "change",
                    name,
                    Wording.says("changes.whatItNamedBeforeIsStillThere"),
                    Wording.says("changes.changeItByHandWithoutWhatIs"));
        }
        return name;
    }

    private boolean same(Optional<Image> now, Optional<Image> noted) {
        return now.isPresent() == noted.isPresent()
                && now.map(n -> n.saysTheSameAs(noted.orElseThrow(), seal)).orElse(true);
    }

    private @Nullable Void back(UUID household, Noted noted) {
        if (noted.was().isPresent() && noted.is().isPresent()) {
            Rows.write(
                    database,
                    noted.of(),
                    household,
                    noted.was().get(),
                    noted.is().get());
        } else if (noted.was().isPresent()) {
            Rows.insert(database, noted.of().table(), noted.was().get().row());
        } else {
            Rows.delete(database, noted.of(), household, noted.is().orElseThrow());
        }
        return null;
    }
}
