package hodeon.core.party;

import hodeon.core.units.Mass;
import java.util.Set;

/**
 * Somebody who comes along.
 *
 * @param name as the party calls them, not blank
 * @param years completed years of age, 0 to 110
 * @param bodyMass 1 to 300 kg
 * @param training what they have learned
 * @param allergies what they react to
 * @param conditions what else matters about them
 * @param rescue rescue medicine prescribed to them
 */
public record Person(
        String name,
        int years,
        Mass bodyMass,
        Training training,
        Set<Allergy> allergies,
        Set<Condition> conditions,
        Set<RescueMedicine> rescue) {

    public static final int OLDEST_YEARS = 110;
    public static final Mass LEAST_BODY_MASS = Mass.ofGrams(1_000);
    public static final Mass MOST_BODY_MASS = Mass.ofGrams(300_000);
    /** The youngest counted as somebody who helps a casualty; an assumption. */
    public static final int YOUNGEST_HELPER_YEARS = 16;

    public Person {
        allergies = Set.copyOf(allergies);
        conditions = Set.copyOf(conditions);
        rescue = Set.copyOf(rescue);
        if (name.isBlank()) {
            throw new IllegalArgumentException("A person needs a name.");
        }
        if (years < 0 || years > OLDEST_YEARS) {
            throw new IllegalArgumentException(years + " years is outside 0 to " + OLDEST_YEARS + ".");
        }
        if (bodyMass.compareTo(LEAST_BODY_MASS) < 0 || bodyMass.compareTo(MOST_BODY_MASS) > 0) {
            throw new IllegalArgumentException(
                    "A body mass of " + bodyMass.grams() / 1000 + " kg is outside 1 to 300 kg.");
        }
    }

    public AgeBand ageBand() {
        return AgeBand.of(years);
    }

    public SizeClass size() {
        return SizeClass.of(this);
    }

    public boolean canHelp() {
        return years >= YOUNGEST_HELPER_YEARS && training.compareTo(Training.BASIC) >= 0;
    }
}
