package hodeon.app.stock;

import hodeon.app.stock.StockHistory.Spent;
import hodeon.app.stock.StockHistory.Used;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.cache.annotation.Cacheable;
import org.springframework.stereotype.Component;

/**
 * Sums over thousands of a household's movements. A ledger only grows, so a sum up to a movement's number holds for good
 * and is kept until the next movement makes it one of the past.
 */
@Component
class LedgerSums {

    private final MovementRepository movements;
    private final LotRepository lots;

    LedgerSums(MovementRepository movements, LotRepository lots) {
        this.movements = movements;
        this.lots = lots;
    }

    /** @param head number of the latest movement */
    @Cacheable(cacheNames = "ledger-used", sync = true)
    public List<Used> usedSince(UUID household, long head, LocalDate since) {
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
    @Cacheable(cacheNames = "ledger-spent", sync = true)
    public List<Spent> spending(UUID household, long head) {
        return lots.spending(household);
    }
}
