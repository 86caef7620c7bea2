package hodeon.core.catalogue.words;

/**
 * A line of somebody's list, as far as it was understood.
 *
 * @param text as it was written
 * @param called what it calls the thing: its words in their order in the alphabet, as they were heard, and its sizes
 * @param name what it names, or may name
 * @param pieces how many, 1 or more; 1 where the line says nothing
 * @param until as 2028-03-01, 2027-06 or empty
 * @param doubt what of its figures has to be looked at
 * @param lot the code of the lot; empty if there is none
 */
public record WrittenLine(String text, String called, Named name, int pieces, String until, Doubt doubt, String lot) {

    /** What may have been meant otherwise. */
    public enum Doubt {
        NONE,
        /** Day and month may stand in either order, as in 03/04/2027; then there is no date. */
        DATE,
        /** It counts packs and says nothing of how much is in one; a usual pack was reckoned with. */
        PACK
    }
}
