package hodeon.app.stock.ledger;

import hodeon.app.shell.Figures;
import hodeon.app.stock.place.Place;
import hodeon.core.catalogue.Catalogue;
import hodeon.core.catalogue.Supply;
import hodeon.core.stock.Held;
import hodeon.core.units.Mass;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;

/**
 * Everything a household owns just now, as far as it was asked for.
 *
 * @param supplies by id, in catalogue order
 * @param places in their order
 */
public record Stock(Map<String, Supply> supplies, Map<UUID, Place> places, List<Held> held, StockRules rules) {

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

    public List<Held> at(UUID place) {
        return held.stream().filter(h -> h.place().equals(place)).toList();
    }

    /** What lies in a kit: itself and the modules inside it. */
    public List<Held> inKit(UUID kit) {
        return held.stream()
                .filter(h -> h.place().equals(kit)
                        || Optional.ofNullable(places.get(h.place()))
                                .flatMap(Place::inside)
                                .filter(kit::equals)
                                .isPresent())
                .toList();
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

    /** The place whose plan is this saved kit. */
    public Optional<Place> placeOf(UUID savedKit) {
        return kits().stream()
                .filter(p -> p.kitId().filter(savedKit::equals).isPresent())
                .findFirst();
    }

    public List<Place> kits() {
        return places.values().stream().filter(p -> p.kind() == Place.Kind.KIT).toList();
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
