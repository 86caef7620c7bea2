package hodeon.core.choice;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.OptionalInt;
import java.util.function.IntUnaryOperator;
import java.util.stream.IntStream;

/**
 * A question for the {@link Optimiser}: which whole numbers of candidates make the most of the uses they serve, within
 * limits and above floors. It knows nothing of first aid, so that anybody can check it with own numbers.
 *
 * @param candidates what could be taken
 * @param uses what it would be used for
 * @param floors what must come whatever it earns
 * @param limits what all pieces may take together
 * @param mostKinds the most candidates of which there may be any, if that is limited
 * @param burden what all pieces cost besides, in worth: the answer makes the most of worth less burden
 * @param needs what counts only beside something else
 * @param alternatives sets of candidates of which at most one kind comes
 */
public record Choice(
        List<Candidate> candidates,
        List<Use> uses,
        List<Floor> floors,
        List<Limit> limits,
        OptionalInt mostKinds,
        Burden burden,
        List<Need> needs,
        List<List<Integer>> alternatives) {

    /** A choice that costs nothing but what limits say, of candidates that stand alone. */
    public Choice(
            List<Candidate> candidates, List<Use> uses, List<Floor> floors, List<Limit> limits, OptionalInt mostKinds) {
        this(candidates, uses, floors, limits, mostKinds, Burden.NONE, List.of(), List.of());
    }

    /**
     * What having pieces costs, in worth.
     *
     * @param perPiece of each candidate, 0 or more; empty where no piece costs anything
     * @param perKind of each candidate of which there is any, 0 or more; empty where no kind costs anything
     */
    public record Burden(List<Double> perPiece, List<Double> perKind) {

        public static final Burden NONE = new Burden(List.of(), List.of());

        public Burden {
            perPiece = List.copyOf(perPiece);
            perKind = List.copyOf(perKind);
        }

        /** So many times as dear, 0 or more. */
        public Burden times(double factor) {
            return new Burden(
                    perPiece.stream().map(p -> factor * p).toList(),
                    perKind.stream().map(p -> factor * p).toList());
        }

        public double ofPiece(int candidate) {
            return perPiece.isEmpty() ? 0 : perPiece.get(candidate);
        }

        public double ofKind(int candidate) {
            return perKind.isEmpty() ? 0 : perKind.get(candidate);
        }

        public double of(int[] quantities) {
            double sum = 0;
            for (int i = 0; i < quantities.length; i++) {
                sum += quantities[i] * ofPiece(i) + (quantities[i] > 0 ? ofKind(i) : 0);
            }
            return sum;
        }
    }

    /**
     * Pieces of a candidate may come only beside at least one piece of these.
     *
     * @param candidate index into {@link Choice#candidates}
     * @param anyOf indices of what it needs one of
     */
    public record Need(int candidate, List<Integer> anyOf) {

        public Need {
            anyOf = List.copyOf(anyOf);
        }

        public boolean holds(int[] quantities) {
            return quantities[candidate] == 0 || anyOf.stream().anyMatch(i -> quantities[i] > 0);
        }
    }

    /**
     * @param use index into {@link Choice#uses}
     * @param effect 0 exclusive to 1 inclusive, as a share of the thing made for it
     */
    public record Service(int use, double effect) {}

    /**
     * @param worth of one use served with full effect if it is needed for sure
     * @param atLeast P(one or more), P(two or more), …, falling
     * @param floor fewest uses that must be served, whatever they are worth
     */
    public record Use(String id, double worth, List<Double> atLeast, int floor) {

        public Use {
            atLeast = List.copyOf(atLeast);
        }

        public Use(String id, double worth, List<Double> atLeast) {
            this(id, worth, atLeast, 0);
        }

        /** What it would be worth to serve every use with full effect. */
        public double ideal() {
            return worth * atLeast.stream().mapToDouble(Double::doubleValue).sum();
        }

        /** What the k-th use is worth at full effect, counted from 0; 0 beyond those that could be needed. */
        public double worthOf(int k) {
            return k < atLeast.size() ? worth * atLeast.get(k) : 0;
        }

        /** The floor in words, as a {@link Solution.TooTight} names it. */
        public String floorInWords() {
            return id + ": at least " + floor + " served";
        }

        /** How many uses anything could be set aside for. */
        int slots() {
            return Math.max(atLeast.size(), floor);
        }
    }

    /**
     * At least so much over a set of candidates; with {@code orNone} none at all will do too.
     *
     * @param reason what is asked for, in words
     * @param why it is asked for, as read after “whatever the odds: ”; empty if the reason says it
     * @param candidates indices into {@link Choice#candidates}
     * @param each what one piece of each of them counts, above 0
     * @param pieces least sum
     */
    public record Floor(
            String reason, String why, List<Integer> candidates, List<Double> each, int pieces, boolean orNone) {

        public Floor {
            candidates = List.copyOf(candidates);
            each = List.copyOf(each);
        }

        /** Counts pieces. */
        public Floor(String reason, List<Integer> candidates, int pieces, boolean orNone) {
            this(reason, candidates, candidates.stream().map(c -> 1.0).toList(), pieces, orNone);
        }

        public Floor(String reason, List<Integer> candidates, List<Double> each, int pieces, boolean orNone) {
            this(reason, "", candidates, each, pieces, orNone);
        }

        public boolean holds(int[] quantities) {
            double sum = sum(i -> quantities[i]);
            return sum >= pieces - Limit.ROUNDING || (orNone && sum == 0);
        }

        /** What so many pieces of each candidate count together. */
        public double sum(IntUnaryOperator piecesOf) {
            double sum = 0;
            for (int c = 0; c < candidates.size(); c++) {
                sum += each.get(c) * piecesOf.applyAsInt(candidates.get(c));
            }
            return sum;
        }

        /** Fewest pieces of its {@code c}-th candidate that keep it alone. */
        public int alone(int c) {
            return (int) Math.ceil(pieces / each.get(c) - Limit.ROUNDING);
        }

        /** Counted over candidates, and what they count, that are numbered anew. */
        public Floor over(List<Integer> others, List<Double> counting) {
            return new Floor(reason, why, others, counting, pieces, orNone);
        }
    }

    /**
     * The most that all pieces may take together of one thing, such as grams or money.
     *
     * @param what it limits, in words
     * @param perPiece what one piece of each candidate takes, 0 or more
     * @param most all together, inclusive
     */
    public record Limit(String what, List<Double> perPiece, double most) {

        /** Sums of binary fractions are a little off; a limit is kept if it is kept but for that. */
        static final double ROUNDING = 1e-9;

        public Limit {
            perPiece = List.copyOf(perPiece);
        }

        public double taken(int[] quantities) {
            double sum = 0;
            for (int i = 0; i < quantities.length; i++) {
                sum += perPiece.get(i) * quantities[i];
            }
            return sum;
        }

        public boolean holds(int[] quantities) {
            return taken(quantities) <= most * (1 + ROUNDING) + ROUNDING;
        }

        public Limit withMost(double other) {
            return new Limit(what, perPiece, other);
        }
    }

    public Choice {
        candidates = List.copyOf(candidates);
        uses = List.copyOf(uses);
        floors = List.copyOf(floors);
        limits = List.copyOf(limits);
        needs = List.copyOf(needs);
        alternatives = alternatives.stream().map(List::copyOf).toList();
        for (Limit limit : limits) {
            if (limit.perPiece().size() != candidates.size()) {
                throw new IllegalArgumentException("The limit on " + limit.what() + " names "
                        + limit.perPiece().size() + " of " + candidates.size() + " candidates.");
            }
        }
    }

    /** How many candidates there are any pieces of. */
    public static int kinds(int[] quantities) {
        return (int) Arrays.stream(quantities).filter(n -> n > 0).count();
    }

    public boolean kindsHold(int[] quantities) {
        return mostKinds.isEmpty() || kinds(quantities) <= mostKinds.getAsInt();
    }

    /** Whether limits, kinds, floors of pieces and the range of each candidate hold. */
    public boolean allows(int[] quantities) {
        return IntStream.range(0, quantities.length)
                        .allMatch(i -> quantities[i] >= candidates.get(i).least()
                                && quantities[i] <= candidates.get(i).most())
                && limits.stream().allMatch(l -> l.holds(quantities))
                && kindsHold(quantities)
                && floors.stream().allMatch(f -> f.holds(quantities))
                && companyHolds(quantities);
    }

    /** Whether nothing lacks what it needs beside it, and nothing comes in two kinds of which one will do. */
    public boolean companyHolds(int[] quantities) {
        return needs.stream().allMatch(n -> n.holds(quantities))
                && alternatives.stream()
                        .allMatch(a -> a.stream().filter(i -> quantities[i] > 0).count() <= 1);
    }

    /** The same question with another most for the first limit. */
    public Choice withFirstLimit(double most) {
        List<Limit> changed = new ArrayList<>(limits);
        changed.set(0, changed.getFirst().withMost(most));
        return withLimits(changed, mostKinds);
    }

    public Choice withLimits(List<Limit> others, OptionalInt otherKinds) {
        return new Choice(candidates, uses, floors, others, otherKinds, burden, needs, alternatives);
    }

    public Choice withFloors(List<Floor> others) {
        return new Choice(candidates, uses, others, limits, mostKinds, burden, needs, alternatives);
    }

    public Choice withUses(List<Use> others) {
        return new Choice(candidates, others, floors, limits, mostKinds, burden, needs, alternatives);
    }

    public Choice withCandidates(List<Candidate> others) {
        return new Choice(others, uses, floors, limits, mostKinds, burden, needs, alternatives);
    }

    public Choice withBurden(Burden other) {
        return new Choice(candidates, uses, floors, limits, mostKinds, other, needs, alternatives);
    }
}
