package hodeon.app.check;

import hodeon.app.stock.MissingThings;
import hodeon.app.stock.ledger.Stock;
import hodeon.core.catalogue.Supply;
import hodeon.core.stock.Held;
import hodeon.core.stock.Rhythm;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** What a round asks for: what lies there, what was found gone, and what the list says belongs there and was never seen. */
@Component
class RoundLines {

    private final MissingThings missing;
    private final List<Belonging> belonging;

    RoundLines(MissingThings missing, List<Belonging> belonging) {
        this.missing = missing;
        this.belonging = belonging;
    }

    /** Place by place in the order in which it is opened: the outermost compartment first, in catalogue order within each. */
    List<RoundRow.Line> of(UUID household, UUID kit, Stock there, Rhythm rhythm) {
        List<RoundRow.Line> lines = new ArrayList<>();
        List<UUID> places = new ArrayList<>(there.places().keySet());
        List<String> supplies = new ArrayList<>(there.supplies().keySet());
        Set<String> along = rhythm == Rhythm.MONTHLY_CHARGE ? alongDevices(there) : Set.of();
        there.held().stream()
                .filter(h -> covers(rhythm, there, h) || along.contains(h.lot().supply()))
                .sorted(Comparator.comparingInt((Held h) -> places.indexOf(h.place()))
                        .thenComparingInt(h -> there.opening(h.place(), h.lot().supply()))
                        .thenComparing(h -> there.pocket(h.place(), h.lot().supply()))
                        .thenComparingInt(h -> supplies.indexOf(h.lot().supply()))
                        .thenComparing(Held.FIRST_EXPIRED))
                .forEach(h -> {
                    RoundRow.Line line = new RoundRow.Line();
                    line.lotId = h.lot().id();
                    line.placeId = h.place();
                    line.seen = h.pieces();
                    lines.add(line);
                });
        missing.at(household, kit, there).stream()
                .filter(m -> covers(rhythm, there.supplies().get(m.supply())))
                .forEach(m -> {
                    RoundRow.Line line = new RoundRow.Line();
                    line.lotId = m.lot();
                    line.placeId = m.place();
                    line.seen = 0;
                    lines.add(line);
                });
        Set<String> asked = new HashSet<>(missing.at(household, kit, there).stream()
                .map(MissingThings.Missing::supply)
                .toList());
        there.inKit(kit).forEach(h -> asked.add(h.lot().supply()));
        belonging.stream()
                .flatMap(b -> b.in(household, kit, there).stream())
                .filter(l -> covers(rhythm, there.supplies().get(l.supply())) && asked.add(l.supply()))
                .forEach(l -> {
                    RoundRow.Line line = new RoundRow.Line();
                    line.placeId = l.place();
                    line.supplyId = l.supply();
                    lines.add(line);
                });
        return lines;
    }

    /** What is looked at with devices: what they use up, such as strips, covers and cells of their type. */
    private static Set<String> alongDevices(Stock there) {
        return there.held().stream()
                .flatMap(h -> Optional.ofNullable(there.supplies().get(h.lot().supply())).stream())
                .flatMap(s -> s.keeping().usesUp().stream())
                .collect(Collectors.toSet());
    }

    /** Lots of what is sharp or controlled. */
    static Set<UUID> countedOneByOne(Stock there) {
        return there.held().stream()
                .filter(h -> Optional.ofNullable(there.supplies().get(h.lot().supply()))
                        .filter(s -> s.keeping().counted())
                        .isPresent())
                .map(h -> h.lot().id())
                .collect(Collectors.toSet());
    }

    /** Whether something in a kit makes a rhythm come round for it. */
    static boolean asksFor(Rhythm rhythm, Stock all, Held held) {
        Supply supply = all.supplies().get(held.lot().supply());
        return supply == null || rhythm.covers(supply);
    }

    private static boolean covers(Rhythm rhythm, Stock all, Held held) {
        return covers(rhythm, all.supplies().get(held.lot().supply()));
    }

    /** What is sharp or controlled is counted at every round. */
    private static boolean covers(Rhythm rhythm, @Nullable Supply supply) {
        return supply == null || rhythm.covers(supply) || supply.keeping().counted();
    }
}
