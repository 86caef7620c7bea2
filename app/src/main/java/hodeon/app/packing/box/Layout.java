package hodeon.app.packing.box;

import hodeon.app.stock.ledger.Stock;
import hodeon.app.stock.place.Place;
import hodeon.core.packing.AccessStep;
import hodeon.core.packing.Compartment;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * In which compartment everything of a household's kits lies. What is laid out staged stays staged: of a thing in two compartments the
 * quicker one is filled first, so that what is used up is missing where it is slowest to reach.
 */
public final class Layout {

    private final Stock stock;
    private final Map<UUID, List<Compartment>> parts;
    private final Map<UUID, List<LaidRow>> rows;

    private Layout(Stock stock, Map<UUID, List<Compartment>> parts, Map<UUID, List<LaidRow>> rows) {
        this.stock = stock;
        this.parts = parts;
        this.rows = rows;
    }

    static Layout of(Stock stock, List<PartRow> parts, List<LaidRow> rows) {
        return new Layout(
                stock,
                parts.stream()
                        .collect(Collectors.groupingBy(
                                p -> p.kitId, Collectors.mapping(PartRow::compartment, Collectors.toList()))),
                rows.stream().collect(Collectors.groupingBy(r -> r.kitId)));
    }

    /** @param where empty for what was laid nowhere */
    public record Placed(String supply, int pieces, Optional<Compartment> where, boolean pinned) {}

    /**
     * From the closed kit to the thing.
     *
     * @param names of what is opened, from the outside in
     */
    public record Way(int seconds, List<String> names, boolean oneHanded) {

        private Way through(String name, int longer, boolean hand) {
            return new Way(
                    seconds + longer,
                    Stream.concat(names.stream(), Stream.of(name).filter(n -> !n.isEmpty()))
                            .toList(),
                    oneHanded && hand);
        }
    }

    /** From the outermost on, as they were drawn; none if nobody said. */
    public List<Compartment> parts(UUID place) {
        return parts.getOrDefault(place, List.of());
    }

    /** What lies directly in a kit or module, in the order of the catalogue, the quickest compartment of each first. */
    public List<Placed> placed(UUID place) {
        Map<String, Integer> there = new LinkedHashMap<>();
        stock.at(place).forEach(h -> there.merge(h.lot().supply(), h.pieces(), Integer::sum));
        return stock.supplies().keySet().stream()
                .filter(s -> there.getOrDefault(s, 0) > 0)
                .flatMap(s -> placed(place, s, there.getOrDefault(s, 0)).stream())
                .toList();
    }

    private List<Placed> placed(UUID place, String supply, int pieces) {
        List<Placed> placed = new ArrayList<>();
        int left = pieces;
        Optional<LaidRow> rest = Optional.empty();
        for (LaidRow row : rows(place, supply)) {
            if (row.pieces == 0) {
                rest = Optional.of(row);
            } else if (left > 0) {
                int here = Math.min(left, row.pieces);
                placed.add(new Placed(supply, here, part(place, row), row.pinned));
                left -= here;
            }
        }
        if (left > 0) {
            placed.add(new Placed(
                    supply,
                    left,
                    rest.flatMap(r -> part(place, r)),
                    rest.map(r -> r.pinned).orElse(false)));
        }
        placed.sort(
                Comparator.comparingInt(p -> p.where().map(Compartment::seconds).orElse(Integer.MAX_VALUE)));
        return placed;
    }

    private List<LaidRow> rows(UUID place, String thing) {
        return rows.getOrDefault(place, List.of()).stream()
                .filter(r -> r.thing.equals(thing))
                .sorted(Comparator.comparingInt(
                        r -> part(place, r).map(Compartment::seconds).orElse(Integer.MAX_VALUE)))
                .toList();
    }

    private Optional<Compartment> part(UUID place, LaidRow row) {
        return parts(place).stream()
                .filter(p -> p.id().equals(row.partId.toString()))
                .findFirst();
    }

    /** The compartment of a kit in which one of its modules lies. */
    public Optional<Compartment> module(UUID kit, UUID module) {
        return rows(kit, module.toString()).stream().findFirst().flatMap(r -> part(kit, r));
    }

    boolean pinned(UUID kit, UUID module) {
        return rows(kit, module.toString()).stream().anyMatch(r -> r.pinned);
    }

    /** The quickest way to a supply that lies directly in the kit or in a module within it; empty if it lies nowhere in particular. */
    public Optional<Way> way(UUID kit, UUID place, String supply) {
        return to(kit, place)
                .flatMap(way -> parts(place).isEmpty()
                        ? place.equals(kit)
                                ? Optional.empty()
                                : Optional.of(
                                        way.through("", AccessStep.OPEN_BAG.seconds(), AccessStep.OPEN_BAG.oneHanded()))
                        : placed(place).stream()
                                .filter(p -> p.supply().equals(supply))
                                .flatMap(p -> p.where().stream())
                                .findFirst()
                                .map(c -> way.through(c.name(), c.seconds(), c.oneHanded())));
    }

    private Optional<Way> to(UUID kit, UUID place) {
        if (place.equals(kit)) {
            return Optional.of(new Way(0, List.of(), true));
        }
        return Optional.ofNullable(stock.places().get(place))
                .flatMap(Place::inside)
                .flatMap(in -> to(kit, in)
                        .flatMap(way -> module(in, place).map(c -> way.through(c.name(), c.seconds(), c.oneHanded())
                                .through(stock.placeName(place), 0, true))));
    }

    /** Names of the compartments of a kit or module where a supply lies, with the pieces if there are several; empty if nowhere. */
    public String pocket(UUID place, String supply) {
        List<Placed> there = placed(place).stream()
                .filter(p -> p.supply().equals(supply) && p.where().isPresent())
                .toList();
        return there.stream()
                .map(p -> p.where().orElseThrow().name() + (there.size() == 1 ? "" : " (" + p.pieces() + ")"))
                .collect(Collectors.joining(", "));
    }

    /** How soon it is open, for the order in which one looks; what lies nowhere in particular comes last. */
    public int seconds(UUID place, String supply) {
        return placed(place).stream()
                .filter(p -> p.supply().equals(supply))
                .flatMap(p -> p.where().stream())
                .mapToInt(Compartment::seconds)
                .min()
                .orElse(Integer.MAX_VALUE);
    }
}
