package hodeon.app.find;

/**
 * Something that was found.
 *
 * @param kind page, outing, kit, person, supply or problem
 * @param hint what tells it from others of its name
 * @param also other words by which it is found; not shown
 */
public record Found(String kind, String name, String hint, String address, String also) {

    Found(String kind, String name, String hint, String address) {
        this(kind, name, hint, address, "");
    }
}
