package hodeon.core.medication.gate;

import hodeon.core.medication.Caution;
import hodeon.core.medication.DoseAnswer;
import hodeon.core.medication.formulary.Product;
import java.math.BigDecimal;
import java.time.Duration;
import java.time.Instant;
import java.util.Optional;

/** One thing that speaks against a dose, and what it is about. How it is said is the pages' affair. */
public sealed interface Objection {

    /** It is noted for a time that has not come yet. */
    record InTheFuture() implements Objection {}

    /** A dog gets no medicine for people. */
    record Dog(DoseAnswer.Refused refused) implements Objection {}

    /** No dose is said for them: outside the label, a caution, a ceiling. */
    record NotSaid(DoseAnswer.Refused refused) implements Objection {}

    /** What was noted at some moment cannot be read, and may have been anything. */
    record Unreadable(Instant dose) implements Objection {}

    /** @param most units that they may have at once */
    record TooMuchAtOnce(Product product, BigDecimal most) implements Objection {}

    /**
     * Less time than must lie between two doses.
     *
     * @param dose the other one
     * @param before whether it is the later of the two
     */
    record TooSoon(Subject of, Duration apart, Instant dose, boolean before) implements Objection {}

    /**
     * More doses in 24 hours than there may be.
     *
     * @param upTo the later dose at which these 24 hours end; empty if they end with the dose itself
     */
    record TooManyInADay(Subject of, int times, Optional<Instant> upTo) implements Objection {}

    /**
     * More in 24 hours than there may be.
     *
     * @param sum with the dose, in the subject's unit
     * @param upTo as of {@link TooManyInADay}
     */
    record TooMuchInADay(Subject of, BigDecimal sum, BigDecimal most, Optional<Instant> upTo) implements Objection {}

    /** Two that do the same harm. */
    record TwoOfAKind(Caution caution) implements Objection {}

    /** Taken on more days running than the label lets pass without asking. */
    record TooManyDays(Caution caution) implements Objection {}

    /**
     * Nearer than it may be to what keeps it from working.
     *
     * @param name of the other product
     * @param because what the list of cautions says of the two
     */
    record KeepApart(String name, Instant dose, Duration apart, String because) implements Objection {}

    /** What was counted. */
    sealed interface Subject {

        /** An ingredient over all products, in mg. */
        record OfIngredient(String name) implements Subject {}

        /** One product, in its units. */
        record OfProduct(Product product) implements Subject {}
    }

    default DoseVerdict.Kind kind() {
        return switch (this) {
            case InTheFuture future -> DoseVerdict.Kind.IN_THE_FUTURE;
            case Dog dog -> DoseVerdict.Kind.DOG;
            case NotSaid notSaid -> DoseVerdict.Kind.NOT_SAID;
            case Unreadable unreadable -> DoseVerdict.Kind.NOT_SAID;
            case TooMuchAtOnce much -> DoseVerdict.Kind.TOO_MUCH_AT_ONCE;
            case TooSoon soon -> DoseVerdict.Kind.TOO_SOON;
            case TooManyInADay many -> DoseVerdict.Kind.TOO_MANY_IN_A_DAY;
            case TooMuchInADay much -> DoseVerdict.Kind.TOO_MUCH_IN_A_DAY;
            case TwoOfAKind two -> DoseVerdict.Kind.TWO_OF_A_KIND;
            case TooManyDays days -> DoseVerdict.Kind.DAYS_RUNNING;
            case KeepApart apart -> DoseVerdict.Kind.KEEP_APART;
        };
    }
}
