package hodeon.core.medication;

import hodeon.core.units.Dose;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Duration;
import java.time.LocalDate;
import java.util.Optional;

/**
 * What a clinician directed for one person, as it was written down.
 *
 * @param ingredient its id
 * @param perKilogram dose for each kilogram, or empty where a fixed dose was directed
 * @param mostAtOnce the dose itself if none is given by mass, else its cap
 * @param apart at least this long between two doses
 * @param mostInADay most in 24 hours
 * @param beyondLabel whether it was said to hold outside the label's ages and masses too
 * @param by who directed it, such as “Dr at the harbour practice”
 */
public record Direction(
        String ingredient,
        Optional<Dose> perKilogram,
        Dose mostAtOnce,
        Duration apart,
        Dose mostInADay,
        boolean beyondLabel,
        String by,
        LocalDate on) {

    public Direction {
        if (mostAtOnce.micrograms() == 0 || mostInADay.compareTo(mostAtOnce) < 0) {
            throw new IllegalArgumentException(
                    "A direction's most in 24 h, " + mostInADay + ", is at least its single dose, " + mostAtOnce + ".");
        }
        if (apart.isNegative()) {
            throw new IllegalArgumentException("The time between two doses is not negative.");
        }
    }

    /** One dose for a body of so many kilograms, rounded down to the microgram and capped. */
    Dose dose(BigDecimal kilograms) {
        Dose uncapped = perKilogram
                .map(each -> Product.times(each, kilograms, RoundingMode.FLOOR))
                .orElse(mostAtOnce);
        return uncapped.compareTo(mostAtOnce) < 0 ? uncapped : mostAtOnce;
    }
}
