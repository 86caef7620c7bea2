package hodeon.core.medication;

import hodeon.core.party.Allergy;
import hodeon.core.party.Condition;
import java.util.List;

/**
 * A caution of our list: something taken, and what it does not go with. The list is not complete and says so wherever it
 * is shown.
 *
 * @param taken what it is about
 * @param with any of these makes it hold
 * @param level how much it matters
 * @param says what to know, a sentence
 * @param source where it comes from
 */
public record Rule(String id, Substance taken, List<With> with, Level level, String says, String source) {

    /** From the mildest to the gravest. */
    public enum Level {
        KNOW("Know"),
        ASK("Ask first"),
        NEVER("Not for them");

        private final String label;

        Level(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    /** An ingredient by id, or every ingredient of a class. */
    public sealed interface Substance {

        record Named(String ingredient) implements Substance {}

        record OfClass(DrugClass of) implements Substance {}

        default boolean matches(Ingredient ingredient) {
            return switch (this) {
                case Named named -> named.ingredient().equals(ingredient.id());
                case OfClass kind -> ingredient.classes().contains(kind.of());
            };
        }
    }

    /** What something does not go with. */
    public sealed interface With {

        record Everybody() implements With {}

        /** Something else that the person takes or is about to take. */
        record Taking(Substance other) implements With {}

        record Having(Condition condition) implements With {}

        record ReactingTo(Allergy allergy) implements With {}

        /** Younger than so many months. */
        record YoungerThan(int months) implements With {}

        /** Of so many years or more. */
        record OlderThan(int years) implements With {}

        /** Lighter than so many kilograms. */
        record LighterThan(int kilograms) implements With {}
    }

    public Rule {
        with = List.copyOf(with);
    }
}
