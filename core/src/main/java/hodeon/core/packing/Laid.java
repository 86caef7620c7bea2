package hodeon.core.packing;

import hodeon.core.catalogue.Supply;
import java.util.Optional;

/**
 * A supply that is to be laid into a box, all its pieces together.
 *
 * @param pieces 1 or more
 * @param urgency what a second on the way to it costs, 0 or more; see {@link Urgency}
 * @param pinned id of the compartment where somebody wants it
 */
public record Laid(Supply supply, int pieces, double urgency, Optional<String> pinned) {

    /** In litres. */
    double litres() {
        return supply.volume().times(pieces).litres();
    }
}
