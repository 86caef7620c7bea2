package hodeon.app.storage;

import org.flywaydb.core.api.MigrationVersion;
import org.flywaydb.core.api.migration.Context;
import org.flywaydb.core.api.migration.JavaMigration;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.datasource.SingleConnectionDataSource;
import org.springframework.stereotype.Component;

/**
 * Two kits may each have a module called “Cuts”: names are told apart within what they lie in, which the household's rooms see to. The
 * database named the old rule itself, so it is looked up before it is dropped.
 */
@Component
class ModuleNamesMigration implements JavaMigration {

    @Override
    public MigrationVersion getVersion() {
        return MigrationVersion.fromVersion("23");
    }

    @Override
    public String getDescription() {
        return "names of modules within their kit";
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
        database.queryForList(
                        "select constraint_name from information_schema.table_constraints"
                                + " where lower(table_name) = 'stock_place' and constraint_type = 'UNIQUE'",
                        String.class)
                .forEach(name -> database.execute("alter table stock_place drop constraint \"" + name + "\""));
        database.execute("create index stock_place_of_household on stock_place (household_id, name)");
    }
}
