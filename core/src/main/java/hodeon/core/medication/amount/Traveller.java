package hodeon.core.medication.amount;

import hodeon.core.medication.Patient;
import java.math.BigDecimal;
import java.util.List;

/** Somebody who goes along, as far as the medicine of a trip is concerned. */
public record Traveller(String name, Patient patient, List<Taking> taking) {

    /**
     * What they take every day.
     *
     * @param product id of it
     * @param unitsADay of its form, more than 0
     */
    public record Taking(String product, BigDecimal unitsADay) {}
}
