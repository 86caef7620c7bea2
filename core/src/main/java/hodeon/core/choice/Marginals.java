package hodeon.core.choice;

import java.util.HashMap;
import java.util.Map;

/**
 * Marginal worths around one optimal allocation. For consumables the optimum is moved along cheapest paths of its
 * residual network, one use at a time, which is again optimal (Ahuja, Magnanti and Orlin, Network Flows, 1993, ch. 9);
 * for durables, which change what every use gains, the allocation is solved again.
 */
public final class Marginals {

    private static final double ALL = Double.POSITIVE_INFINITY;

    private final Allocator allocator;
    private final Choice choice;
    private final int[] quantities;
    private final double worth;
    private final Residual residual;
    private final double unit;

    Marginals(Allocator allocator, Choice choice, int[] quantities, double worth, Residual residual, double unit) {
        this.allocator = allocator;
        this.choice = choice;
        this.quantities = quantities.clone();
        this.worth = worth;
        this.residual = residual;
        this.unit = unit;
    }

    double worth() {
        return worth;
    }

    /** The same with as many more pieces of a consumable as make one use more, without solving again. */
    Marginals plus(int candidate) {
        int[] more = quantities.clone();
        more[candidate] += choice.candidates().get(candidate).up(quantities[candidate]);
        Residual moved = residual.copy();
        double gain = -moved.added(candidate, usesUp(candidate)) / unit;
        return new Marginals(allocator, choice, more, worth + gain, moved, unit);
    }

    /** What one more piece of a consumable adds, in worth, 0 or more; where several make a use, as many. */
    double oneMore(int candidate) {
        return clean(-residual.copy().added(candidate, usesUp(candidate)) / unit);
    }

    private int usesUp(int candidate) {
        Candidate of = choice.candidates().get(candidate);
        int here = quantities[candidate];
        return of.uses(here + of.up(here)) - of.uses(here);
    }

    private int usesDown(int candidate) {
        Candidate of = choice.candidates().get(candidate);
        int here = quantities[candidate];
        return here == 0 ? 0 : of.uses(here) - of.uses(here - of.down(here));
    }

    /** The same, or, once it is sure to be less than {@code wanted}, at least what it adds. */
    double oneMoreAtMost(int candidate, double wanted) {
        return clean(-residual.copy().added(candidate, usesUp(candidate), -wanted * unit) / unit);
    }

    /** At least what one more piece of each consumable adds, by candidate, because further uses add ever less. */
    Map<Integer, Double> oneMoreAtMost() {
        Map<Integer, Double> most = new HashMap<>();
        residual.firstAdded().forEach((i, cost) -> most.put(i, -cost / unit * usesUp(i)));
        return most;
    }

    /** Whether one piece fewer of a consumable loses less than some worth. */
    boolean losesLess(int candidate, double worth) {
        return residual.copy().removed(candidate, usesDown(candidate), worth * unit) / unit < worth;
    }

    /** What one more piece adds, in worth, 0 or more; of a consumable of which several make a use, what as many add. */
    public double gain(int candidate) {
        if (!choice.candidates().get(candidate).durable()) {
            return oneMore(candidate);
        }
        return quantities[candidate] == 0 ? clean(with(candidate, 1) - worth) : 0;
    }

    public Marginal of(int candidate) {
        int here = quantities[candidate];
        Candidate of = choice.candidates().get(candidate);
        if (of.durable()) {
            double none = here == 0 ? 0 : worth - with(candidate, 0);
            return new Marginal(gain(candidate), here == 1 ? clean(none) : 0, clean(none));
        }
        double less = here == 0 ? 0 : residual.copy().removed(candidate, usesDown(candidate), ALL) / unit;
        double none = here <= 1 ? less : residual.copy().removed(candidate, of.uses(here), ALL) / unit;
        return new Marginal(oneMore(candidate), clean(less), clean(none));
    }

    private double with(int candidate, int pieces) {
        int[] changed = quantities.clone();
        changed[candidate] = pieces;
        return allocator.worth(changed);
    }

    /** Differences of sums leave dust; it is nothing. */
    private static double clean(double worth) {
        return worth < 1e-9 ? 0 : worth;
    }
}
