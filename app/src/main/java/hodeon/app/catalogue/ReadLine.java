package hodeon.app.catalogue;

import java.util.List;

/**
 * A line of a pasted list as it is shown to be looked over.
 *
 * @param text as it was written
 * @param supply id of what it is; empty where that is asked
 * @param sure whether nothing of it has to be asked
 * @param why what to look at, if it is not sure; else empty
 * @param until as it may be typed, 2028-03-01 or 2027-06; empty if nothing is said
 * @param likely what to choose among, the best first
 */
public record ReadLine(
        String text,
        String supply,
        boolean sure,
        String why,
        String pieces,
        String until,
        String lot,
        List<Guess> likely) {

    /**
     * Something it may be.
     *
     * @param said the words that speak for it; empty if it was chosen by somebody
     */
    public record Guess(String id, String name, String piece, String said) {}

    /** A line as it was looked over; {@code supply} is an id, or anything else for none. */
    public record Typed(String text, String supply, String pieces, String until, String lot) {}

    public ReadLine {
        likely = List.copyOf(likely);
    }

    /** What one piece of it is; empty where nothing is chosen. */
    public String piece() {
        return likely.stream()
                .filter(g -> g.id().equals(supply))
                .map(Guess::piece)
                .findFirst()
                .orElse("");
    }
}
