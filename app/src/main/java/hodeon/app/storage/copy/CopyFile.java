package hodeon.app.storage.copy;

import java.io.IOException;
import java.net.URI;
import java.nio.file.FileSystem;
import java.nio.file.FileSystems;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.ProviderNotFoundException;
import java.nio.file.StandardCopyOption;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.stream.Stream;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;

/**
 * A copy of the whole database in one ZIP file: the database as it was at one moment, and the password that opens it. The key to what is
 * sealed is not in it, so that whoever finds the copy reads nothing about people; it is kept elsewhere.
 */
public final class CopyFile {

    static final String DATABASE = "hodeon.mv.db";
    static final String PASSWORD = "hodeon.password";
    private static final String USER = "hodeon";
    private static final DateTimeFormatter STAMP = DateTimeFormatter.ofPattern("yyyyMMdd-HHmmss");

    private CopyFile() {}

    /** What is wrong, and what to do about it. */
    public static final class Unfit extends RuntimeException {

        private static final long serialVersionUID = 1;

        Unfit(String message) {
            super(message);
        }

        Unfit(String message, Throwable cause) {
            super(message, cause);
        }
    }

    /** What a copy holds, counted. */
    public record Held(int schema, Map<String, Long> rows) {

        /** Such as “schema 46: 1 household, 4 outings, 120 movements”. */
        public String says() {
            StringBuilder says = new StringBuilder("schema " + schema);
            rows.forEach((what, count) -> says.append(says.indexOf(":") < 0 ? ": " : ", ")
                    .append(count)
                    .append(' ')
                    .append(what));
            return says.toString();
        }
    }

    /** Copies a database that is open to the caller; consistent while others write. */
    static void write(Connection open, Path password, Path file) {
        try (Statement statement = open.createStatement()) {
            Files.createDirectories(file.toAbsolutePath().getParent());
            Path beside = file.resolveSibling(file.getFileName() + ".new");
            Files.deleteIfExists(beside);
            statement.execute("backup to '" + beside.toAbsolutePath().toString().replace("'", "''") + "'");
            try (FileSystem zip = FileSystems.newFileSystem(URI.create("jar:" + beside.toUri()), Map.of())) {
                if (Files.exists(password)) {
                    Files.copy(password, zip.getPath(PASSWORD), StandardCopyOption.REPLACE_EXISTING);
                }
            }
            Files.move(beside, file, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
        } catch (IOException | SQLException e) {
            throw new Unfit("The copy " + file + " could not be written: " + e.getMessage(), e);
        }
    }

    /** Copies the database of a Hodeon that does not run, and checks the copy. */
    public static Held make(Path data, Path file) {
        if (!Files.exists(data.resolve(DATABASE))) {
            throw new Unfit("There is no database in " + data + ". Name its folder with --data.");
        }
        try (Connection open = connect(data)) {
            write(open, data.resolve(PASSWORD), file);
        } catch (SQLException e) {
            throw new Unfit(
                    "The database in " + data
                            + " does not open: Hodeon is running on it, or its password file is missing. Stop it first; the"
                            + " copies it makes by itself lie in " + data.resolve(DailyCopies.FOLDER) + ".",
                    e);
        }
        return check(file);
    }

    private static Connection connect(Path folder) throws SQLException {
        Path password = folder.resolve(PASSWORD);
        try {
            return DriverManager.getConnection(
                    "jdbc:h2:file:" + folder.toAbsolutePath().resolve("hodeon") + ";IFEXISTS=TRUE",
                    USER,
                    Files.exists(password) ? Files.readString(password).strip() : "");
        } catch (IOException e) {
            throw new SQLException(e);
        }
    }

    /** Opens a copy apart from everything and counts what is in it; throws {@link Unfit} for one that would not serve. */
    public static Held check(Path file) {
        try {
            Path apart = Files.createTempDirectory("hodeon-check");
            try {
                unpack(file, apart);
                try (Connection open = connect(apart)) {
                    return held(open);
                }
            } finally {
                remove(apart);
            }
        } catch (IOException | SQLException e) {
            throw new Unfit(
                    "The copy " + file + " does not open: it is damaged, or no copy of Hodeon. Take another.", e);
        }
    }

    private static Held held(Connection open) throws SQLException {
        Map<String, Long> rows = new LinkedHashMap<>();
        Map<String, String> asked = new LinkedHashMap<>();
        asked.put("households", "household");
        asked.put("accounts", "account");
        asked.put("outings", "trip");
        asked.put("movements", "stock_movement");
        asked.put("people", "person");
        for (Map.Entry<String, String> ask : asked.entrySet()) {
            rows.put(ask.getKey(), one(open, "select count(*) from " + ask.getValue()));
        }
        int schema = (int) one(open, "select max(cast(\"version\" as int)) from \"flyway_schema_history\"");
        if (schema > newest()) {
            throw new Unfit("The copy is of a newer Hodeon (schema " + schema + "; this one knows " + newest()
                    + "). Restore it with the Hodeon that wrote it, or a newer one.");
        }
        return new Held(schema, rows);
    }

    private static long one(Connection open, String query) throws SQLException {
        try (Statement statement = open.createStatement();
                ResultSet row = statement.executeQuery(query)) {
            row.next();
            return row.getLong(1);
        }
    }

    /** Number of the newest schema that this build knows. */
    static int newest() {
        try {
            return Stream.of(new PathMatchingResourcePatternResolver().getResources("classpath:db/migration/V*__*.sql"))
                    .map(r -> String.valueOf(r.getFilename()))
                    .mapToInt(n -> Integer.parseInt(n.substring(1, n.indexOf("__"))))
                    .max()
                    .orElse(0);
        } catch (IOException e) {
            throw new Unfit("The migrations of this build cannot be read.", e);
        }
    }

    /** Puts a copy in place of the data; what was there is moved aside and answered, empty for nothing. */
    public static String restore(Path file, Path data) {
        check(file);
        try {
            Files.createDirectories(data);
            Path aside = data.resolve("before-restore-" + STAMP.format(LocalDateTime.now()));
            boolean had = Files.exists(data.resolve(DATABASE));
            if (had) {
                try (Connection alone = connect(data)) {
                    alone.isValid(0);
                }
                Files.createDirectories(aside);
                for (String name : new String[] {DATABASE, PASSWORD}) {
                    if (Files.exists(data.resolve(name))) {
                        Files.move(data.resolve(name), aside.resolve(name));
                    }
                }
            }
            unpack(file, data);
            return had ? aside.toString() : "";
        } catch (SQLException running) {
            throw new Unfit("The database in " + data + " is in use. Stop Hodeon first; nothing was changed.", running);
        } catch (IOException e) {
            throw new Unfit("The copy could not be put into " + data + ": " + e.getMessage(), e);
        }
    }

    private static void unpack(Path file, Path folder) throws IOException {
        try (FileSystem zip = FileSystems.newFileSystem(file.toAbsolutePath(), Map.of())) {
            Files.copy(zip.getPath(DATABASE), folder.resolve(DATABASE), StandardCopyOption.REPLACE_EXISTING);
            if (Files.exists(zip.getPath(PASSWORD))) {
                Files.copy(zip.getPath(PASSWORD), folder.resolve(PASSWORD), StandardCopyOption.REPLACE_EXISTING);
            }
        } catch (ProviderNotFoundException noZip) {
            throw new IOException("no ZIP file", noZip);
        }
    }

    private static void remove(Path folder) throws IOException {
        try (Stream<Path> files = Files.walk(folder)) {
            for (Path file : files.sorted(Comparator.reverseOrder()).toList()) {
                Files.delete(file);
            }
        }
    }
}
