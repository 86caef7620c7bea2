package hodeon.core.kit;

import hodeon.core.kit.Choice.Candidate;
import hodeon.core.kit.Choice.Floor;
import hodeon.core.kit.Choice.Service;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * Recomputes a plan from scratch, sharing no arithmetic with the {@link Optimiser} or the {@link Allocator}: limits,
 * floors, that nothing is set aside twice, and the worth of what is set aside.
 */
public final class Checker {

    private Checker() {}

    /** Everything that is wrong; empty when the allocation may stand. The mass limit is checked only if asked for. */
    public static List<String> faults(Choice choice, Allocation allocation, boolean withinMass) {
        List<String> faults = new ArrayList<>();
        long milligrams = 0;
        for (int i = 0; i < choice.candidates().size(); i++) {
            Candidate candidate = choice.candidates().get(i);
            int pieces = allocation.quantities().get(i);
            milligrams += candidate.mass().milligrams() * pieces;
            if (pieces < candidate.least() || pieces > candidate.most()) {
                faults.add(candidate.id() + ": " + pieces + " pieces, allowed " + candidate.least() + " to "
                        + candidate.most());
            }
            int index = i;
            long setAside = allocation.shares().stream()
                    .filter(s -> s.candidate() == index)
                    .mapToLong(Allocation.Share::uses)
                    .sum();
            if (candidate.durable() ? setAside > 0 : setAside > (long) pieces * candidate.usesPerPiece()) {
                faults.add(candidate.id() + ": " + setAside + " uses set aside from " + pieces + " pieces");
            }
        }
        if (withinMass && milligrams > choice.massLimit().milligrams()) {
            faults.add(milligrams + " mg is over the limit of "
                    + choice.massLimit().milligrams() + " mg");
        }
        int[] quantities =
                allocation.quantities().stream().mapToInt(Integer::intValue).toArray();
        for (Floor floor : choice.floors()) {
            if (!floor.holds(quantities)) {
                faults.add("floor not kept: " + floor.reason());
            }
        }
        double worth = worth(choice, allocation);
        if (Math.abs(worth - allocation.worth()) > 1e-6 * Math.max(1, worth)) {
            faults.add("worth " + allocation.worth() + " was claimed, " + worth + " is found");
        }
        return faults;
    }

    private static double worth(Choice choice, Allocation allocation) {
        double worth = 0;
        for (int u = 0; u < choice.uses().size(); u++) {
            List<Double> effects = new ArrayList<>();
            double always = 0;
            for (int i = 0; i < choice.candidates().size(); i++) {
                Candidate candidate = choice.candidates().get(i);
                for (Service service : candidate.serves()) {
                    if (service.use() != u) {
                        continue;
                    }
                    if (candidate.durable() && allocation.quantities().get(i) > 0) {
                        always = Math.max(always, service.effect());
                    }
                    for (Allocation.Share share : allocation.shares()) {
                        if (share.candidate() == i && share.use() == u) {
                            for (int n = 0; n < share.uses(); n++) {
                                effects.add(service.effect());
                            }
                        }
                    }
                }
            }
            effects.sort(Comparator.reverseOrder());
            List<Double> atLeast = choice.uses().get(u).atLeast();
            for (int k = 0; k < atLeast.size(); k++) {
                double effect = Math.max(always, k < effects.size() ? effects.get(k) : 0);
                worth += choice.uses().get(u).worth() * effect * atLeast.get(k);
            }
        }
        return worth;
    }
}
