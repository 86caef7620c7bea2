package hodeon.app.shelf;

import hodeon.app.brief.form.StoredTrip;
import hodeon.app.kits.KitShelf;
import hodeon.app.kits.Packed;
import hodeon.app.kits.list.StoredList;
import hodeon.app.shell.Figures;
import hodeon.app.shell.Wording;
import hodeon.app.stock.ledger.Stock;
import java.util.List;
import java.util.Optional;

/**
 * A kit on the shelf, and what it is for next.
 *
 * @param planned what its list comes to; empty if it has none
 * @param over how far it is over the limit of the outing its list is for; empty if it is not
 * @param state for a kit of a coming outing whether that is ready, else whether anything is missing
 */
record KitOnShelf(KitShelf.Card kit, String planned, String over, String state, boolean fine) {

    static KitOnShelf of(
            KitShelf.Card kit,
            Optional<StoredList> list,
            Optional<StoredTrip> trip,
            List<TripCard> coming,
            Stock owned) {
        Optional<TripCard> next = trip.flatMap(
                t -> coming.stream().filter(c -> c.id().equals(t.id())).findFirst());
        return new KitOnShelf(
                kit,
                list.map(l -> Wording.says("kitOnShelf.itsList", Figures.grams(l.mass())))
                        .orElse(""),
                list.flatMap(l -> trip.flatMap(
                                t -> Packed.of(l, owned, t.trip().limits().mass())))
                        .map(Packed::over)
                        .filter(o -> !o.isEmpty())
                        .map(o -> Wording.says("carryController.overTheLimit", o))
                        .orElse(""),
                next.map(c -> Wording.says("kitOnShelf.for", c.name(), c.state()))
                        .orElse(kit.state()),
                next.map(TripCard::ready).orElse(kit.fine()));
    }
}
