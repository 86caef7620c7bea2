package hodeon.app.transfer;

import hodeon.app.check.CheckService;
import hodeon.app.kit.KitService;
import hodeon.app.stock.StockHistory;
import hodeon.app.stock.StockService;
import hodeon.app.storage.Backup;
import hodeon.app.trip.StoredTrip;
import hodeon.app.trip.TripService;
import hodeon.app.usage.Knowledge;
import hodeon.app.usage.UseLog;
import hodeon.core.notice.Faults;
import java.time.DateTimeException;
import java.util.UUID;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/** Restores a backup whole or not at all: it must not only be written, every room must be able to read it again. */
@Service
class Restore {

    private static final int EVERYTHING = 1_000;

    private final Backup backup;
    private final TripService trips;
    private final KitService kits;
    private final StockService stock;
    private final StockHistory history;
    private final CheckService checks;
    private final UseLog log;
    private final Knowledge knowledge;
    private final TransactionTemplate transaction;

    Restore(
            Backup backup,
            TripService trips,
            KitService kits,
            StockService stock,
            StockHistory history,
            CheckService checks,
            UseLog log,
            Knowledge knowledge,
            PlatformTransactionManager transactions) {
        this.backup = backup;
        this.trips = trips;
        this.kits = kits;
        this.stock = stock;
        this.history = history;
        this.checks = checks;
        this.log = log;
        this.knowledge = knowledge;
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
        } catch (DataAccessException
                | DateTimeException
                | IllegalArgumentException
                | IllegalStateException
                | ArithmeticException damaged) {
            faults.add(
                    "file",
                    reason(damaged),
                    "everything in a backup fits together and can be read again",
                    "It seems damaged, or it is already in this Hodeon; nothing was restored");
        }
    }

    private void readEverything(UUID household) {
        knowledge.of(household);
        kits.all(household);
        for (StoredTrip trip : trips.all(household)) {
            log.of(household, trip.id());
        }
        stock.of(household);
        history.verified(household);
        checks.latest(household, EVERYTHING);
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
