package hodeon.core.medication.gate;

import hodeon.core.medication.Caution;
import java.util.List;

/** Whether a dose may be given, or may stand in the book. */
public sealed interface DoseVerdict {

    /**
     * It may.
     *
     * @param toAsk what one asks about first, all the same
     */
    record Allowed(List<Caution> toAsk) implements DoseVerdict {

        public Allowed {
            toAsk = List.copyOf(toAsk);
        }
    }

    /** Something speaks against it; only a recorded reason opens it. */
    record Stopped(List<Objection> objections) implements DoseVerdict {

        public Stopped {
            objections = List.copyOf(objections);
        }
    }

    /** Nothing opens it. */
    record Refused(Objection objection) implements DoseVerdict {}

    /** What speaks against a dose. */
    enum Kind {
        /** No dose is said for them: outside the label, a caution, a ceiling. */
        NOT_SAID,
        TOO_MUCH_AT_ONCE,
        TOO_SOON,
        TOO_MANY_IN_A_DAY,
        TOO_MUCH_IN_A_DAY,
        TWO_OF_A_KIND,
        KEEP_APART,
        DAYS_RUNNING,
        /** A dog gets no medicine for people. */
        DOG,
        IN_THE_FUTURE
    }
}
