package hodeon.core.kit;

import java.util.List;

/**
 * Which piece is meant for which use, and what that is worth.
 *
 * @param quantities pieces of each candidate
 * @param shares uses of consumables set aside for steps
 * @param worthByUse worth of each use of the {@link Choice}
 */
public record Allocation(List<Integer> quantities, List<Share> shares, List<Double> worthByUse) {

    /** So many uses of a candidate set aside for a use of the choice. */
    public record Share(int candidate, int use, int uses) {}

    public Allocation {
        quantities = List.copyOf(quantities);
        shares = List.copyOf(shares);
        worthByUse = List.copyOf(worthByUse);
    }

    public double worth() {
        return worthByUse.stream().mapToDouble(Double::doubleValue).sum();
    }
}
