package hodeon.core.medication;

import hodeon.core.medication.finding.Because;
import hodeon.core.medication.finding.Warning;
import hodeon.core.medication.formulary.Rule.Level;

/**
 * Something to know before somebody takes something.
 *
 * @param kind what it is about, for whoever has to tell cautions apart
 * @param because what about them makes it hold
 * @param warning what to know
 * @param source where it comes from
 */
public record Caution(Kind kind, Level level, Because because, Warning warning, String source) {

    /** What a caution is about. */
    public enum Kind {
        /** One of the list of cautions. */
        RULE,
        ALLERGY,
        SAME_INGREDIENT,
        /** Two of one kind that do the same harm. */
        TWO_OF_A_KIND,
        /** They do not go together within some hours. */
        KEEP_APART,
        NOT_KNOWN_HERE,
        OLD_MASS,
        UNLIKELY_MASS,
        DIRECTION,
        BEYOND_LABEL,
        CEILING,
        /** Taken on more days running than the label lets pass without asking. */
        DAYS_RUNNING
    }

    public static Caution ask(Kind kind, Because because, Warning warning, String source) {
        return new Caution(kind, Level.ASK, because, warning, source);
    }

    public boolean asks() {
        return level != Level.KNOW;
    }
}
