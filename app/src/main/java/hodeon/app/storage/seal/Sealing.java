package hodeon.app.storage.seal;

import jakarta.annotation.PostConstruct;
import jakarta.annotation.PreDestroy;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import javax.sql.DataSource;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.datasource.DataSourceTransactionManager;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * From here on the database seals what is about people. A word sealed with the first key is left, by which the right one is known for
 * ever; what was written before its column was sealed, or sealed for no place, is sealed anew, once for each column: whatever else is
 * found unsealed later was not written by Hodeon, and is not read.
 */
@Component
class Sealing {

    private static final String WORD = "Hodeon";

    private final JdbcTemplate database;
    private final TransactionTemplate together;
    private final Seal seal;
    private final String path;

    Sealing(JdbcTemplate database, DataSource source, Seal seal) {
        this.database = database;
        this.together = new TransactionTemplate(new DataSourceTransactionManager(source));
        this.seal = seal;
        this.path = String.valueOf(database.queryForObject("call database_path()", String.class));
    }

    /** Before any entity is read or written: see {@link SealedText}. */
    @PostConstruct
    void start() {
        SealingTrigger.use(path, seal);
        // Made anew each time: a trigger names its class, and a class may move.
        for (String table : SealedColumns.ALL.keySet()) {
            database.execute("drop trigger if exists sealed_" + table);
            database.execute("create trigger sealed_" + table + " before insert, update on " + table
                    + " for each row call '" + SealingTrigger.class.getName() + "'");
        }
        begin();
    }

    Seal seal() {
        return seal;
    }

    /** Nothing while the key is missing; looked at again when it is back. */
    void begin() {
        if (seal.locked().isEmpty()) {
            together.executeWithoutResult(open -> {
                leaveWord();
                bind();
            });
        }
    }

    private void leaveWord() {
        if (database.queryForList("select 1 from seal_proof where id = 1").isEmpty()) {
            database.update("insert into seal_proof (id, sealed) values (1, ?)", seal.close(Seal.PROOF, WORD));
        }
    }

    private void bind() {
        String place = "seal_proof.bound:1";
        String known =
                String.valueOf(database.queryForObject("select bound from seal_proof where id = 1", String.class));
        Set<String> bound = new TreeSet<>(
                known.isEmpty() ? Set.of() : Set.of(seal.strictly(place, known).split(" ")));
        SealedColumns.ALL.forEach((table, people) -> people.columns().stream()
                .filter(column -> bound.add(table + "." + column))
                .forEach(column -> bind(table, column, people.key())));
        String now = String.join(" ", bound);
        if (known.isEmpty() || !seal.strictly(place, known).equals(now)) {
            database.update("update seal_proof set bound = ? where id = 1", seal.close(place, now));
        }
    }

    /** What is damaged stays as it is, and is named where it is read. The trigger leaves alone what is sealed for its place. */
    private void bind(String table, String column, List<String> key) {
        database.query(
                        "select _rowid_, " + column + ", " + String.join(", ", key) + " from " + table + " where "
                                + column + " <> ''",
                        (row, n) -> {
                            Map<String, Object> named = new HashMap<>();
                            for (String part : key) {
                                named.put(part, row.getString(part));
                            }
                            return new Found(
                                    row.getLong(1), row.getString(2), SealedColumns.place(table, column, named));
                        })
                .forEach(found -> seal.unbound(found.text())
                        .ifPresent(plain -> database.update(
                                "update " + table + " set " + column + " = ? where _rowid_ = ?",
                                seal.close(found.place(), plain),
                                found.row())));
    }

    private record Found(long row, String text, String place) {}

    @PreDestroy
    void leave() {
        SealingTrigger.leave(path);
    }
}
