package hodeon.app.journal;

import hodeon.app.brief.form.StoredTrip;
import hodeon.app.stock.ledger.Cause;
import hodeon.app.stock.ledger.StockLedger;
import hodeon.core.stock.FirstExpired;
import hodeon.core.stock.Held;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Writes what a trip used and opened, all of it or nothing. */
@Service
@Transactional
class Debrief {

    private final StockLedger ledger;
    private final UseLog log;
    private final Clock clock;

    Debrief(StockLedger ledger, UseLog log, Clock clock) {
        this.clock = clock;
        this.ledger = ledger;
        this.log = log;
    }

    /**
     * @param held what lies in the kit; what expires first is what was used
     * @param used pieces by supply id
     * @param opened ids of supplies of which a piece is now open
     */
    void write(
            StoredTrip trip,
            List<Held> held,
            Map<String, Integer> used,
            List<String> opened,
            boolean learn,
            Cause cause) {
        LocalDate today = LocalDate.now(clock);
        used.forEach((supply, pieces) -> {
            for (FirstExpired.Taken taken : FirstExpired.take(of(held, supply), pieces)) {
                ledger.use(
                        trip.householdId(),
                        taken.held().lot().id(),
                        taken.held().place(),
                        taken.pieces(),
                        cause);
            }
        });
        for (String supply : opened) {
            // The first piece that is left after what was used.
            List<Held> sealed = of(held, supply).stream()
                    .filter(h -> h.lot().opened().isEmpty())
                    .toList();
            int gone = used.getOrDefault(supply, 0);
            for (FirstExpired.Taken taken : FirstExpired.take(sealed, Integer.MAX_VALUE)) {
                if (taken.pieces() > gone) {
                    ledger.open(
                            trip.householdId(),
                            taken.held().lot().id(),
                            taken.held().place(),
                            1,
                            trip.trip().end().isBefore(today) ? trip.trip().end() : today,
                            cause);
                    break;
                }
                gone -= taken.pieces();
            }
        }
        if (learn) {
            log.learn(trip.householdId(), trip.id(), true);
        }
    }

    private static List<Held> of(List<Held> held, String supply) {
        return held.stream().filter(h -> h.lot().supply().equals(supply)).toList();
    }
}
