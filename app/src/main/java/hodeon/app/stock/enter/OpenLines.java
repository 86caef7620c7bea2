package hodeon.app.stock.enter;

import java.time.Clock;
import java.time.LocalDateTime;
import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Pasted lines that nobody could place yet. None goes without being placed or dropped on purpose. */
@Service
@Transactional
public class OpenLines {

    static final int LONGEST = 400;

    private final OpenLineRepository rows;
    private final Clock clock;

    OpenLines(OpenLineRepository rows, Clock clock) {
        this.rows = rows;
        this.clock = clock;
    }

    /** Keeps lines that are not kept already. */
    public void keep(UUID household, Collection<String> lines) {
        for (String line : lines.stream().map(OpenLines::shortened).distinct().toList()) {
            if (!line.isEmpty() && !rows.existsByHouseholdIdAndText(household, line)) {
                OpenLineRow row = new OpenLineRow();
                row.householdId = household;
                row.text = line;
                row.keptAt = LocalDateTime.now(clock);
                rows.save(row);
            }
        }
    }

    /** These are placed, or dropped on purpose. */
    public void settle(UUID household, Collection<String> lines) {
        rows.deleteByHouseholdIdAndTextIn(
                household, lines.stream().map(OpenLines::shortened).toList());
    }

    /** The oldest first. */
    @Transactional(readOnly = true)
    public List<String> of(UUID household, int most) {
        return rows.findByHouseholdIdOrderByKeptAtAscTextAsc(household, Limit.of(most)).stream()
                .map(r -> r.text)
                .toList();
    }

    @Transactional(readOnly = true)
    public long count(UUID household) {
        return rows.countByHouseholdId(household);
    }

    private static String shortened(String line) {
        String text = line.strip();
        return text.length() <= LONGEST ? text : text.substring(0, LONGEST);
    }
}
