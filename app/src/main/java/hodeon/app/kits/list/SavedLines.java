package hodeon.app.kits.list;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import hodeon.core.readiness.KitList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * Lines of lists. Hundreds of lists have tens of thousands of lines between them, and each stays as it is as long as its list has the
 * same version; so they are read again only for a version that was not seen yet, and within a change always.
 */
@Component
class SavedLines {

    private static final int KEPT = 3000;

    private record Key(UUID list, long version) {}

    private final Cache<Key, List<KitList.Line>> kept =
            Caffeine.newBuilder().maximumSize(KEPT).build();

    List<KitList.Line> of(ListRow row) {
        return known(row).orElseGet(() -> read(row));
    }

    /** @param fill reads the lines of all of them in one question, for when some are not known */
    Map<UUID, List<KitList.Line>> of(List<ListRow> rows, Runnable fill) {
        if (rows.stream().anyMatch(r -> known(r).isEmpty())) {
            fill.run();
        }
        return rows.stream().collect(Collectors.toMap(r -> r.id, this::of));
    }

    private Optional<List<KitList.Line>> known(ListRow row) {
        return writing() ? Optional.empty() : Optional.ofNullable(kept.getIfPresent(key(row)));
    }

    private List<KitList.Line> read(ListRow row) {
        List<KitList.Line> lines = row.lines.stream().map(ListRow.Line::line).toList();
        if (!writing()) {
            kept.put(key(row), lines);
        }
        return lines;
    }

    private static Key key(ListRow row) {
        return new Key(row.id, Objects.requireNonNullElse(row.version, 0L));
    }

    /** What is being written may still be given up, and has the version of what it was. */
    private static boolean writing() {
        return !TransactionSynchronizationManager.isCurrentTransactionReadOnly();
    }
}
