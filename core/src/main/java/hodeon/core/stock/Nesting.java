package hodeon.core.stock;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;

/**
 * What lies in what: a bag in a tray in a box, to any depth.
 *
 * <p>Worked example: a bag lies in a tray and the tray in a box. Within the box lie box, tray and bag; outermost of the bag is the box;
 * the box may not go into the bag, the bag may go anywhere but into itself. Lifted out of the tray the bag stands for itself, and within
 * the box lie box and tray.
 *
 * @param inside for each place that lies in another, that other, in the order in which places are read; one that stands for itself is not
 *     among the keys
 */
public record Nesting(Map<UUID, UUID> inside) {

    /** Throws {@link IllegalArgumentException} for places that lie in themselves, over whatever way. */
    public Nesting {
        inside = Collections.unmodifiableMap(new LinkedHashMap<>(inside));
        for (UUID start : inside.keySet()) {
            Set<UUID> passed = new HashSet<>();
            for (UUID at = start; at != null; at = inside.get(at)) {
                if (!passed.add(at)) {
                    throw new IllegalArgumentException("Place " + start + " lies within itself.");
                }
            }
        }
    }

    /** The place that it lies in directly; empty where it stands for itself. */
    public Optional<UUID> around(UUID place) {
        return Optional.ofNullable(inside.get(place));
    }

    /** The place that stands for itself and that it lies in, perhaps through others; itself where it lies in nothing. */
    public UUID outermost(UUID place) {
        return way(place).getFirst();
    }

    /** From the outermost place down to this one, both inclusive. */
    public List<UUID> way(UUID place) {
        List<UUID> way = new ArrayList<>();
        for (Optional<UUID> at = Optional.of(place); at.isPresent(); at = around(at.get())) {
            way.addFirst(at.get());
        }
        return way;
    }

    /** The place itself and all that lies in it at whatever depth; whatever lies in a place comes right behind it, in the order given. */
    public List<UUID> within(UUID place) {
        Map<UUID, List<UUID>> holds = new LinkedHashMap<>();
        inside.forEach((what, where) ->
                holds.computeIfAbsent(where, w -> new ArrayList<>()).add(what));
        List<UUID> within = new ArrayList<>();
        collect(place, holds, within);
        return within;
    }

    private static void collect(UUID place, Map<UUID, List<UUID>> holds, List<UUID> within) {
        within.add(place);
        holds.getOrDefault(place, List.of()).forEach(p -> collect(p, holds, within));
    }

    /** Whether a place may be put into another: not into itself, nor into what lies in it. */
    public boolean mayGoInto(UUID what, UUID into) {
        return !way(into).contains(what);
    }

    /** The same with a place put into another; throws {@link IllegalArgumentException} where it {@linkplain #mayGoInto may not}. */
    public Nesting put(UUID what, UUID into) {
        Map<UUID, UUID> then = new LinkedHashMap<>(inside);
        then.put(what, into);
        return new Nesting(then);
    }

    /** The same with a place lifted out of all that it lies in; what lies in it comes along. */
    public Nesting lifted(UUID what) {
        Map<UUID, UUID> then = new LinkedHashMap<>(inside);
        then.remove(what);
        return new Nesting(then);
    }
}
