package hodeon.core.kit;

import hodeon.core.units.Mass;
import java.util.List;

/** What the {@link Optimiser} answers. */
public sealed interface Solution {

    /**
     * @param quantities pieces of each candidate
     * @param worth of the best allocation of these pieces
     * @param bound no choice within the limits is worth more than this
     */
    record Found(List<Integer> quantities, double worth, double bound) implements Solution {

        public Found {
            quantities = List.copyOf(quantities);
        }

        /** How far below the bound, as a share of it: 0 is proven best. */
        public double gap() {
            return bound <= 0 ? 0 : Math.max(0, bound - worth) / bound;
        }
    }

    /**
     * What must come does not fit the limit.
     *
     * @param leastMass the least that what must come weighs
     * @param quantities the lightest pieces that keep every floor
     */
    record TooTight(Mass leastMass, List<Integer> quantities) implements Solution {

        public TooTight {
            quantities = List.copyOf(quantities);
        }
    }
}
