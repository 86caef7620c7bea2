package hodeon.core.medication.finding;

import hodeon.core.party.Age;
import java.math.BigDecimal;

/** Why no line of a label holds for somebody. */
public sealed interface OffLabel extends Finding {

    /** @param youngest from which the label speaks */
    record TooYoung(Age youngest, String name, Age age) implements OffLabel {}

    record SaysNothing(Age age) implements OffLabel {}

    /** The label goes by mass for the very young. */
    record LacksMass(String name) implements OffLabel {}

    /** @param lightest from which the label speaks, in kg */
    record TooLight(BigDecimal lightest, String name, BigDecimal kilograms) implements OffLabel {}
}
