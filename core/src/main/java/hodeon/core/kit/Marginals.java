package hodeon.core.kit;

import hodeon.core.kit.Choice.Candidate;

/**
 * Marginal worths around one optimal allocation. For consumables the optimum is moved along cheapest paths of its
 * residual network, one use at a time, which is again optimal (Ahuja, Magnanti and Orlin, Network Flows, 1993, ch. 9);
 * for durables, which change what every use gains, the allocation is solved again.
 */
public final class Marginals {

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

    /** What one more piece of a consumable adds, in worth, 0 or more. */
    double oneMore(int candidate) {
        return clean(-residual.copy()
                        .added(candidate, choice.candidates().get(candidate).usesPerPiece())
                / unit);
    }

    public Marginal of(int candidate) {
        int here = quantities[candidate];
        Candidate of = choice.candidates().get(candidate);
        if (of.durable()) {
            double more = here == 0 ? with(candidate, 1) - worth : 0;
            double none = here == 0 ? 0 : worth - with(candidate, 0);
            return new Marginal(clean(more), here == 1 ? clean(none) : 0, clean(none));
        }
        int uses = of.usesPerPiece();
        double less = here == 0 ? 0 : residual.copy().removed(candidate, uses) / unit;
        double none = here <= 1 ? less : residual.copy().removed(candidate, here * uses) / unit;
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
