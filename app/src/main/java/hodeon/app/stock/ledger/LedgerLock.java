package hodeon.app.stock.ledger;

import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.locks.ReentrantLock;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * Whose turn it is to write to a household's ledger: one transaction after another, first come, first served. What was
 * read before the turn came is stale by then; {@link StockLedger} reads it anew; see docs/decisions.
 */
@Component
class LedgerLock {

    private final Map<UUID, ReentrantLock> turns = new ConcurrentHashMap<>();

    /** Waits for the turn and keeps it until the transaction has ended; a transaction that has it goes straight on. */
    void take(UUID household) {
        ReentrantLock turn = turns.computeIfAbsent(household, h -> new ReentrantLock(true));
        if (turn.isHeldByCurrentThread()) {
            return;
        }
        turn.lock();
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCompletion(int status) {
                turn.unlock();
            }
        });
    }
}
