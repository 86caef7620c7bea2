package hodeon.core.choice;

import hodeon.core.choice.Choice.Floor;
import hodeon.core.choice.Choice.Limit;
import hodeon.core.choice.Choice.Service;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * Recomputes a plan from scratch, sharing no arithmetic with the {@link Optimiser} or the {@link Allocator}: limits,
 * floors, that nothing is set aside twice, and the worth of what is set aside.
 */
public final class Checker {

    private Checker() {}

    /** Everything that is wrong; empty when the allocation may stand. Limits are checked only if asked for. */
    public static List<String> faults(Choice choice, Allocation allocation, boolean withinLimits) {
        List<String> faults = new ArrayList<>();
        for (int i = 0; i < choice.candidates().size(); i++) {
            Candidate candidate = choice.candidates().get(i);
            int pieces = allocation.quantities().get(i);
            if (pieces < candidate.least() || pieces > candidate.most()) {
                faults.add(candidate.id() + ": " + pieces + " pieces, allowed " + candidate.least() + " to "
                        + candidate.most());
            }
            int index = i;
            long setAside = allocation.shares().stream()
                    .filter(s -> s.candidate() == index)
                    .mapToLong(Allocation.Share::uses)
                    .sum();
            if (candidate.durable() ? setAside > 0 : setAside > pieces * candidate.usesPerPiece() + 1e-9) {
                faults.add(candidate.id() + ": " + setAside + " uses set aside from " + pieces + " pieces");
            }
        }
        int[] quantities =
                allocation.quantities().stream().mapToInt(Integer::intValue).toArray();
        if (withinLimits) {
            for (Limit limit : choice.limits()) {
                BigDecimal taken = BigDecimal.ZERO;
                for (int i = 0; i < quantities.length; i++) {
                    taken = taken.add(
                            BigDecimal.valueOf(limit.perPiece().get(i)).multiply(BigDecimal.valueOf(quantities[i])));
                }
                if (taken.compareTo(BigDecimal.valueOf(limit.most())) > 0) {
                    faults.add(taken.toPlainString() + " is over the limit of " + limit.most() + " " + limit.what());
                }
            }
            long kinds = allocation.quantities().stream().filter(n -> n > 0).count();
            choice.mostKinds().ifPresent(most -> {
                if (kinds > most) {
                    faults.add(kinds + " kinds, allowed " + most);
                }
            });
        }
        for (int u = 0; u < choice.uses().size(); u++) {
            int floor = choice.uses().get(u).floor();
            if (served(choice, allocation, u) < floor) {
                faults.add("floor not kept: " + choice.uses().get(u).id() + " served " + floor + " times");
            }
        }
        for (Floor floor : choice.floors()) {
            if (!floor.holds(quantities)) {
                faults.add("floor not kept: " + floor.reason());
            }
        }
        if (!choice.companyHolds(quantities)) {
            faults.add("something lacks what it needs beside it, or comes in two kinds of which one will do");
        }
        double worth = worth(choice, allocation);
        if (Math.abs(worth - allocation.worth()) > 1e-6 * Math.max(1, worth)) {
            faults.add("worth " + allocation.worth() + " was claimed, " + worth + " is found");
        }
        return faults;
    }

    private static long served(Choice choice, Allocation allocation, int use) {
        for (int i = 0; i < choice.candidates().size(); i++) {
            Candidate candidate = choice.candidates().get(i);
            boolean serves = candidate.serves().stream().anyMatch(s -> s.use() == use);
            if (candidate.durable() && serves && allocation.quantities().get(i) > 0) {
                return Long.MAX_VALUE;
            }
        }
        return allocation.shares().stream()
                .filter(s -> s.use() == use)
                .mapToLong(Allocation.Share::uses)
                .sum();
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
