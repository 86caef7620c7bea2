package hodeon.app.transfer;

import hodeon.app.brief.TripService;
import hodeon.app.brief.form.StoredTrip;
import hodeon.app.check.CheckService;
import hodeon.app.evidence.HouseholdEvidence;
import hodeon.app.journal.UseLog;
import hodeon.app.kits.list.ListService;
import hodeon.app.stock.StockService;
import hodeon.app.stock.ledger.StockHistory;
import hodeon.app.storage.Backup;
import hodeon.app.storage.RestoredRoom;
import hodeon.core.notice.Faults;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/** Restores a backup whole or not at all: it must not only be written, every room must be able to read it again. */
@Service
class Restore {

    private static final Logger LOG = LoggerFactory.getLogger(Restore.class);
    private static final int EVERYTHING = 1_000;
    private static final Pattern ID = Pattern.compile("[0-9a-f]{8}(?:-[0-9a-f]{4}){3}-[0-9a-f]{12}");

    private final Backup backup;
    private final TripService trips;
    private final ListService lists;
    private final StockService stock;
    private final StockHistory history;
    private final CheckService checks;
    private final UseLog log;
    private final HouseholdEvidence knowledge;
    private final List<RestoredRoom> rooms;
    private final TransactionTemplate transaction;

    Restore(
            Backup backup,
            TripService trips,
            ListService lists,
            StockService stock,
            StockHistory history,
            CheckService checks,
            UseLog log,
            HouseholdEvidence knowledge,
            List<RestoredRoom> rooms,
            PlatformTransactionManager transactions) {
        this.backup = backup;
        this.trips = trips;
        this.lists = lists;
        this.stock = stock;
        this.history = history;
        this.checks = checks;
        this.log = log;
        this.knowledge = knowledge;
        this.rooms = rooms;
        this.transaction = new TransactionTemplate(transactions);
    }

    void restore(UUID household, byte[] file, Faults faults) {
        try {
            transaction.executeWithoutResult(status -> {
                backup.restore(household, file, faults);
                if (faults.none()) {
                    readEverything(household);
                } else {
                    status.setRollbackOnly();
                }
            });
        } catch (RuntimeException damaged) {
            // Whatever a room cannot read again is a fault of the file, of which nothing is kept.
            LOG.info("A backup was refused: {}", reason(damaged));
            faults.add(
                    "file",
                    file.length + " bytes",
                    line(reason(damaged), new String(file, StandardCharsets.UTF_8)) + reason(damaged)
                            + "; everything in a backup fits together and can be read again",
                    "It seems damaged, or it is already in this Hodeon; nothing was restored");
        }
    }

    private void readEverything(UUID household) {
        knowledge.of(household);
        lists.all(household);
        for (StoredTrip trip : trips.everything(household)) {
            log.of(household, trip.id());
        }
        stock.of(household);
        history.verified(household);
        checks.latest(household, EVERYTHING);
        rooms.forEach(room -> room.readAll(household));
    }

    /** Where in the file the row stands that the reason names by its id. */
    private static String line(String reason, String file) {
        Matcher id = ID.matcher(reason);
        if (!id.find() || !file.contains(id.group())) {
            return "";
        }
        return "line " + file.substring(0, file.indexOf(id.group()) + 1).lines().count() + ": ";
    }

    /** The innermost words, without what a database says around them. */
    private static String reason(RuntimeException damaged) {
        Throwable cause = damaged;
        while (cause.getCause() != null) {
            cause = cause.getCause();
        }
        return String.valueOf(cause.getMessage()).lines().findFirst().orElse("").replaceAll("; SQL statement.*", "");
    }
}
