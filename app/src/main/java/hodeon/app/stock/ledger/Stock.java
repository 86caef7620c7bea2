package hodeon.app.stock.ledger;

import hodeon.app.shell.Figures;
import hodeon.app.shell.Wording;
import hodeon.app.stock.place.Place;
import hodeon.app.stock.pocket.Pockets;
import hodeon.core.catalogue.Catalogue;
import hodeon.core.catalogue.Supply;
import hodeon.core.packing.Compartment;
import hodeon.core.stock.Held;
import hodeon.core.stock.Nesting;
import hodeon.core.units.Mass;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;

/**
 * Everything a household owns just now, as far as it was asked for.
 *
 * @param supplies by id, in catalogue order
 * @param places in their order
 * @param lying the same as {@code held}, by place
 * @param shared names, in small letters, that more than one place bears
 * @param nesting which place lies in which
 */
public record Stock(
        Map<String, Supply> supplies,
        Map<UUID, Place> places,
        List<Held> held,
        Map<UUID, List<Held>> lying,
        Set<String> shared,
        Nesting nesting,
        StockRules rules,
        Pockets pockets) {

    /** What lies in a place that is not among the given ones is left out: it is in the bin with its kit. */
    public static Stock of(
            Map<String, Supply> supplies, Map<UUID, Place> places, List<Held> held, StockRules rules, Pockets pockets) {
        List<Held> there =
                held.stream().filter(h -> places.containsKey(h.place())).toList();
        Map<UUID, UUID> inside = new LinkedHashMap<>();
        places.values().forEach(p -> p.inside().filter(places::containsKey).ifPresent(i -> inside.put(p.id(), i)));
        return new Stock(
                Collections.unmodifiableMap(supplies),
                Collections.unmodifiableMap(places),
                there,
                Collections.unmodifiableMap(there.stream().collect(Collectors.groupingBy(Held::place))),
                shared(places.values()),
                new Nesting(inside),
                rules,
                pockets);
    }

    private static Set<String> shared(Collection<Place> places) {
        Set<String> names = new HashSet<>();
        return places.stream()
                .map(p -> p.name().toLowerCase(Locale.ROOT))
                .filter(n -> !names.add(n))
                .collect(Collectors.toUnmodifiableSet());
    }

    public static Map<String, Supply> byId(Catalogue catalogue) {
        Map<String, Supply> supplies = new LinkedHashMap<>();
        catalogue.supplies().forEach(s -> supplies.put(s.id(), s));
        return supplies;
    }

    /** What a supply is called; its id if the household's catalogue no longer has it. */
    public String nameOf(String supply) {
        return Optional.ofNullable(supplies.get(supply)).map(Supply::name).orElse(supply);
    }

    /** What one of it is, in the singular. */
    public String piece(String supply) {
        return Optional.ofNullable(supplies.get(supply)).map(Supply::piece).orElse("piece");
    }

    /** “16 tablets”; “16 pieces” of what the household's catalogue no longer has. */
    public String counted(int pieces, String supply) {
        return Figures.counted(pieces, piece(supply));
    }

    /** “Paracetamol 500 mg: 16 tablets”. */
    public String named(int pieces, String supply) {
        return nameOf(supply) + ": " + counted(pieces, supply);
    }

    public String placeName(UUID place) {
        return Optional.ofNullable(places.get(place)).map(Place::name).orElse("");
    }

    /** What tells a place from every other: its name where none but it bears that, else its {@linkplain #path path}. */
    public String address(UUID place) {
        String name = placeName(place);
        return shared.contains(name.toLowerCase(Locale.ROOT)) ? path(place) : name;
    }

    public List<Held> at(UUID place) {
        return lying.getOrDefault(place, List.of());
    }

    /** Pieces of each supply that lie directly in a kit or module, in the order of the catalogue, compartment by compartment. */
    public List<Pockets.Placed> placed(UUID place) {
        Map<String, Integer> there = new LinkedHashMap<>();
        at(place).forEach(h -> there.merge(h.lot().supply(), h.pieces(), Integer::sum));
        return supplies.keySet().stream()
                .filter(s -> there.getOrDefault(s, 0) > 0)
                .flatMap(s -> pockets.placed(place, s, there.getOrDefault(s, 0)).stream())
                .toList();
    }

    /** The compartments in which a supply lies, such as “Loops (1), Main room (1)”; empty if nobody said. */
    public String pocket(UUID place, String supply) {
        return pockets.named(
                place,
                supply,
                at(place).stream()
                        .filter(h -> h.lot().supply().equals(supply))
                        .mapToInt(Held::pieces)
                        .sum());
    }

    /** What lies directly in a kit or module by the compartment it lies in, in the order in which they are opened; “” last. */
    public Map<String, List<Pockets.Placed>> byPocket(UUID place) {
        Map<String, List<Pockets.Placed>> pockets = new LinkedHashMap<>();
        placed(place).stream()
                .sorted(Comparator.comparingInt(Pockets.Placed::seconds))
                .forEach(p -> pockets.computeIfAbsent(
                                p.where().map(Compartment::name).orElse(""), n -> new ArrayList<>())
                        .add(p));
        return pockets;
    }

    /** Name of a module with the compartment of its kit that it lies in: “Cuts, in the tray”; of a kit its name. */
    public String nameAndPocket(UUID place) {
        String pocket = Optional.ofNullable(places.get(place))
                .flatMap(Place::inside)
                .map(in -> pockets.named(in, place.toString(), 1))
                .orElse("");
        return placeName(place) + (pocket.isEmpty() ? "" : Wording.says("stock.in", pocket));
    }

    /** Place and compartment: “Deck pouch, Main room”. */
    public String where(UUID place, String supply) {
        String pocket = pocket(place, supply);
        return placeName(place) + (pocket.isEmpty() ? "" : ", " + pocket);
    }

    /** How soon it is open, for the order in which one looks; what lies nowhere in particular comes last. */
    public int opening(UUID place, String supply) {
        return pockets.placed(place, supply, 1).stream()
                .flatMap(p -> p.where().stream())
                .mapToInt(Compartment::seconds)
                .min()
                .orElse(Integer.MAX_VALUE);
    }

    /** What lies in a place: in itself and, to any depth, in the modules inside it. */
    public List<Held> inKit(UUID kit) {
        return nesting.within(kit).stream().flatMap(p -> at(p).stream()).toList();
    }

    /** Name of a place with those around it: “Lead boat dry box / Wound module”. */
    public String path(UUID place) {
        return nesting.way(place).stream().map(this::placeName).collect(Collectors.joining(" / "));
    }

    /** What the things in a kit weigh together as the catalogue has them; what it no longer has weighs nothing. */
    public Mass mass(UUID kit) {
        return inKit(kit).stream()
                .flatMap(h ->
                        Optional.ofNullable(supplies.get(h.lot().supply()))
                                .map(s -> s.mass().times(h.pieces()))
                                .stream())
                .reduce(Mass.ZERO, Mass::plus);
    }

    /** The first kit in which a list is laid. */
    public Optional<Place> placeOf(UUID list) {
        return laidIn(list).stream().findFirst();
    }

    /** Every kit and module in which a list is laid. */
    public List<Place> laidIn(UUID list) {
        return places.values().stream()
                .filter(p -> p.facts().retiredOn().isEmpty())
                .filter(p -> p.kitId().filter(list::equals).isPresent())
                .toList();
    }

    /** What stands for itself and is in use; see {@link Place#isKit()}. */
    public List<Place> kits() {
        return places.values().stream().filter(Place::isKit).toList();
    }

    /** What lies directly in a kit or a module. */
    public List<Place> modules(UUID kit) {
        return places.values().stream()
                .filter(p -> p.inside().filter(kit::equals).isPresent())
                .toList();
    }

    public List<Place> shelves() {
        return places.values().stream().filter(Place::isShelf).toList();
    }

    /** What lies on shelves at home and may fill kits. */
    public List<Held> atHome() {
        return held.stream()
                .filter(h -> Optional.ofNullable(places.get(h.place()))
                        .map(Place::isShelf)
                        .orElse(false))
                .toList();
    }
}
