package hodeon.app.storage;

import java.util.List;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/**
 * Leaves a word sealed with the first key, by which the right one is known for ever, and seals what was written before its column was
 * sealed.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class SealProof implements SmartInitializingSingleton {

    private static final String WORD = "Hodeon";

    private final JdbcTemplate database;
    private final Seal seal;

    SealProof(JdbcTemplate database, Seal seal) {
        this.database = database;
        this.seal = seal;
    }

    @Override
    @Transactional
    public void afterSingletonsInstantiated() {
        List<String> proof = database.query("select sealed from seal_proof where id = 1", (row, n) -> row.getString(1));
        if (proof.isEmpty() && seal.locked().isEmpty()) {
            database.update("insert into seal_proof (id, sealed) values (1, ?)", seal.close(WORD));
        }
        if (seal.locked().isEmpty()) {
            sealWhatIsPlain();
        }
    }

    private void sealWhatIsPlain() {
        BackupTables.SEALED.forEach((table, columns) -> columns.forEach(column -> database.query(
                        "select _rowid_, " + column + " from " + table + " where " + column + " not like '" + Seal.MARK
                                + "%' and " + column + " <> ''",
                        (row, n) -> new Object[] {seal.close(row.getString(2)), row.getLong(1)})
                .forEach(change ->
                        database.update("update " + table + " set " + column + " = ? where _rowid_ = ?", change))));
    }
}
