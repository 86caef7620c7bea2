package hodeon.core.choice;

import hodeon.core.choice.Pools.Pool;
import hodeon.core.choice.linear.Model;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * What one {@link Pool} of slots earns, written into the model of a {@link Formulation}.
 *
 * @param pieces the variable of each candidate's pieces
 * @param least fewest pieces of each candidate
 * @param anyOf the variable that says whether any pieces of a candidate come; −1 where none says it
 */
record PoolFormulation(Choice choice, Model model, int[] pieces, int[] least, int[] anyOf) {

    /** What an offer can give: uses set aside of a consumable, or the pieces of a durable themselves. */
    record Given(int candidate, double effect, int variable, int atMost, boolean durable) {}

    void keepFloor(Pool pool, List<Given> given) {
        if (pool.floor() > 0) {
            Model.Sum enough = model.sum();
            given.forEach(g -> enough.add(g.variable(), g.durable() ? pool.floor() : 1));
            enough.atLeast(pool.floor());
        }
    }

    void earn(Pool pool, List<Given> given) {
        List<Double> effects = given.stream()
                .map(Given::effect)
                .distinct()
                .sorted(Comparator.reverseOrder())
                .toList();
        for (int l = 0; l < effects.size(); l++) {
            double effect = effects.get(l);
            double gain = effect - (l + 1 < effects.size() ? effects.get(l + 1) : 0);
            earn(pool, given.stream().filter(g -> g.effect() >= effect).toList(), gain);
        }
    }

    /** Worth of being served with some effect or better, by any of {@code given}. */
    private void earn(Pool pool, List<Given> given, double gain) {
        if (given.stream().anyMatch(g -> g.durable() && least[g.variable()] > 0)) {
            // Comes in any case: a constant, left out by name but not from the worth.
            model.variable(1, 1, false, gain * pool.worth());
            return;
        }
        int byDurable = -1;
        if (given.stream().anyMatch(Given::durable)) {
            byDurable = model.variable(0, 1, false, gain * pool.worth());
            Model.Sum there = model.sum().add(byDurable, 1);
            given.stream().filter(Given::durable).forEach(g -> there.add(g.variable(), -1));
            there.atMost(0);
        }
        int slots = Math.min(
                pool.slots().size(), given.stream().mapToInt(Given::atMost).sum());
        if (slots == 0) {
            return;
        }
        Model.Sum enough = model.sum();
        given.stream().filter(g -> !g.durable()).forEach(g -> enough.add(g.variable(), -1));
        List<Integer> slotVariables = new ArrayList<>();
        for (int k = 0; k < slots; k++) {
            int served = model.variable(0, 1, false, gain * pool.slots().get(k).worth());
            enough.add(served, 1);
            slotVariables.add(served);
            if (byDurable >= 0) {
                model.sum().add(served, 1).add(byDurable, 1).atMost(1);
            }
        }
        enough.atMost(0);
        wholePieces(given, slotVariables);
        int any = anyOfAll(given);
        if (any >= 0) {
            // Without this, half of a pair would serve the first use whole in the relaxation.
            for (int served : slotVariables) {
                model.sum().add(served, 1).add(any, -1).atMost(0);
            }
        }
    }

    /** Where only pieces of several uses serve, no slot is served by less than one of them. */
    private void wholePieces(List<Given> given, List<Integer> slotVariables) {
        List<Given> consumables = given.stream().filter(g -> !g.durable()).toList();
        if (consumables.stream()
                .allMatch(g -> choice.candidates().get(g.candidate()).usesPerPiece() > 1)) {
            for (int served : slotVariables) {
                Model.Sum whole = model.sum().add(served, 1);
                consumables.forEach(g -> whole.add(pieces[g.candidate()], -1));
                whole.atMost(0);
            }
        }
    }

    /** The variable that says whether any of the only candidates that could serve come; −1 if there is none. */
    private int anyOfAll(List<Given> given) {
        List<Integer> all =
                given.stream().map(g -> anyOf[g.candidate()]).distinct().toList();
        return all.size() == 1 ? all.getFirst() : -1;
    }
}
