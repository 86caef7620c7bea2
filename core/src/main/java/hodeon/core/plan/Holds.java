package hodeon.core.plan;

import java.util.Map;
import java.util.Set;

/**
 * What the user insists on, and what is along without being in the kit.
 *
 * @param pins pieces of a supply that must come, exactly so many, by supply id
 * @param bans ids of supplies that must stay out
 * @param elsewhere pieces that ride outside the kit, such as a knife's scissors: they serve and weigh nothing here
 */
public record Holds(Map<String, Integer> pins, Set<String> bans, Map<String, Integer> elsewhere) {

    public static final Holds NONE = new Holds(Map.of(), Set.of(), Map.of());

    public Holds {
        pins = Map.copyOf(pins);
        bans = Set.copyOf(bans);
        elsewhere = Map.copyOf(elsewhere);
    }
}
