package hodeon.app.storage;

import java.util.List;
import java.util.UUID;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** Takes everything of a household out of the database: also what no backup holds, such as drafts, tokens and who belonged to it. */
@Service
public class Erasure {

    private final JdbcTemplate database;

    Erasure(JdbcTemplate database) {
        this.database = database;
    }

    @Transactional(propagation = Propagation.MANDATORY)
    public void erase(UUID household) {
        List<String> kept =
                BackupTables.ALL.stream().map(BackupTables.Table::name).toList();
        // What is worked out or half done hangs on what a backup holds, never the other way round.
        database
                .queryForList(
                        "select lower(table_name) from information_schema.columns"
                                + " where table_schema = 'PUBLIC' and column_name = 'HOUSEHOLD_ID' order by table_name",
                        String.class)
                .stream()
                .filter(t -> !kept.contains(t))
                .forEach(t -> database.update("delete from " + t + " where household_id = ?", household));
        BackupTables.ALL
                .reversed()
                .forEach(t -> database.update("delete from " + t.name() + " where " + t.ofHousehold(), household));
        database.update("update account set open_household_id = null where open_household_id = ?", household);
        database.update("delete from household where id = ?", household);
    }
}
