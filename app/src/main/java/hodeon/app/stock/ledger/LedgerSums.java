package hodeon.app.stock.ledger;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import hodeon.app.stock.ledger.StockHistory.Spent;
import hodeon.app.stock.ledger.StockHistory.Used;
import hodeon.core.stock.Lot;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * Sums over thousands of a household's movements. A ledger only grows, so a sum up to a movement's number holds for good
 * and is kept until the next movement makes it one of the past.
 */
@Component
public class LedgerSums {

    private final Sums<List<Used>> used = new Sums<>();
    private final Sums<List<Spent>> spent = new Sums<>();
    private final Sums<List<Lies>> lying = new Sums<>();
    private final MovementRepository movements;
    private final LotRepository lots;
    private final BalanceRepository balances;

    LedgerSums(MovementRepository movements, LotRepository lots, BalanceRepository balances) {
        this.balances = balances;
        this.movements = movements;
        this.lots = lots;
    }

    /** @param head number of the latest movement */
    public List<Used> usedSince(UUID household, long head, LocalDate since) {
        return used.get(new Key(household, head, since), () -> usedSince(household, since));
    }

    private List<Used> usedSince(UUID household, LocalDate since) {
        Map<UUID, String> supplies = new HashMap<>();
        lots.suppliesOf(household).forEach(l -> supplies.put(l.lot(), l.supply()));
        Map<Used, Long> sums = new HashMap<>();
        movements
                .usedSince(household, since.atStartOfDay())
                .forEach(l -> sums.merge(used(l, supplies), l.pieces(), Long::sum));
        movements
                .undoneSince(household, since.atStartOfDay())
                .forEach(l -> sums.merge(used(l, supplies), -l.pieces(), Long::sum));
        return sums.entrySet().stream()
                .filter(e -> e.getValue() > 0)
                .map(e -> new Used(e.getKey().supply(), e.getKey().place(), e.getValue()))
                .toList();
    }

    private static Used used(MovementRepository.Left left, Map<UUID, String> supplies) {
        return new Used(supplies.getOrDefault(left.lot(), ""), left.place(), 0);
    }

    /** @param head number of the latest movement */
    public List<Spent> spending(UUID household, long head) {
        return spent.get(new Key(household, head, LocalDate.EPOCH), () -> lots.spending(household));
    }

    /** What lies where. @param head number of the latest movement */
    public List<Lies> lying(UUID household, long head) {
        return lying.get(new Key(household, head, LocalDate.EPOCH), () -> balances.ofHousehold(household).stream()
                .map(l -> new Lies(l.lot(), l.lot().lot(), l.placeId(), l.pieces()))
                .toList());
    }

    /** A lot with so many pieces of it at a place. Lots never change: what is opened or decanted becomes one of its own. */
    public record Lies(LotRow row, Lot lot, UUID place, int pieces) {}

    /** @param since a day, where the sum begins at one */
    private record Key(UUID household, long head, LocalDate since) {}

    /**
     * Answers that are kept only where nothing is being written: inside a change that may still be given up, or that others do not see
     * yet, each is worked out anew.
     */
    private static final class Sums<T extends Object> {

        private static final int KEPT = 60;

        private final Cache<Key, T> kept =
                Caffeine.newBuilder().maximumSize(KEPT).build();

        T get(Key key, Supplier<T> sum) {
            boolean writing = TransactionSynchronizationManager.isActualTransactionActive()
                    && !TransactionSynchronizationManager.isCurrentTransactionReadOnly();
            T there = writing ? null : kept.getIfPresent(key);
            if (there != null) {
                return there;
            }
            T fresh = sum.get();
            if (!writing) {
                kept.put(key, fresh);
            }
            return fresh;
        }
    }
}
