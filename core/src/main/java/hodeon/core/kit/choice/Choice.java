package hodeon.core.kit.choice;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.OptionalInt;
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
 */
public record Choice(
        List<Candidate> candidates, List<Use> uses, List<Floor> floors, List<Limit> limits, OptionalInt mostKinds) {

    /**
     * @param least fewest pieces, 0 or more
     * @param most most pieces, at least {@code least}
     * @param usesPerPiece uses one piece serves, 0.5 where two pieces are one use; above 0, ignored for a durable
     * @param durable one piece serves every use of its services
     */
    public record Candidate(
            String id, int least, int most, double usesPerPiece, boolean durable, List<Service> serves) {

        public Candidate {
            serves = List.copyOf(serves);
            if (least < 0 || most < least || !(usesPerPiece > 0)) {
                throw new IllegalArgumentException(
                        id + ": pieces from " + least + " to " + most + ", " + usesPerPiece + " uses a piece.");
            }
        }

        /** The same for these uses alone, which are numbered anew in their order; the range of pieces no longer matters. */
        public Candidate serving(List<Integer> uses) {
            return new Candidate(
                    id,
                    0,
                    Integer.MAX_VALUE,
                    usesPerPiece,
                    durable,
                    serves.stream()
                            .filter(s -> uses.contains(s.use()))
                            .map(s -> new Service(uses.indexOf(s.use()), s.effect()))
                            .toList());
        }

        /** Whole uses that so many pieces serve. */
        public int uses(int pieces) {
            return (int) Math.floor(pieces * usesPerPiece + Limit.ROUNDING);
        }

        private int piecesFor(int uses) {
            return (int) Math.ceil(uses / usesPerPiece - Limit.ROUNDING);
        }

        /** Fewest pieces more that serve one use more. */
        public int up(int pieces) {
            return durable ? 1 : piecesFor(uses(pieces) + 1) - pieces;
        }

        /** Fewest pieces, 1 or more, to take from so many, 1 or more, so that none is left over from a use. */
        public int down(int pieces) {
            return durable ? 1 : pieces - piecesFor(uses(pieces - 1));
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
     * At least so many pieces over a set of candidates; with {@code orNone} none at all will do too.
     *
     * @param candidates indices into {@link Choice#candidates}
     */
    public record Floor(String reason, List<Integer> candidates, int pieces, boolean orNone) {

        public boolean holds(int[] quantities) {
            int sum = candidates.stream().mapToInt(i -> quantities[i]).sum();
            return sum >= pieces || (orNone && sum == 0);
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
                && floors.stream().allMatch(f -> f.holds(quantities));
    }

    /** The same question with another most for the first limit. */
    public Choice withFirstLimit(double most) {
        List<Limit> changed = new ArrayList<>(limits);
        changed.set(0, changed.getFirst().withMost(most));
        return new Choice(candidates, uses, floors, changed, mostKinds);
    }
}
