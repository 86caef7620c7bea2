package hodeon.core.packing;

import hodeon.core.catalogue.Supply;
import java.util.List;
import java.util.Optional;

/** What is laid into a box as one: some pieces of a supply, or a module with all that lies in it. */
public sealed interface Laid {

    /** Tells it from whatever else lies in the same box. */
    String id();

    /** In litres. */
    double litres();

    /** What a second on the way to it costs, 0 or more; see {@link Urgency}. */
    double urgency();

    /** Id of the compartment where somebody wants it. */
    Optional<String> pinned();

    /**
     * Pieces of one supply that lie together.
     *
     * @param pieces 1 or more
     * @param spare whether other pieces of it come before these
     */
    record Handful(String id, Supply supply, int pieces, boolean spare, double urgency, Optional<String> pinned)
            implements Laid {

        @Override
        public double litres() {
            return supply.volume().times(pieces).litres();
        }

        /**
         * What a hand wants first goes by itself where the box has a place for it, and its spares may lie deeper: one tourniquet
         * staged, two pairs of gloves on top.
         *
         * @param pieces 1 or more
         */
        public static List<Handful> of(Supply supply, int pieces, double urgency, List<Compartment> box) {
            int first = PackingRule.firstPieces(supply, box);
            return first == 0 || pieces <= first
                    ? List.of(new Handful(supply.id(), supply, pieces, false, urgency, Optional.empty()))
                    : List.of(
                            new Handful(supply.id(), supply, first, false, urgency, Optional.empty()),
                            new Handful(
                                    supply.id() + " spare",
                                    supply,
                                    pieces - first,
                                    true,
                                    urgency * Urgency.OF_A_SPARE,
                                    Optional.empty()));
        }
    }

    /** A module, as urgent as the most urgent thing in it. */
    record Pouch(String id, String name, double litres, double urgency, Optional<String> pinned) implements Laid {}
}
