package hodeon.app.stock.pocket;

import hodeon.core.packing.Compartment;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;

/**
 * The compartments of every kit and module of a household, and what was laid into which. What is laid out staged stays staged: of a
 * thing in two compartments the quicker one is filled first, so that what is used up is missing where it is slowest to reach.
 *
 * @param parts by kit or module, as they were drawn
 */
public record Pockets(Map<UUID, List<Compartment>> parts, Map<UUID, List<Laying>> laid) {

    public static final Pockets NONE = new Pockets(Map.of(), Map.of());

    /**
     * @param thing id of a supply or of a module
     * @param part id of the compartment
     * @param pieces 0 for all that lie in no other
     * @param pinned whether somebody laid it there by hand
     */
    public record Laying(String thing, String part, int pieces, boolean pinned) {}

    /** @param where empty for what was laid nowhere */
    public record Placed(String thing, int pieces, Optional<Compartment> where, boolean pinned) {

        public int seconds() {
            return where.map(Compartment::seconds).orElse(Integer.MAX_VALUE);
        }
    }

    static Pockets of(List<PartRow> parts, List<LaidRow> laid) {
        return new Pockets(
                parts.stream()
                        .collect(Collectors.groupingBy(
                                p -> p.kitId, Collectors.mapping(PartRow::compartment, Collectors.toList()))),
                laid.stream()
                        .collect(Collectors.groupingBy(
                                r -> r.kitId,
                                Collectors.mapping(
                                        r -> new Laying(r.thing, r.partId.toString(), r.pieces, r.pinned),
                                        Collectors.toList()))));
    }

    /** From the outermost on; none if nobody said. */
    public List<Compartment> of(UUID place) {
        return parts.getOrDefault(place, List.of());
    }

    /**
     * Where the pieces of a supply lie that lie directly in a kit or module, or where a module does; the quickest first.
     *
     * @param pieces that are there, 1 or more; 1 of a module
     */
    public List<Placed> placed(UUID place, String thing, int pieces) {
        List<Placed> placed = new ArrayList<>();
        int left = pieces;
        Optional<Laying> rest = Optional.empty();
        for (Laying laying : laid(place, thing)) {
            if (laying.pieces() == 0) {
                rest = Optional.of(laying);
            } else if (left > 0) {
                int here = Math.min(left, laying.pieces());
                placed.add(new Placed(thing, here, part(place, laying), laying.pinned()));
                left -= here;
            }
        }
        if (left > 0) {
            placed.add(new Placed(
                    thing,
                    left,
                    rest.flatMap(r -> part(place, r)),
                    rest.map(Laying::pinned).orElse(false)));
        }
        placed.sort(Comparator.comparingInt(Placed::seconds));
        return placed;
    }

    private List<Laying> laid(UUID place, String thing) {
        return laid.getOrDefault(place, List.of()).stream()
                .filter(r -> r.thing().equals(thing))
                .sorted(Comparator.comparingInt(
                        r -> part(place, r).map(Compartment::seconds).orElse(Integer.MAX_VALUE)))
                .toList();
    }

    private Optional<Compartment> part(UUID place, Laying laying) {
        return of(place).stream().filter(p -> p.id().equals(laying.part())).findFirst();
    }

    /** Names of the compartments where so many pieces lie, with the pieces if there are several; empty if nowhere. */
    public String named(UUID place, String thing, int pieces) {
        List<Placed> there = placed(place, thing, pieces).stream()
                .filter(p -> p.where().isPresent())
                .toList();
        return there.stream()
                .map(p -> p.where().orElseThrow().name() + (there.size() == 1 ? "" : " (" + p.pieces() + ")"))
                .collect(Collectors.joining(", "));
    }
}
