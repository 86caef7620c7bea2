package hodeon.core.medication.formulary;

import hodeon.core.party.Age;
import hodeon.core.party.Allergy;
import hodeon.core.party.Condition;
import java.time.Duration;
import java.util.List;
import java.util.Optional;

/**
 * A caution of our list: something taken, and what it does not go with. The list is not complete and says so wherever it
 * is shown.
 *
 * @param taken what it is about: any of these
 * @param with any of these makes it hold
 * @param route whether it holds only of what is swallowed, or only of what works on the spot; empty for both
 * @param level how much it matters
 * @param apart hours that must lie between two things taken, if keeping them apart is what it asks
 * @param says what to know, a sentence
 * @param source where it comes from
 */
public record Rule(
        String id,
        List<Substance> taken,
        List<With> with,
        Optional<Route> route,
        Level level,
        Optional<Duration> apart,
        String says,
        String source) {

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

    /** How something gets to where it works. */
    public enum Route {
        SWALLOWED,
        ON_THE_SPOT;

        public static Route of(Product product) {
            return product.form().onTheSpot() ? ON_THE_SPOT : SWALLOWED;
        }
    }

    /** A product or an ingredient by id, or every ingredient of a class. */
    public sealed interface Substance {

        record Named(String ingredient) implements Substance {}

        record OfClass(DrugClass of) implements Substance {}

        record OfProduct(String product) implements Substance {}

        default boolean matches(Ingredient ingredient) {
            return switch (this) {
                case Named named -> named.ingredient().equals(ingredient.id());
                case OfClass kind -> ingredient.is(kind.of());
                case OfProduct product -> false;
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

        record YoungerThan(Age age) implements With {}

        /** Of so many years or more. */
        record OlderThan(int years) implements With {}

        /** Lighter than so many kilograms. */
        record LighterThan(int kilograms) implements With {}
    }

    public Rule {
        taken = List.copyOf(taken);
        with = List.copyOf(with);
    }

    public boolean about(Ingredient ingredient) {
        return taken.stream().anyMatch(t -> t.matches(ingredient));
    }

    public boolean about(Product product) {
        return taken.stream()
                .anyMatch(t -> t instanceof Substance.OfProduct p && p.product().equals(product.id()));
    }
}
