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

    /** Entered by the household. */
    record Own() implements Basis {}

    /**
     * Another figure changed for one trip.
     *
     * @param before where the figure came from before
     * @param beforePerThousand what it was
     */
    record OfTrip(Basis before, double beforePerThousand) implements Basis {}

    /**
     * Another figure moved by the household's own log.
     *
     * @param before where the figure came from before
     * @param beforePerThousand what it was
     * @param events logged
     * @param personDays adjusted person-days they were logged in
     */
    record OwnLog(Basis before, double beforePerThousand, int events, double personDays) implements Basis {}
}
