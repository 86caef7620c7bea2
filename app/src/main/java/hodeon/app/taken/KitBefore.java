package hodeon.app.taken;

import hodeon.app.aid.FirstAid;
import hodeon.app.shell.Figures;
import hodeon.app.stock.ledger.Stock;
import hodeon.app.stock.place.Place;
import hodeon.core.catalogue.Catalogue;
import hodeon.core.catalogue.Problem;
import hodeon.core.catalogue.Supply;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * A kit as somebody sees it who stands before it: where things lie, what they are for, and nobody's data.
 *
 * @param parts the kit itself and its modules, each compartment by itself where they have any
 * @param firstMinutes what to do first
 */
record KitBefore(String name, List<Part> parts, List<FirstAid.Said> firstMinutes) {

    private static final int MOST_REASONS = 4;
    private static final int MOST_AT_ONCE = 6;

    /** @param name of the module and the compartment; empty for what lies loose */
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
            here.byPocket(place)
                    .forEach((pocket, placed) -> parts.add(new Part(
                            Stream.of(place.equals(kit.id()) ? "" : here.nameAndPocket(place), pocket)
                                    .filter(n -> !n.isEmpty())
                                    .collect(Collectors.joining(": ")),
                            placed.stream()
                                    .sorted(Comparator.comparing(p -> here.nameOf(p.thing())))
                                    .map(p -> thing(
                                            place,
                                            Objects.requireNonNull(
                                                    here.supplies().get(p.thing())),
                                            p.pieces(),
                                            catalogue))
                                    .toList())));
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
