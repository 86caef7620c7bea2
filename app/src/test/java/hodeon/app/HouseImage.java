package hodeon.app;

import com.zaxxer.hikari.HikariDataSource;
import com.zaxxer.hikari.HikariPoolMXBean;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Optional;
import java.util.concurrent.locks.LockSupport;
import org.h2.api.ErrorCode;
import org.h2.tools.Restore;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.test.context.TestComponent;
import org.springframework.jdbc.core.JdbcTemplate;

/**
 * The database as a file, kept once and put back as often as a test needs it: a second instead of a new house. The file itself, since
 * what is sealed opens in its own row alone and would not survive being written anew.
 */
@TestComponent
class HouseImage {

    private final JdbcTemplate database;
    private final HikariDataSource pool;
    private final Path folder;
    private Optional<Path> kept = Optional.empty();

    HouseImage(JdbcTemplate database, HikariDataSource pool, @Value("${hodeon.data}") Path folder) {
        this.database = database;
        this.pool = pool;
        this.folder = folder;
    }

    void keep() {
        if (kept.isEmpty()) {
            try {
                Path file = Files.createTempFile("hodeon-image", ".zip");
                database.execute("backup to '" + file + "'");
                kept = Optional.of(file);
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }
    }

    /** Whoever asks meanwhile, also a task of the clock, waits: it would open the file that is being replaced. */
    void putBack() {
        kept.ifPresent(file -> {
            HikariPoolMXBean connections = pool.getHikariPoolMXBean();
            connections.suspendPool();
            try {
                while (connections.getActiveConnections() > 0) {
                    LockSupport.parkNanos(1_000_000);
                }
                shutDown();
                Restore.execute(file.toString(), folder.toString(), "hodeon");
                connections.softEvictConnections();
            } finally {
                connections.resumePool();
            }
        });
    }

    private void shutDown() {
        try (Connection beside =
                        DriverManager.getConnection(pool.getJdbcUrl(), pool.getUsername(), pool.getPassword());
                Statement statement = beside.createStatement()) {
            statement.execute("shutdown");
        } catch (SQLException closed) {
            if (closed.getErrorCode() != ErrorCode.DATABASE_IS_CLOSED) {
                throw new IllegalStateException(closed);
            }
        }
    }
}
