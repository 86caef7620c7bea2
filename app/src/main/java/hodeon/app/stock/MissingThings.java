package hodeon.app.stock;

import hodeon.app.shell.Wording;
import hodeon.app.stock.ledger.LotRepository;
import hodeon.app.stock.ledger.MovementRepository;
import hodeon.app.stock.ledger.MovementRow;
import hodeon.app.stock.ledger.Stock;
import hodeon.core.stock.Movement.Kind;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Things that were counted and not found where they belong; they stay known there until they are back or no longer belong. */
@Service
@Transactional
public class MissingThings {

    private final MovementRepository movements;
    private final LotRepository lots;
    private final LetGoRepository letGo;

    MissingThings(MovementRepository movements, LotRepository lots, LetGoRepository letGo) {
        this.movements = movements;
        this.lots = lots;
        this.letGo = letGo;
    }

    /**
     * @param since the day it was not found
     * @param who counted then and did not find it; empty if that is not known
     */
    public record Missing(String supply, UUID place, UUID lot, LocalDate since, String who, long number) {}

    /** What left a place last: what was not found there, and by supply id who took what of it: “last taken on 2026-11-02, sef”. */
    public record Left(List<Missing> missing, Map<String, String> taken) {}

    /** From a place and the modules inside it. */
    @Transactional(readOnly = true)
    public List<Missing> at(UUID household, UUID kit, Stock here) {
        return left(household, kit, here).missing();
    }

    @Transactional(readOnly = true)
    public Left left(UUID household, UUID kit, Stock here) {
        List<MovementRow> last = movements.lastAway(here.nesting().within(kit));
        Map<UUID, String> supplies = new HashMap<>();
        lots.findAllById(last.stream().map(m -> m.lotId).distinct().toList())
                .forEach(l -> supplies.put(l.id, l.supplyId));
        return new Left(missing(household, here, last, supplies), taken(last, supplies));
    }

    /** Of what lies there nothing counts as missing; of the rest, what the last movement away was a count of. */
    private List<Missing> missing(UUID household, Stock here, List<MovementRow> last, Map<UUID, String> supplies) {
        Map<LetGoRow.Key, Long> gone = letGo.findByHouseholdId(household).stream()
                .collect(Collectors.toMap(g -> new LetGoRow.Key(household, g.placeId, g.supplyId), g -> g.number));
        Map<LetGoRow.Key, Missing> missing = new LinkedHashMap<>();
        for (MovementRow row : last) {
            String supply = supplies.getOrDefault(row.lotId, "");
            UUID place = Optional.ofNullable(row.fromPlace).orElseThrow();
            LetGoRow.Key key = new LetGoRow.Key(household, place, supply);
            boolean lies =
                    here.at(place).stream().anyMatch(h -> h.lot().supply().equals(supply));
            // The latest movement of all its lots counts: what was used up is used up.
            missing.remove(key);
            if (row.kind == Kind.COUNTED && !lies && gone.getOrDefault(key, 0L) < row.number) {
                missing.put(
                        key, new Missing(supply, place, row.lotId, row.madeAt.toLocalDate(), row.madeBy, row.number));
            }
        }
        return new ArrayList<>(missing.values());
    }

    private static Map<String, String> taken(List<MovementRow> last, Map<UUID, String> supplies) {
        Map<String, String> taken = new HashMap<>();
        last.stream()
                .filter(m -> m.kind == Kind.USED || m.kind == Kind.MOVED)
                .forEach(m -> taken.put(
                        supplies.getOrDefault(m.lotId, ""),
                        m.madeBy.isEmpty()
                                ? Wording.says("missingThings.lastTaken", m.madeAt.toLocalDate())
                                : Wording.says("missingThings.lastTakenBy", m.madeAt.toLocalDate(), m.madeBy)));
        return taken;
    }

    /** It no longer belongs there. */
    public void letGo(UUID household, Missing missing) {
        letGo.save(new LetGoRow(household, missing.place(), missing.supply(), missing.number()));
    }
}
