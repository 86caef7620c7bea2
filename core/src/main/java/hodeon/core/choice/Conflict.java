package hodeon.core.choice;

import hodeon.core.choice.Choice.Floor;
import hodeon.core.choice.Choice.Limit;
import hodeon.core.choice.Choice.Use;
import hodeon.core.choice.linear.Solver;
import hodeon.core.choice.linear.Solver.Ending;
import java.math.BigDecimal;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.UnaryOperator;

/**
 * Why nothing fits: floors and limits of which each is needed for the contradiction, found by leaving out one after
 * another and keeping out what is not needed (deletion filtering: J. W. Chinneck and E. W. Dravnieks, ORSA J Comput 1991;
 * 3: 157–168). When time runs out, what was not tried yet is named too.
 */
final class Conflict {

    /** Something asked for that could be dropped. */
    private record Demand(String words, UnaryOperator<Choice> dropped) {}

    private final Choice choice;
    private final Solver solver;
    private final Duration patience;

    Conflict(Choice choice, Solver solver, Duration patience) {
        this.choice = choice;
        this.solver = solver;
        this.patience = patience;
    }

    Solution.TooTight explain() {
        long start = System.nanoTime();
        Choice remaining = choice;
        List<String> needed = new ArrayList<>();
        for (Demand demand : demands()) {
            Choice without = demand.dropped().apply(remaining);
            boolean inTime = System.nanoTime() - start < patience.toNanos();
            if (!inTime || fits(without)) {
                needed.add(demand.words());
            } else {
                remaining = without;
            }
        }
        return new Solution.TooTight(lightest(), needed);
    }

    private boolean fits(Choice some) {
        return solver.maximise(Formulation.sparing(some, nothing()).model(), 1, patience)
                        .ending()
                != Ending.INFEASIBLE;
    }

    /** Pieces that keep every floor and take least of the first limit, whatever the limits say; empty if there are none. */
    List<Integer> lightest() {
        Choice free = choice.withLimits(List.of(), OptionalInt.empty());
        Limit spared = choice.limits().isEmpty() ? nothing() : choice.limits().getFirst();
        Formulation formulation = Formulation.sparing(free, spared);
        Optional<Solver.Answer> answer = Optimiser.sought(
                allowed -> Optional.of(solver.maximise(formulation.model(), 1e-9, allowed))
                        .filter(a -> a.ending() != Ending.NOTHING_FOUND),
                patience);
        return answer.map(Solver.Answer::values)
                .filter(values -> values.length > 0)
                .map(values -> Optimiser.listOf(Optimiser.whole(formulation.pieces(values))))
                .orElse(List.of());
    }

    private Limit nothing() {
        return new Limit("nothing", choice.candidates().stream().map(c -> 0.0).toList(), 0);
    }

    /** Everything that could be dropped; limits last, so that they are named when they are to blame. */
    private List<Demand> demands() {
        List<Demand> demands = new ArrayList<>();
        for (Floor floor : choice.floors()) {
            demands.add(new Demand(floor.reason(), c -> c.withFloors(without(c.floors(), floor))));
        }
        for (Use use : choice.uses()) {
            if (use.floor() > 0) {
                demands.add(new Demand(use.floorInWords(), c -> c.withUses(floorless(c.uses(), use.id()))));
            }
        }
        for (Limit limit : choice.limits()) {
            demands.add(new Demand(
                    "at most " + plain(limit.most()) + " " + limit.what(),
                    c -> c.withLimits(without(c.limits(), limit), c.mostKinds())));
        }
        choice.mostKinds()
                .ifPresent(most -> demands.add(
                        new Demand("at most " + most + " kinds", c -> c.withLimits(c.limits(), OptionalInt.empty()))));
        return demands;
    }

    private static <T> List<T> without(List<T> all, T one) {
        return all.stream().filter(t -> !t.equals(one)).toList();
    }

    private static List<Use> floorless(List<Use> uses, String id) {
        return uses.stream()
                .map(u -> u.id().equals(id) ? new Use(u.id(), u.worth(), u.atLeast()) : u)
                .toList();
    }

    private static String plain(double number) {
        return BigDecimal.valueOf(number).stripTrailingZeros().toPlainString();
    }
}
