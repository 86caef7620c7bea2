package hodeon.core.medication.finding;

import hodeon.core.medication.formulary.Label.Measure;
import hodeon.core.medication.formulary.Tradition;
import hodeon.core.party.Age;
import java.math.BigDecimal;
import java.time.LocalDate;

/** Why no dose is said. To each belongs a remedy: what to do instead. */
public sealed interface WhyNot extends Finding {

    record Dog(String name) implements WhyNot {}

    record NotForThem(String name, Because because, Warning warning) implements WhyNot {}

    record Prescribed() implements WhyNot {}

    /** @param from the age that the strength is made for */
    record MadeForOlder(Age from, String name, Age age) implements WhyNot {}

    record NoLabel(Tradition tradition, String product) implements WhyNot {}

    record OutsideLabel(OffLabel label) implements WhyNot {}

    /** Only a mass is missing. */
    record MassNeeded(OffLabel label) implements WhyNot {}

    /** @param step of the product, with its unit */
    record TooFine(BigDecimal most, Measure measure, String strength, String step) implements WhyNot {}

    record OwnEntry(OverCeiling ceiling) implements WhyNot {}

    /** The smallest amount that can be measured is too much for them. */
    record TooStrong(String name, BigDecimal kilograms) implements WhyNot {}

    record DirectionInsideLabel(OffLabel label, String by) implements WhyNot {}

    record DirectionByMass(String name) implements WhyNot {}

    record DirectionTooMuch(String by, LocalDate on, OverCeiling ceiling) implements WhyNot {}

    record DirectionTooFine(String strength) implements WhyNot {}

    /** Which of the few kinds of refusal it is. */
    default Kind kind() {
        return switch (this) {
            case Dog dog -> Kind.DOG;
            case NotForThem not -> Kind.NOT_FOR_THEM;
            case Prescribed prescribed -> Kind.PRESCRIBED_TO_NOBODY_HERE;
            case NoLabel none -> Kind.NO_LABEL;
            case MadeForOlder older -> Kind.OUTSIDE_THE_LABEL;
            case OutsideLabel outside -> Kind.OUTSIDE_THE_LABEL;
            case DirectionInsideLabel inside -> Kind.OUTSIDE_THE_LABEL;
            case MassNeeded mass -> Kind.MASS_NOT_KNOWN;
            case DirectionByMass mass -> Kind.MASS_NOT_KNOWN;
            case TooFine fine -> Kind.CANNOT_BE_MEASURED;
            case DirectionTooFine fine -> Kind.CANNOT_BE_MEASURED;
            case OwnEntry entry -> Kind.ABOVE_A_CEILING;
            case TooStrong strong -> Kind.ABOVE_A_CEILING;
            case DirectionTooMuch much -> Kind.ABOVE_A_CEILING;
        };
    }

    /** The kinds of refusal, for whoever has to tell them apart. */
    enum Kind {
        DOG,
        NOT_FOR_THEM,
        PRESCRIBED_TO_NOBODY_HERE,
        NO_LABEL,
        OUTSIDE_THE_LABEL,
        MASS_NOT_KNOWN,
        CANNOT_BE_MEASURED,
        ABOVE_A_CEILING
    }
}
