package hodeon.app.simulated;

import hodeon.core.units.Mass;
import java.util.Random;

/** A kitchen scale with whole grams and a hand that is not quite steady. */
final class SimulatedScale {

    private static final int READINGS = 5;
    private static final double UNSTEADY_GRAMS = 0.4;

    private final Random random;

    SimulatedScale(long seed) {
        random = new Random(seed);
    }

    /** In grams. */
    double[] weigh(Mass on) {
        return random.doubles(READINGS)
                .map(r -> Math.rint(on.grams() + (2 * r - 1) * UNSTEADY_GRAMS))
                .toArray();
    }
}
