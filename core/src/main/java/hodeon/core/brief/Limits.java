package hodeon.core.brief;

import hodeon.core.units.Mass;
import hodeon.core.units.Money;
import hodeon.core.units.Volume;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * The most a kit may take, each inclusive.
 *
 * @param mass of all pieces, without the bag; a ceiling, {@link #UNLIMITED} where nobody sets one
 * @param volume of all pieces, if it is limited
 * @param price of all pieces at what they typically cost, if it is limited
 * @param kinds of supplies, 1 or more, if it is limited
 */
public record Limits(Mass mass, Optional<Volume> volume, Optional<Money> price, OptionalInt kinds) {

    /** What no kit weighs: ten tonnes. */
    public static final Mass UNLIMITED = Mass.ofGrams(10_000_000);

    public Limits {
        if (kinds.isPresent() && kinds.getAsInt() < 1) {
            throw new IllegalArgumentException(kinds.getAsInt() + " kinds is below 1.");
        }
    }

    public static Limits ofMass(Mass mass) {
        return new Limits(mass, Optional.empty(), Optional.empty(), OptionalInt.empty());
    }

    public boolean massIsLimited() {
        return mass.compareTo(UNLIMITED) < 0;
    }

    public Limits withMass(Mass other) {
        return new Limits(other, volume, price, kinds);
    }
}
