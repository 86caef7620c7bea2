package hodeon.core.kit;

import java.util.Map;
import java.util.Set;

/**
 * What the user insists on.
 *
 * @param pins pieces of a supply that must come, exactly so many, by supply id
 * @param bans ids of supplies that must stay out
 */
public record Holds(Map<String, Integer> pins, Set<String> bans) {

    public static final Holds NONE = new Holds(Map.of(), Set.of());

    public Holds {
        pins = Map.copyOf(pins);
        bans = Set.copyOf(bans);
    }
}
