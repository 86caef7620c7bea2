package hodeon.app.storage;

import com.zaxxer.hikari.HikariDataSource;
import hodeon.app.storage.seal.OwnFile;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.HexFormat;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.jdbc.autoconfigure.DataSourceProperties;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.security.crypto.keygen.KeyGenerators;

/**
 * The database has a password of its own, in a file beside the key; a database from before there was one is given it. The data folder is
 * guarded first: nobody but its owner opens it.
 */
@Configuration(proxyBeanMethods = false)
class OwnDatabase {

    private static final int BYTES = 24;

    @Bean
    HikariDataSource dataSource(
            DataSourceProperties properties,
            @Value("${hodeon.data}") Path data,
            @Value("${hodeon.key-file}") Path key) {
        OwnFile.guard(data);
        Path file = key.toAbsolutePath().resolveSibling("hodeon.password");
        if (!Files.exists(file)) {
            OwnFile.write(
                    file,
                    HexFormat.of().formatHex(KeyGenerators.secureRandom(BYTES).generateKey()));
        }
        properties.setPassword(read(file));
        giveIfItHasNone(properties, file);
        HikariDataSource source = properties
                .initializeDataSourceBuilder()
                .type(HikariDataSource.class)
                .build();
        source.setPoolName("hodeon");
        return source;
    }

    private static String read(Path file) {
        try {
            return Files.readString(file).strip();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** The file is there before the database asks for it: whoever is stopped in between goes on here at the next start. */
    private static void giveIfItHasNone(DataSourceProperties properties, Path file) {
        String url = properties.determineUrl();
        String name = properties.determineUsername();
        try (Connection opens = DriverManager.getConnection(url, name, properties.getPassword())) {
            opens.isValid(0);
        } catch (SQLException withIt) {
            if (withIt.getErrorCode() != DatabaseTrouble.WRONG_PASSWORD) {
                throw new IllegalStateException(withIt.getMessage(), withIt);
            }
            try (Connection connection = DriverManager.getConnection(url, name, "");
                    Statement statement = connection.createStatement()) {
                statement.execute("alter user " + name + " set password '" + properties.getPassword() + "'");
            } catch (SQLException without) {
                throw new IllegalStateException(
                        "The database asks for another password than that in " + file
                                + ". Put back the file that lay beside its key.",
                        without);
            }
        }
    }
}
