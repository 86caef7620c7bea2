package hodeon.core.choice;

import java.util.Arrays;
import java.util.Comparator;
import java.util.PriorityQueue;
import java.util.stream.IntStream;

/**
 * The last touches to a good kit: pieces that serve nothing stay home, and what is left of the limits is used, piece by
 * piece, for what adds most for what it takes and more than it costs. Neither can lower what is left of the worth.
 */
final class LocalSearch {

    private static final double IDLE_WORTH = 1e-6;
    private static final int MOST_FILLED = 60;

    /** Promises looked at; far more than are ever needed, so that nothing can go on for ever. */
    private static final int MOST_LOOKS = 20_000;

    /** Two promises nearer than this are the same: else two that round alike send each other back for ever. */
    private static final double SAME = 1e-9;

    private final Choice choice;
    private final Allocator allocator;
    private final double leastGain;

    /** @param worthwhile the least that a piece must add to be put in */
    LocalSearch(Choice choice, Allocator allocator, double worthwhile) {
        this.choice = choice;
        this.allocator = allocator;
        this.leastGain = Math.max(IDLE_WORTH, worthwhile);
    }

    void polish(int[] quantities) {
        withinLimits(quantities);
        Marginals around = withoutIdlePieces(quantities);
        // What is around one allocation knows of one use more of each kind: what came may make room for yet another.
        while (filled(quantities, around)) {
            around = allocator.marginals(quantities);
        }
    }

    /** The solver keeps limits to a millionth; where that shows, the piece that is missed least goes. */
    private void withinLimits(int[] quantities) {
        while (!choice.limits().stream().allMatch(l -> l.holds(quantities))) {
            Marginals marginals = allocator.marginals(quantities);
            int missedLeast = -1;
            double least = Double.POSITIVE_INFINITY;
            for (int i = 0; i < quantities.length; i++) {
                if (mayGo(i, quantities) && marginals.of(i).oneLess() < least) {
                    least = marginals.of(i).oneLess();
                    missedLeast = i;
                }
            }
            if (missedLeast < 0) {
                return;
            }
            quantities[missedLeast] -= down(missedLeast, quantities);
        }
    }

    private boolean mayGo(int candidate, int[] quantities) {
        if (quantities[candidate] <= choice.candidates().get(candidate).least()) {
            return false;
        }
        int down = down(candidate, quantities);
        quantities[candidate] -= down;
        boolean holds = choice.floors().stream().allMatch(f -> f.holds(quantities)) && choice.companyHolds(quantities);
        quantities[candidate] += down;
        return holds;
    }

    /** Pieces that may go at once, so that none is left over from a use. */
    private int down(int candidate, int[] quantities) {
        var of = choice.candidates().get(candidate);
        return Math.min(of.down(quantities[candidate]), quantities[candidate] - of.least());
    }

    private int up(int candidate, int[] quantities) {
        return choice.candidates().get(candidate).up(quantities[candidate]);
    }

    private Marginals withoutIdlePieces(int[] quantities) {
        Allocator.Solved now = allocator.solve(quantities);
        Integer[] heaviestFirst = IntStream.range(0, quantities.length).boxed().toArray(Integer[]::new);
        Arrays.sort(heaviestFirst, Comparator.comparingDouble((Integer i) -> -share(i)));
        for (int i : heaviestFirst) {
            while (quantities[i] > choice.candidates().get(i).least() && seemsIdle(now, i, saved(i, quantities))) {
                int down = down(i, quantities);
                double saved = saved(i, quantities);
                quantities[i] -= down;
                Allocator.Solved without = allocator.solve(quantities);
                if (!allowedDown(quantities, without.allocation())
                        || now.allocation().worth() - without.allocation().worth() > saved) {
                    quantities[i] += down;
                    break;
                }
                now = without;
            }
        }
        return now.marginals();
    }

    /** Surely not for a consumable that would be missed; a durable is tried. */
    private boolean seemsIdle(Allocator.Solved now, int candidate, double saved) {
        return choice.candidates().get(candidate).durable()
                ? !aloneAtSomething(now.allocation(), candidate)
                : now.marginals().losesLess(candidate, saved);
    }

    /** What going without the pieces of one use saves of the burden; at least what counts as nothing. */
    private double saved(int candidate, int[] quantities) {
        int down = down(candidate, quantities);
        return IDLE_WORTH
                + down * choice.burden().ofPiece(candidate)
                + (down == quantities[candidate] ? choice.burden().ofKind(candidate) : 0);
    }

    /** What the pieces of one use more add to the burden. */
    private double cost(int candidate, int[] quantities) {
        return up(candidate, quantities) * choice.burden().ofPiece(candidate)
                + (quantities[candidate] == 0 ? choice.burden().ofKind(candidate) : 0);
    }

    /** Whether a durable does something that no other durable there does at least as well. */
    private boolean aloneAtSomething(Allocation allocation, int candidate) {
        return choice.candidates().get(candidate).serves().stream()
                .anyMatch(s -> IntStream.range(0, allocation.quantities().size())
                        .noneMatch(other -> other != candidate
                                && allocation.quantities().get(other) > 0
                                && choice.candidates().get(other).durable()
                                && choice.candidates().get(other).serves().stream()
                                        .anyMatch(o -> o.use() == s.use() && o.effect() >= s.effect())));
    }

    private boolean allowedDown(int[] quantities, Allocation allocation) {
        return choice.floors().stream().allMatch(f -> f.holds(quantities))
                && choice.companyHolds(quantities)
                && allocation.keepsUseFloors(choice);
    }

    /**
     * Adding anything only lowers what anything else would add, so what a piece would once have added bounds what it adds
     * now, and few need be computed again (lazy greedy: M. Minoux, Lecture Notes in Control and Information Sciences 1978;
     * 7: 234–243).
     *
     * @return whether anything was added
     */
    private boolean filled(int[] quantities, Marginals around) {
        Marginals marginals = around;
        PriorityQueue<Promise> promises = new PriorityQueue<>(
                Comparator.comparingDouble(Promise::perShare).reversed().thenComparing(Promise::candidate));
        marginals.oneMoreAtMost().forEach((i, gain) -> promises.add(new Promise(i, gain / share(i), -1)));
        int added = 0;
        for (int looks = 0; looks < MOST_LOOKS && added < MOST_FILLED && !promises.isEmpty(); looks++) {
            Promise best = promises.remove();
            int i = best.candidate();
            if (best.perShare() * share(i) <= leastGain + cost(i, quantities) || !mayCome(i, quantities)) {
                continue;
            }
            if (best.computedAfter() == added) {
                quantities[i] += up(i, quantities);
                marginals = marginals.plus(i);
                added++;
                promises.add(new Promise(i, best.perShare(), -1));
            } else {
                double wanted = promises.isEmpty() ? 0 : promises.peek().perShare() * share(i) * (1 - SAME);
                double gain = marginals.oneMoreAtMost(i, wanted);
                promises.add(new Promise(i, gain / share(i), gain >= wanted ? added : -1));
            }
        }
        return added > 0;
    }

    /** What one more piece adds for what it takes, computed when so many had been added; later it may only be less. */
    private record Promise(int candidate, double perShare, int computedAfter) {}

    /** What the pieces of one use, or one piece of several, take of the limits, as the largest share of any; never 0. */
    private double share(int candidate) {
        return Math.max(1, 1 / choice.candidates().get(candidate).usesPerPiece())
                        * choice.limits().stream()
                                .mapToDouble(l -> l.perPiece().get(candidate) / Math.max(1e-9, l.most()))
                                .max()
                                .orElse(0)
                + 1e-9;
    }

    private boolean mayCome(int candidate, int[] quantities) {
        int up = up(candidate, quantities);
        quantities[candidate] += up;
        boolean allowed = choice.allows(quantities);
        quantities[candidate] -= up;
        return allowed;
    }
}
