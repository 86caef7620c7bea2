package hodeon.app.storage;

import java.util.UUID;
import org.flywaydb.core.api.MigrationVersion;
import org.flywaydb.core.api.migration.Context;
import org.flywaydb.core.api.migration.JavaMigration;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.datasource.SingleConnectionDataSource;
import org.springframework.stereotype.Component;

/** Counts every household's things in {@link SinglePieces}; it divides own texts, which SQL alone cannot. */
@Component
class SinglePiecesMigration implements JavaMigration {

    @Override
    public MigrationVersion getVersion() {
        return MigrationVersion.fromVersion("16");
    }

    @Override
    public String getDescription() {
        return "single pieces";
    }

    @Override
    public @Nullable Integer getChecksum() {
        return null;
    }

    @Override
    public boolean canExecuteInTransaction() {
        return true;
    }

    @Override
    public void migrate(Context context) {
        JdbcTemplate database = new JdbcTemplate(new SingleConnectionDataSource(context.getConnection(), true));
        database.queryForList("select id from household", UUID.class).forEach(h -> SinglePieces.count(database, h));
    }
}
