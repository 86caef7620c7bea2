package hodeon.core.choice;

import java.util.List;

/**
 * Which piece is meant for which use, and what that is worth.
 *
 * @param quantities pieces of each candidate
 * @param shares uses of consumables set aside
 * @param worthByUse worth of each use of the {@link Choice}
 * @param servedByUse how many uses of each are served; all that could be needed where a durable serves
 */
public record Allocation(
        List<Integer> quantities, List<Share> shares, List<Double> worthByUse, List<Integer> servedByUse) {

    /** So many uses of a candidate set aside for a use of the choice. */
    public record Share(int candidate, int use, int uses) {}

    public Allocation {
        quantities = List.copyOf(quantities);
        shares = List.copyOf(shares);
        worthByUse = List.copyOf(worthByUse);
        servedByUse = List.copyOf(servedByUse);
    }

    public double worth() {
        return worthByUse.stream().mapToDouble(Double::doubleValue).sum();
    }

    /** Whether as many uses are served as each use's floor asks for. */
    public boolean keepsUseFloors(Choice choice) {
        for (int u = 0; u < servedByUse.size(); u++) {
            if (servedByUse.get(u) < choice.uses().get(u).floor()) {
                return false;
            }
        }
        return true;
    }
}
