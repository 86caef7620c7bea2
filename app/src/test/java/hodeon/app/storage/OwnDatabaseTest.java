package hodeon.app.storage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.zaxxer.hikari.HikariDataSource;
import hodeon.app.storage.seal.OwnFile;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.boot.jdbc.autoconfigure.DataSourceProperties;

/** What lies in the data folder is its owner's alone, and the database opens only with the password beside the key. */
class OwnDatabaseTest {

    @TempDir
    Path data;

    private String url() {
        return "jdbc:h2:file:" + data.resolve("hodeon");
    }

    private void open() throws SQLException {
        DataSourceProperties properties = new DataSourceProperties();
        properties.setUrl(url());
        properties.setUsername("hodeon");
        try (HikariDataSource source = new OwnDatabase().dataSource(properties, data, data.resolve("hodeon.key"));
                Connection connection = source.getConnection()) {
            connection.createStatement().execute("create table if not exists kept (id int)");
        }
    }

    private String permissions(String file) throws Exception {
        return PosixFilePermissions.toString(Files.getPosixFilePermissions(data.resolve(file)));
    }

    @Test
    void aNewDatabaseIsClosedToWhoeverHasNoPassword() throws Exception {
        open();
        assertThat(permissions("")).isEqualTo("rwx------");
        assertThat(permissions("hodeon.password")).isEqualTo("rw-------");
        assertThatThrownBy(
                        () -> DriverManager.getConnection(url(), "hodeon", "").close())
                .isInstanceOf(SQLException.class);
        open();
    }

    @Test
    void oneFromBeforeKeepsItsRowsAndIsGivenAPasswordAlsoWhenItWasStoppedInBetween() throws Exception {
        try (Connection old = DriverManager.getConnection(url(), "hodeon", "")) {
            old.createStatement().execute("create table kept (id int)");
            old.createStatement().execute("insert into kept values (7)");
        }
        Files.setPosixFilePermissions(data.resolve("hodeon.mv.db"), PosixFilePermissions.fromString("rw-r--r--"));
        OwnFile.write(data.resolve("hodeon.password"), "written before it was given");
        open();
        assertThat(permissions("hodeon.mv.db")).isEqualTo("rw-------");
        try (Connection now = DriverManager.getConnection(url(), "hodeon", "written before it was given")) {
            assertThat(now.createStatement().executeQuery("select id from kept").next())
                    .isTrue();
        }
    }

    @Test
    void aLostPasswordIsNamedWithItsRemedy() throws Exception {
        open();
        Files.delete(data.resolve("hodeon.password"));
        assertThatThrownBy(this::open).hasMessageContaining("Put back the file that lay beside its key");
    }
}
