package hodeon.core.medication.gate;

import hodeon.core.medication.formulary.Product;
import hodeon.core.units.Dose;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.Map;

/**
 * A dose that somebody had, or is expected to have because they take it every day.
 *
 * @param product its id; the product may be gone from the formulary since
 * @param name of the product as it was called then
 * @param units in units of its form
 * @param onTheSpot whether it was put on the skin, in the eye or the nose, so that it is not counted with what is swallowed
 * @param amounts what it held, by ingredient id
 * @param expected whether nobody noted it: they take it every day at this time
 */
public record GivenDose(
        Instant at,
        String product,
        String name,
        BigDecimal units,
        boolean onTheSpot,
        Map<String, Dose> amounts,
        boolean expected) {

    public GivenDose {
        amounts = Map.copyOf(amounts);
    }

    /** One that was noted. */
    public static GivenDose of(Instant at, Product product, BigDecimal units) {
        return new GivenDose(
                at, product.id(), product.name(), units, product.form().onTheSpot(), product.holds(units), false);
    }

    static GivenDose expected(Instant at, Product product, BigDecimal units) {
        GivenDose dose = of(at, product, units);
        return new GivenDose(at, dose.product(), dose.name(), units, dose.onTheSpot(), dose.amounts(), true);
    }

    /** How much of an ingredient it counts for; nothing of what works on the spot. */
    Dose of(String ingredient) {
        return onTheSpot ? Dose.ZERO : amounts.getOrDefault(ingredient, Dose.ZERO);
    }
}
