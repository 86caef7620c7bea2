package hodeon.app.taken;

import hodeon.app.aid.FirstAid;
import hodeon.app.shell.Figures;
import hodeon.app.stock.ledger.Stock;
import hodeon.app.stock.place.Place;
import hodeon.core.catalogue.Catalogue;
import hodeon.core.catalogue.Problem;
import hodeon.core.catalogue.Supply;
import hodeon.core.stock.Held;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;

/**
 * A kit as somebody sees it who stands before it: where things lie, what they are for, and nobody's data.
 *
 * @param parts the kit itself and its modules
 * @param firstMinutes what to do first
 */
record KitBefore(String name, List<Part> parts, List<FirstAid.Said> firstMinutes) {

    private static final int MOST_REASONS = 4;
    private static final int MOST_AT_ONCE = 6;

    /** @param name of the module; empty for what lies loose */
    record Part(String name, List<Thing> things) {}

    /**
     * Something that can be taken.
     *
     * @param counts that can be taken at one touch, each in words
     * @param reasons what it is usually taken for, the most frequent first
     */
    record Thing(
            UUID place, String supply, String name, String there, Map<Integer, String> counts, List<Reason> reasons) {}

    record Reason(String problem, String name) {}

    static KitBefore of(Place kit, Stock here, Catalogue catalogue, List<FirstAid.Said> firstMinutes) {
        List<Part> parts = new ArrayList<>();
        for (UUID place : here.nesting().within(kit.id())) {
            Map<String, Integer> pieces = new LinkedHashMap<>();
            here.at(place).stream()
                    .sorted(Comparator.comparing((Held h) -> here.nameOf(h.lot().supply())))
                    .forEach(h -> pieces.merge(h.lot().supply(), h.pieces(), Integer::sum));
            List<Thing> things = pieces.entrySet().stream()
                    .flatMap(e -> Optional.ofNullable(here.supplies().get(e.getKey()))
                            .map(s -> thing(place, s, e.getValue(), catalogue))
                            .stream())
                    .toList();
            if (!things.isEmpty()) {
                parts.add(new Part(place.equals(kit.id()) ? "" : here.placeName(place), things));
            }
        }
        return new KitBefore(kit.name(), parts, firstMinutes);
    }

    private static Thing thing(UUID place, Supply supply, int pieces, Catalogue catalogue) {
        Map<Integer, String> counts = new LinkedHashMap<>();
        for (int n = 1; n <= Math.min(pieces, MOST_AT_ONCE); n++) {
            counts.put(n, Figures.pieces(n, supply));
        }
        return new Thing(
                place, supply.id(), supply.name(), Figures.pieces(pieces, supply), counts, reasons(supply, catalogue));
    }

    private static List<Reason> reasons(Supply supply, Catalogue catalogue) {
        return catalogue.problems().stream()
                .filter(p -> p.steps().stream().anyMatch(s -> supply.serves().containsKey(s.capability())))
                .sorted(Comparator.comparingDouble((Problem p) -> -p.rate().perThousandPersonDays()))
                .limit(MOST_REASONS)
                .map(p -> new Reason(p.id(), p.name()))
                .toList();
    }
}
