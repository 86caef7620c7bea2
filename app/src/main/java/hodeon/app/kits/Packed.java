package hodeon.app.kits;

import hodeon.app.kits.list.StoredList;
import hodeon.app.shell.Figures;
import hodeon.app.stock.ledger.Stock;
import hodeon.app.stock.place.Place;
import hodeon.core.units.Mass;
import java.util.Optional;

/**
 * What lies in a kit's place, against its plan: a kit weighs what is in it.
 *
 * @param place where it lies
 * @param mass of what lies there
 * @param grams the same in words
 * @param over how much that is over the limit, in words; empty if it is not
 */
public record Packed(String place, Mass mass, String grams, String over) {

    /** Empty while nothing lies anywhere for it. */
    public static Optional<Packed> of(StoredList list, Stock all, Mass limit) {
        return list.place(all).filter(p -> !all.inKit(p.id()).isEmpty()).map(p -> of(p, all.mass(p.id()), limit));
    }

    private static Packed of(Place place, Mass mass, Mass limit) {
        return new Packed(place.name(), mass, Figures.grams(mass), over(mass, limit));
    }

    /** “246 g”, or empty within the limit. */
    static String over(Mass mass, Mass limit) {
        double over = mass.grams() - limit.grams();
        return over > 0 ? Figures.grams(over) : "";
    }
}
