package hodeon.core.stock;

import hodeon.core.stock.Movement.Holding;
import hodeon.core.stock.Movement.Posting;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * What a row of movements leaves where. The movements are the truth; what lies where is worked out from them.
 *
 * <p>Worked example: 20 plasters come to the shelf, 8 are moved to the pouch, 3 of those are used and the use is undone:
 * the shelf holds 12 and the pouch 8.
 */
public final class Ledger {

    private Ledger() {}

    /** Taking more than there is. */
    public static final class TooFew extends IllegalStateException {

        private static final long serialVersionUID = 1;

        private final transient Holding holding;
        private final int there;
        private final int wanted;

        public TooFew(Holding holding, int there, int wanted) {
            super("There are " + there + " pieces, not " + wanted + ".");
            this.holding = holding;
            this.there = there;
            this.wanted = wanted;
        }

        public Holding holding() {
            return holding;
        }

        public int there() {
            return there;
        }

        public int wanted() {
            return wanted;
        }
    }

    /** Pieces of each holding that has any; throws {@link TooFew} at the first movement that takes what is not there. */
    public static Map<Holding, Integer> holdings(List<Movement> movements) {
        Map<Holding, Integer> held = new LinkedHashMap<>();
        for (Movement movement : movements) {
            for (Posting posting : movement.postings()) {
                int there = held.getOrDefault(posting.holding(), 0);
                if (there + posting.change() < 0) {
                    throw new TooFew(posting.holding(), there, -posting.change());
                }
                held.put(posting.holding(), Math.addExact(there, posting.change()));
            }
        }
        held.values().removeIf(pieces -> pieces == 0);
        return held;
    }
}
