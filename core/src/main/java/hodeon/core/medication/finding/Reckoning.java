package hodeon.core.medication.finding;

import hodeon.core.party.Age;
import hodeon.core.units.Dose;
import java.math.BigDecimal;
import java.time.LocalDate;

/** One step of how a dose was reckoned. Amounts of a product come with its unit, such as “0.5 ml”. */
public sealed interface Reckoning extends Finding {

    /** @param line of the label, by whom it is for */
    record ByAge(Age age, String line) implements Reckoning {}

    record ByAgeWithoutMass(Age age, String line) implements Reckoning {}

    record ByAgeAndMass(Age age, BigDecimal kilograms, String line) implements Reckoning {}

    /** Age and mass point to two lines. */
    record BySmallerLine(Age age, BigDecimal kilograms, String line) implements Reckoning {}

    record CountsIn(String most) implements Reckoning {}

    record Divided(Dose dose, Dose strength, String unit, String step, String amount) implements Reckoning {}

    record ForEachKilogram(BigDecimal kilograms, Dose each, Dose product, Dose most, Dose dose) implements Reckoning {}

    record Directed(Dose dose, String by, LocalDate on) implements Reckoning {}

    /** @param each mg for a kilogram, rounded up */
    record DayForMass(Dose day, BigDecimal kilograms, BigDecimal each, Dose most) implements Reckoning {}
}
