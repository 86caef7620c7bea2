package hodeon.app.find;

/**
 * Something that was found.
 *
 * @param kind trip, kit, person, supply or problem
 * @param hint what tells it from others of its name
 */
public record Found(String kind, String name, String hint, String address) {}
