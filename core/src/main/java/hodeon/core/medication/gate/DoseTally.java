package hodeon.core.medication.gate;

import hodeon.core.medication.gate.DoseClock.Counted;
import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;

/**
 * What somebody had of one thing in the last 24 hours.
 *
 * @param of the ingredient's id, or of what works on the spot the product's
 * @param name what it is called
 * @param ingredient whether it is counted in mg; else in units of the product
 * @param taken in the last 24 hours, whether or not any label speaks of it
 * @param room for how much more there is room, if any most is said
 * @param limited whether anything at all is said for them
 * @param doses all that are known around the moment, expected ones included
 */
public record DoseTally(
        String of,
        String name,
        boolean ingredient,
        BigDecimal taken,
        Optional<BigDecimal> room,
        boolean limited,
        List<Counted> doses) {

    public DoseTally {
        doses = List.copyOf(doses);
    }
}
