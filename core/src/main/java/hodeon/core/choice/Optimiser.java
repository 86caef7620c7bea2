package hodeon.core.choice;

import hodeon.core.choice.Choice.Floor;
import hodeon.core.choice.linear.Solver;
import hodeon.core.choice.linear.Solver.Answer;
import hodeon.core.choice.linear.Solver.Ending;
import java.time.Duration;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/**
 * Answers a {@link Choice}: at once and near the best ({@link #quick}), or as near as asked for ({@link #prove}), both
 * with a bound that nothing can exceed.
 *
 * <p>Quick is the relaxation, in which pieces need not be whole: its worth is the bound. Rounding each of its pieces up or
 * down as is best, a small search, gives the kit (relaxation-enforced neighbourhood search: T. Berthold, Math Program
 * Comput 2014; 6: 33–54).
 *
 * <p>Worked example, a test: need A is worth 10 with P = 0.9, 0.5 and need B worth 4 with P = 0.8; a 30 g pad serves A
 * (effect 1), a 10 g strip A (0.5) and B (1). Within 40 g one pad and one strip are best: 10·0.9 + 4·0.8 = 12.2; three
 * strips would earn 10·0.5·0.9 + 10·0.5·0.5 + 4·0.8 = 10.2.
 */
public final class Optimiser {

    private static final double WHOLE = 1e-6;
    private static final double ROUNDING_GAP = 7e-3;
    /** What a last piece must add to a first answer to be looked for, as a share of the bound. */
    private static final double WORTHWHILE = 1e-4;

    /** Near enough for a first answer, as a share of the bound. */
    private static final double NEAR = 0.01;

    /** No solver is asked for less than this of a gap. */
    private static final double FINEST = 1e-9;

    /** No kit at all helps nobody: a search that found none is given so many times its time, again and again, until this. */
    private static final int LONGER = 4;

    private static final Duration LONGEST = Duration.ofMinutes(1);

    private static final int ROUNDING_NODES = 1;
    private static final int WIDEST = 4;

    private final Choice choice;
    private final Allocator allocator;
    private final Solver solver = Solver.shipped();

    public Optimiser(Choice choice) {
        this.choice = choice;
        this.allocator = new Allocator(choice);
    }

    /** A kit at once, with its bound; how near it comes is in its gap. */
    public Solution quick(Duration patience) {
        Formulation formulation = Formulation.earning(choice);
        Answer relaxed = solver.relax(formulation.model(), patience);
        if (relaxed.ending() == Ending.INFEASIBLE) {
            return tooTight(patience);
        }
        if (relaxed.ending() != Ending.SOLVED) {
            return prove(NEAR, patience);
        }
        double[] pieces = formulation.pieces(relaxed.values());
        for (int around = 0; around <= WIDEST; around = 2 * around + 1) {
            Optional<int[]> rounded = rounded(pieces, around, patience);
            if (rounded.isPresent()) {
                return found(rounded.get(), relaxed.bound(), WORTHWHILE);
            }
        }
        return prove(NEAR, patience);
    }

    /** A kit within {@code gap} of its bound: the first answer if it is near enough, else a search until it is. */
    public Solution within(double gap, Duration patience) {
        return within(gap, patience, patience);
    }

    /**
     * The same, but nearness is looked for only as long as {@code soon} is not over; a kit at all, however slow the machine is, until
     * {@code patience} is.
     */
    public Solution within(double gap, Duration soon, Duration patience) {
        long start = System.nanoTime();
        Solution first = quick(patience);
        Duration left = soon.minusNanos(System.nanoTime() - start);
        if (first instanceof Solution.Found found && found.gap() > gap && left.isPositive()) {
            return search(gap, left).orElse(first) instanceof Solution.Found searched ? found.or(searched) : first;
        }
        return first;
    }

    /**
     * The best kit there is, or as near as {@code relativeGap}; after {@code patience} the best found so far, or the first that is found
     * in more time if there was none.
     */
    public Solution prove(double relativeGap, Duration patience) {
        return sought(allowed -> search(relativeGap, allowed), patience)
                .orElseThrow(() -> new IllegalStateException(
                        "No kit was found within " + LONGEST.toSeconds() + " s; allow more time."));
    }

    /** What a search finds in its time, or in longer and longer if it found nothing. */
    static <T> Optional<T> sought(Function<Duration, Optional<T>> search, Duration patience) {
        Optional<T> found = search.apply(patience);
        for (Duration longer = patience; found.isEmpty() && longer.compareTo(LONGEST) < 0; ) {
            longer = longer.plusMillis(1).multipliedBy(LONGER);
            found = search.apply(longer);
        }
        return found;
    }

    private Optional<Solution> search(double relativeGap, Duration patience) {
        return search(relativeGap, relativeGap, patience);
    }

    /** @param ofNet the gap as the solver means it, as a share of what is left of the worth: a burden may make that tiny or huge */
    private Optional<Solution> search(double relativeGap, double ofNet, Duration patience) {
        long start = System.nanoTime();
        Formulation formulation = Formulation.earning(choice);
        Answer answer = solver.maximise(formulation.model(), ofNet, patience);
        return switch (answer.ending()) {
            case SOLVED, STOPPED -> {
                Solution.Found found = found(whole(formulation.pieces(answer.values())), answer.bound(), 0);
                Duration left = patience.minusNanos(System.nanoTime() - start);
                boolean further = answer.ending() == Ending.SOLVED
                        && found.gap() > relativeGap
                        && ofNet > FINEST
                        && left.isPositive();
                yield Optional.of(
                        further
                                        && search(relativeGap, nearer(relativeGap, ofNet, found), left)
                                                        .orElse(found)
                                                instanceof Solution.Found again
                                ? found.or(again)
                                : found);
            }
            case INFEASIBLE -> Optional.of(tooTight(patience));
            case NOTHING_FOUND -> Optional.empty();
        };
    }

    /** What to ask of the solver next so that its answer is as near as is wanted. */
    private static double nearer(double wanted, double asked, Solution.Found got) {
        return Math.max(FINEST, asked * wanted / got.gap() / 2);
    }

    private Solution.Found found(int[] quantities, double bound, double worthwhile) {
        new LocalSearch(choice, allocator, worthwhile * bound).polish(quantities);
        double worth = allocator.worth(quantities);
        double burden = choice.burden().of(quantities);
        return new Solution.Found(listOf(quantities), worth, burden, Math.max(worth - burden, bound));
    }

    /**
     * The best with each piece count within {@code around} of the relaxed one rounded down or up, and one further where any come: what
     * a fraction of a whole pack would have done is left to others of the same kind.
     */
    private Optional<int[]> rounded(double[] relaxed, int around, Duration patience) {
        int[] least = new int[relaxed.length];
        int[] most = new int[relaxed.length];
        for (int i = 0; i < relaxed.length; i++) {
            Candidate candidate = choice.candidates().get(i);
            int beside = relaxed[i] > WHOLE ? around + 1 : around;
            least[i] = Math.max(candidate.least(), (int) Math.floor(relaxed[i] + WHOLE) - beside);
            most[i] = Math.min(candidate.most(), (int) Math.ceil(relaxed[i] - WHOLE) + beside);
        }
        openPairs(relaxed, least, most);
        Formulation formulation = Formulation.earning(choice, least, most);
        Answer answer = solver.search(formulation.model(), ROUNDING_GAP, ROUNDING_NODES, patience);
        return answer.values().length == 0 ? Optional.empty() : Optional.of(whole(formulation.pieces(answer.values())));
    }

    /** Where none or at least so many must come, a fraction stands between the two: both stay possible. */
    private void openPairs(double[] relaxed, int[] least, int[] most) {
        for (Floor floor : choice.floors()) {
            for (int i : floor.orNone() ? floor.candidates() : List.<Integer>of()) {
                Candidate candidate = choice.candidates().get(i);
                if (relaxed[i] > WHOLE) {
                    least[i] = candidate.least();
                    most[i] = Math.max(most[i], Math.min(floor.pieces(), candidate.most()));
                }
            }
        }
    }

    private Solution tooTight(Duration patience) {
        return new Conflict(choice, solver, patience).explain();
    }

    static int[] whole(double[] pieces) {
        return Arrays.stream(pieces).mapToInt(v -> (int) Math.rint(v)).toArray();
    }

    static List<Integer> listOf(int[] quantities) {
        return Arrays.stream(quantities).boxed().toList();
    }
}
