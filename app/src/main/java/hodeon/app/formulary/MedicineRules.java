package hodeon.app.formulary;

import hodeon.core.medication.amount.TripSupply;
import hodeon.core.medication.formulary.Tradition;
import java.util.OptionalInt;

/**
 * How a household reckons with medicine.
 *
 * @param tradition whose labels it follows
 * @param reserveDays of regular medicine for delay; empty is as many as is usual for the trip's length
 * @param poisonAdvice whom to call when one too many was given; empty where nobody wrote it down
 */
public record MedicineRules(Tradition tradition, OptionalInt reserveDays, String poisonAdvice) {

    static final MedicineRules USUAL = new MedicineRules(Tradition.BRITISH, OptionalInt.empty(), "");

    public int reserveFor(int days) {
        return reserveDays.orElse(TripSupply.usualReserveDays(days));
    }
}
