package hodeon.core.choice;

import hodeon.core.choice.Choice.Floor;
import hodeon.core.choice.Choice.Limit;
import hodeon.core.choice.Pools.Offer;
import hodeon.core.choice.Pools.Pool;
import hodeon.core.choice.linear.Model;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.ToDoubleFunction;

/**
 * A {@link Choice} written as a {@link Model}; only the pieces are whole numbers, because the worth of the k-th use falls
 * with k.
 *
 * <p>For each {@link Pool} with effects e_1 > e_2 > … (0 below the last): a variable 0..1 for "the k-th slot is served
 * with effect e_l or better", worth (e_l − e_{l+1}) · w_k, together at most the uses set aside from candidates of effect
 * e_l or better; one variable 0..1 for "a durable of effect e_l or better serves them all" replaces them.
 */
final class Formulation {

    private final Choice choice;
    private final int[] least;
    private final int[] most;
    private final Model model = new Model();
    private final int[] pieces;
    /** For candidates of which none or at least so many must come: the variable that says whether any do; else −1. */
    private final int[] anyOf;
    /** For candidates whose coming at all matters: the variable that says whether any come; else −1. */
    private final int[] comes;

    /** Makes the most of the uses. */
    static Formulation earning(Choice choice) {
        return earning(
                choice,
                choice.candidates().stream().mapToInt(Candidate::least).toArray(),
                choice.candidates().stream().mapToInt(Candidate::most).toArray());
    }

    /** Makes the most of the uses with narrower ranges of pieces. */
    static Formulation earning(Choice choice, int[] least, int[] most) {
        return new Formulation(choice, least, Room.most(choice, least, most), i -> 0.0, 1);
    }

    /** Keeps everything of the choice and takes as little as can be of what {@code spared} limits. */
    static Formulation sparing(Choice choice, Limit spared) {
        return new Formulation(
                choice,
                choice.candidates().stream().mapToInt(Candidate::least).toArray(),
                choice.candidates().stream().mapToInt(Candidate::most).toArray(),
                i -> -spared.perPiece().get(i) - 1e-9,
                0);
    }

    private Formulation(Choice choice, int[] least, int[] most, ToDoubleFunction<Integer> ofPiece, double ofUses) {
        this.choice = choice;
        this.least = least;
        this.most = most;
        this.pieces = new int[choice.candidates().size()];
        this.anyOf = new int[pieces.length];
        Arrays.fill(anyOf, -1);
        for (int i = 0; i < pieces.length; i++) {
            pieces[i] = model.variable(
                    least[i],
                    most[i],
                    true,
                    ofPiece.applyAsDouble(i) - ofUses * choice.burden().ofPiece(i));
        }
        this.comes = new int[pieces.length];
        Arrays.fill(comes, -1);
        if (ofUses > 0) {
            burdenKinds();
        }
        choice.needs().forEach(this::keep);
        choice.alternatives().forEach(this::keepOneOf);
        choice.floors().forEach(this::keep);
        choice.limits().forEach(this::keep);
        keepKinds();
        serve(ofUses);
    }

    Model model() {
        return model;
    }

    /** The pieces among the values of a solved model, whole or not. */
    double[] pieces(double[] values) {
        double[] of = new double[pieces.length];
        for (int i = 0; i < of.length; i++) {
            of[i] = values[pieces[i]];
        }
        return of;
    }

    private void keep(Floor floor) {
        Model.Sum enough = model.sum();
        for (int c = 0; c < floor.candidates().size(); c++) {
            // A roll of sixty uses keeps a floor of two as one of two does: without this a thirtieth of it would do.
            enough.add(
                    pieces[floor.candidates().get(c)],
                    Math.min(floor.pieces(), floor.each().get(c)));
        }
        if (!floor.orNone()) {
            enough.atLeast(floor.pieces());
            return;
        }
        boolean alone = floor.candidates().size() == 1;
        int any = alone ? comes(floor.candidates().getFirst()) : model.variable(0, 1, true, 0);
        enough.add(any, -floor.pieces()).atLeast(0);
        for (int i : floor.candidates()) {
            if (!alone) {
                model.sum().add(pieces[i], 1).add(any, -most[i]).atMost(0);
            }
            anyOf[i] = any;
        }
    }

    private void keep(Limit limit) {
        Model.Sum sum = model.sum();
        for (int i = 0; i < pieces.length; i++) {
            if (limit.perPiece().get(i) > 0 && most[i] > 0) {
                sum.add(pieces[i], limit.perPiece().get(i));
            }
        }
        sum.atMost(limit.most());
    }

    private void keepKinds() {
        if (choice.mostKinds().isEmpty()) {
            return;
        }
        Model.Sum kinds = model.sum();
        for (int i = 0; i < pieces.length; i++) {
            if (most[i] > 0) {
                kinds.add(comes(i), 1);
            }
        }
        kinds.atMost(choice.mostKinds().getAsInt());
    }

    private void burdenKinds() {
        for (int i = 0; i < pieces.length; i++) {
            if (most[i] > 0 && choice.burden().ofKind(i) > 0) {
                comes(i, -choice.burden().ofKind(i));
            }
        }
    }

    private void keep(Choice.Need need) {
        if (most[need.candidate()] > 0) {
            Model.Sum beside = model.sum().add(comes(need.candidate()), 1);
            need.anyOf().forEach(i -> beside.add(pieces[i], -1));
            beside.atMost(0);
        }
    }

    private void keepOneOf(List<Integer> candidates) {
        Model.Sum kinds = model.sum();
        candidates.stream().filter(i -> most[i] > 0).forEach(i -> kinds.add(comes(i), 1));
        kinds.atMost(1);
    }

    /** The variable that says whether any pieces of a candidate come. */
    private int comes(int candidate) {
        return comes[candidate] >= 0 ? comes[candidate] : comes(candidate, 0);
    }

    private int comes(int candidate, double worth) {
        comes[candidate] = model.variable(least[candidate] > 0 ? 1 : 0, 1, true, worth);
        model.sum()
                .add(pieces[candidate], 1)
                .add(comes[candidate], -most[candidate])
                .atMost(0);
        return comes[candidate];
    }

    private void serve(double ofUses) {
        Model.Sum[] stock = new Model.Sum[pieces.length];
        for (Pool pool : Pools.of(choice)) {
            List<PoolFormulation.Given> given = new ArrayList<>();
            for (Offer offer : pool.offers()) {
                Candidate candidate = choice.candidates().get(offer.candidate());
                int i = offer.candidate();
                if (most[i] == 0) {
                    continue;
                }
                if (candidate.durable()) {
                    given.add(new PoolFormulation.Given(i, offer.effect(), pieces[i], 0, true));
                } else {
                    int atMost = Math.min(pool.slots().size(), candidate.uses(most[i]));
                    int setAside = model.variable(0, atMost, false, 0);
                    if (stock[i] == null) {
                        stock[i] = model.sum().add(wholeUses(i), -Math.max(1, candidate.usesPerPiece()));
                    }
                    stock[i].add(setAside, 1);
                    if (comes[i] >= 0 && atMost < candidate.uses(most[i])) {
                        // Without this a sliver of a kind that serves many pools would come for a sliver of its price.
                        model.sum().add(setAside, 1).add(comes[i], -atMost).atMost(0);
                    }
                    if (candidate.usesPerPiece() > pool.slots().size()) {
                        // A roll with more uses than anybody wants must still be whole.
                        model.sum()
                                .add(setAside, 1)
                                .add(pieces[i], -pool.slots().size())
                                .atMost(0);
                    }
                    given.add(new PoolFormulation.Given(i, offer.effect(), setAside, atMost, false));
                }
            }
            PoolFormulation one = new PoolFormulation(choice, model, pieces, least, anyOf);
            one.keepFloor(pool, given);
            if (ofUses > 0) {
                one.earn(pool, given);
            }
        }
        for (Model.Sum sum : stock) {
            if (sum != null) {
                sum.atMost(0);
            }
        }
    }

    /** Pieces, or, where several are one use, the whole uses that they make. */
    private int wholeUses(int candidate) {
        Candidate of = choice.candidates().get(candidate);
        if (of.usesPerPiece() >= 1) {
            return pieces[candidate];
        }
        int uses = model.variable(0, of.uses(most[candidate]), true, 0);
        model.sum().add(uses, 1 / of.usesPerPiece()).add(pieces[candidate], -1).atMost(0);
        return uses;
    }
}
