package hodeon.core.medication;

import hodeon.core.medication.formulary.Product;
import java.math.BigDecimal;
import java.time.LocalTime;
import java.util.List;

/**
 * Something taken every day.
 *
 * @param units at each time, in units of the product's form
 * @param times of day on the clock where the person is; empty where they are not known, and then nothing is counted
 */
public record RegularIntake(Product product, BigDecimal units, List<LocalTime> times) {

    public RegularIntake {
        times = List.copyOf(times);
        if (units.signum() <= 0) {
            throw new IllegalArgumentException("What is taken regularly is more than 0, not " + units + ".");
        }
    }

    public BigDecimal unitsADay() {
        return units.multiply(BigDecimal.valueOf(times.size()));
    }
}
