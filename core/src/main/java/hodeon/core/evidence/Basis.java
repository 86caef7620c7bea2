package hodeon.core.evidence;

/** Where a figure comes from. */
public sealed interface Basis {

    /** A planning assumption: somebody's judgement, not a measurement. */
    record Assumption() implements Basis {}

    /**
     * Derived from a published source.
     *
     * @param citation authors, journal, year, pages
     */
    record Published(String citation) implements Basis {}
}
