package hodeon.core.plan;

/**
 * Most pieces of a supply that are sensible, and what bounds them.
 *
 * @param pieces 0 or more
 */
public record Cap(int pieces, Bound bound) {

    /** What bounds a sensible quantity. */
    public enum Bound {
        /** One serves every use there is. */
        SERVES_ALL,
        /** What suffices on nine trips of ten, over all problems together. */
        NINE_TRIPS,
        /** What one casualty of grave trouble needs until help, in a large party two. */
        CASUALTY,
        /** What the backbone asks for. */
        BACKBONE,
        /** Somebody's own, as prescribed. */
        PRESCRIBED,
        /** Fewer may fail or not suffice. */
        NONE_OR_SO_MANY,
        /** A roof for all who wait. */
        HEADS,
        /** It comes as a whole pack. */
        WHOLE_PACK,
        /** The catalogue never recommends more. */
        NEVER_MORE
    }
}
