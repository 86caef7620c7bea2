package hodeon.core.packing;

import hodeon.core.units.Volume;
import java.util.List;
import java.util.OptionalInt;

/**
 * A part of a box that something can be laid into.
 *
 * @param room that it has
 * @param steps to open it, from the closed box on; none for what hangs on the outside
 * @param measured seconds that somebody needed by the watch, in place of the assumed ones
 * @param outside whether it is reached without opening the box
 * @param waterproof whether what runs out stays in it, and wet stays out
 * @param closes whether a small child cannot open it
 */
public record Compartment(
        String id,
        String name,
        Volume room,
        List<AccessStep> steps,
        OptionalInt measured,
        boolean outside,
        boolean waterproof,
        boolean closes) {

    public Compartment {
        steps = List.copyOf(steps);
    }

    /** From the closed box to the open compartment. */
    public int seconds() {
        return measured.orElse(steps.stream().mapToInt(AccessStep::seconds).sum());
    }

    /** Whether one hand opens all of it. */
    public boolean oneHanded() {
        return steps.stream().allMatch(AccessStep::oneHanded);
    }
}
