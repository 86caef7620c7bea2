package hodeon.app;

import hodeon.app.stock.StockService;
import hodeon.app.stock.ledger.Arrival;
import hodeon.app.stock.ledger.Cause;
import hodeon.app.stock.ledger.StockLedger;
import hodeon.core.stock.PrintedExpiry;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.beans.factory.annotation.Autowired;

/** Pages over a stock of their own. */
public abstract class StockTest extends WebTest {

    @Autowired
    protected StockService stock;

    @Autowired
    protected StockLedger ledger;

    /** Puts pieces of mine into a place; an empty date for none. Answers the lot. */
    protected UUID put(UUID place, String supply, int pieces, String until) {
        return ledger.receive(
                        mine.householdId(),
                        List.of(Arrival.of(
                                place,
                                supply,
                                pieces,
                                until.isEmpty() ? Optional.empty() : Optional.of(PrintedExpiry.parse(until)),
                                LocalDate.of(2026, 1, 1))),
                        Cause.of("sef", ""))
                .getFirst();
    }
}
