package hodeon.core.medication.finding;

import hodeon.core.units.Dose;
import java.time.Duration;

/** What a dose passes that is never passed without a reason. */
public sealed interface OverCeiling extends Finding {

    /** @param least time that always lies between two doses */
    record TooNear(Duration apart, String name, Duration least) implements OverCeiling {}

    record TooMuch(Dose once, String name, Dose most) implements OverCeiling {}

    /** @param each most for a kilogram */
    record TooMuchForMass(Dose once, String name, Dose each, Dose most) implements OverCeiling {}
}
