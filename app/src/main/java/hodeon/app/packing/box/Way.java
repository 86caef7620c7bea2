package hodeon.app.packing.box;

import hodeon.app.stock.ledger.Stock;
import hodeon.app.stock.place.Place;
import hodeon.app.stock.pocket.Pockets;
import hodeon.core.packing.AccessStep;
import hodeon.core.packing.Compartment;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;

/**
 * From the closed kit to a thing in it.
 *
 * @param names of what is opened, from the outside in
 */
record Way(int seconds, List<String> names, boolean oneHanded) {

    private Way through(String name, int longer, boolean hand) {
        return new Way(
                seconds + longer,
                Stream.concat(names.stream(), Stream.of(name).filter(n -> !n.isEmpty()))
                        .toList(),
                oneHanded && hand);
    }

    private Way through(Compartment part) {
        return through(part.name(), part.seconds(), part.oneHanded());
    }

    /** The quickest to a supply that lies directly in the kit or in a module within it; empty if it lies nowhere in particular. */
    static Optional<Way> to(Stock all, UUID kit, UUID place, String supply) {
        Optional<Way> there = to(all, kit, place);
        if (!all.pockets().of(place).isEmpty()) {
            return there.flatMap(way -> all.placed(place).stream()
                    .filter(p -> p.thing().equals(supply))
                    .flatMap(p -> p.where().stream())
                    .findFirst()
                    .map(way::through));
        }
        return place.equals(kit)
                ? Optional.empty()
                : there.map(way -> way.through("", AccessStep.OPEN_BAG.seconds(), AccessStep.OPEN_BAG.oneHanded()));
    }

    private static Optional<Way> to(Stock all, UUID kit, UUID place) {
        if (place.equals(kit)) {
            return Optional.of(new Way(0, List.of(), true));
        }
        return Optional.ofNullable(all.places().get(place))
                .flatMap(Place::inside)
                .flatMap(in -> to(all, kit, in)
                        .flatMap(way -> module(all, in, place).where().map(c -> way.through(c)
                                .through(all.placeName(place), 0, true))));
    }

    /** Where a module lies in its kit. */
    static Pockets.Placed module(Stock all, UUID kit, UUID module) {
        return all.pockets().placed(kit, module.toString(), 1).getFirst();
    }
}
