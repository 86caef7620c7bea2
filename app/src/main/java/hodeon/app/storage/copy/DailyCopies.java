package hodeon.app.storage.copy;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.time.Clock;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import javax.sql.DataSource;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/** A copy of the database each day that Hodeon runs; of the last seven days each, and of the four weeks before them one. */
@Component
class DailyCopies {

    static final String FOLDER = "copies";
    private static final int DAYS = 7;
    private static final int WEEKS = 4;
    private static final String NAME = "hodeon-%s.zip";
    private static final Logger LOG = LoggerFactory.getLogger(DailyCopies.class);

    private final DataSource source;
    private final Path data;
    private final Path password;
    private final boolean demo;
    private final Clock clock;

    DailyCopies(
            DataSource source,
            @Value("${hodeon.data}") Path data,
            @Value("${hodeon.key-file}") Path key,
            @Value("${hodeon.demo}") boolean demo,
            Clock clock) {
        this.source = source;
        this.data = data;
        this.password = key.toAbsolutePath().resolveSibling(CopyFile.PASSWORD);
        this.demo = demo;
        this.clock = clock;
    }

    @Scheduled(initialDelay = 5, fixedDelay = 60, timeUnit = TimeUnit.MINUTES)
    void copyToday() {
        if (!demo) {
            copy(LocalDate.now(clock));
        }
    }

    void copy(LocalDate day) {
        Path file = data.resolve(FOLDER).resolve(NAME.formatted(day));
        if (Files.exists(file)) {
            return;
        }
        try (Connection open = source.getConnection()) {
            CopyFile.write(open, password, file);
            CopyFile.check(file);
            forget(day);
        } catch (SQLException | CopyFile.Unfit e) {
            LOG.warn("No copy was made today: {}", e.getMessage());
        }
    }

    private void forget(LocalDate today) {
        // By weeks of the calendar, the first copy of each: a week that moved with today would never grow old.
        Set<LocalDate> weeks = new HashSet<>();
        for (LocalDate day : days().reversed()) {
            long age = ChronoUnit.DAYS.between(day, today);
            boolean firstOfWeek = weeks.add(day.with(DayOfWeek.MONDAY));
            if (age >= DAYS && !(firstOfWeek && age < DAYS + 7L * WEEKS)) {
                try {
                    Files.delete(data.resolve(FOLDER).resolve(NAME.formatted(day)));
                } catch (IOException e) {
                    throw new UncheckedIOException(e);
                }
            }
        }
    }

    /** The latest first. */
    List<LocalDate> days() {
        try (Stream<Path> files = Files.list(data.resolve(FOLDER))) {
            return files.map(f -> String.valueOf(f.getFileName()))
                    .filter(n -> n.matches("hodeon-\\d{4}-\\d\\d-\\d\\d\\.zip"))
                    .map(n -> LocalDate.parse(n.substring(7, 17)))
                    .sorted(Comparator.reverseOrder())
                    .toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
