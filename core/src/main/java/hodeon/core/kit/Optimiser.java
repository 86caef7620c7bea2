package hodeon.core.kit;

import com.google.ortools.linearsolver.MPConstraint;
import com.google.ortools.linearsolver.MPObjective;
import com.google.ortools.linearsolver.MPSolver;
import com.google.ortools.linearsolver.MPSolverParameters;
import com.google.ortools.linearsolver.MPVariable;
import hodeon.core.kit.Choice.Candidate;
import hodeon.core.kit.Choice.Floor;
import hodeon.core.kit.Choice.Service;
import hodeon.core.kit.Choice.Use;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.stream.IntStream;

/**
 * Answers a {@link Choice} exactly, as a mixed-integer programme; only the pieces are whole numbers, because the worth
 * of the k-th use falls with k.
 *
 * <p>For each use s with effects e_1 > e_2 > … (0 below the last): a variable 0..1 for "the k-th use is served with
 * effect e_l or better", worth (e_l − e_{l+1}) · w_s · P(U ≥ k), together at most the uses set aside from candidates of
 * effect e_l or better; one variable 0..1 for "a durable of effect e_l or better serves them all" replaces them.
 *
 * <p>Worked example, a test: need A is worth 10 with P = 0.9, 0.5 and need B worth 4 with P = 0.8; a 30 g pad serves A
 * (effect 1), a 10 g strip A (0.5) and B (1). Within 40 g one pad and one strip are best: 10·0.9 + 4·0.8 = 12.2; three
 * strips would earn 10·0.5·0.9 + 10·0.5·0.5 + 4·0.8 = 10.2.
 */
public final class Optimiser {

    private static final double WHOLE = 0.5;
    private static final double IDLE_WORTH = 1e-6;
    private static final int MOST_FILLED = 25;

    private final Choice choice;
    private final double relativeGap;
    private final Duration patience;

    /**
     * @param relativeGap stop once this near the bound, as a share
     * @param patience stop after this long and say how near the best it came
     */
    public Optimiser(Choice choice, double relativeGap, Duration patience) {
        Solver.load();
        this.choice = choice;
        this.relativeGap = relativeGap;
        this.patience = patience;
    }

    public Solution solve() {
        Programme programme = new Programme(true);
        programme.earn();
        return switch (programme.run()) {
            case OPTIMAL, FEASIBLE -> {
                Allocator allocator = new Allocator(choice);
                int[] quantities = programme.quantities();
                withoutIdlePieces(allocator, quantities);
                filled(allocator, quantities);
                double worth = allocator.worth(quantities);
                yield new Solution.Found(listOf(quantities), worth, Math.max(worth, programme.bound()));
            }
            case INFEASIBLE -> lightest();
            case NOT_SOLVED ->
                throw new IllegalStateException(
                        "No kit was found within " + patience.toMillis() + " ms; allow more time.");
            default -> throw new IllegalStateException("The solver could not read this choice.");
        };
    }

    private Solution lightest() {
        Programme programme = new Programme(false);
        programme.weigh();
        MPSolver.ResultStatus status = programme.run();
        if (status != MPSolver.ResultStatus.OPTIMAL) {
            throw new IllegalArgumentException("Floors and the most pieces allowed contradict each other.");
        }
        int[] quantities = programme.quantities();
        return new Solution.TooTight(choice.mass(quantities), listOf(quantities));
    }

    /** Spare grams may have been filled with pieces that serve nothing: take them out again, heaviest first. */
    private void withoutIdlePieces(Allocator allocator, int[] quantities) {
        double worth = allocator.worth(quantities);
        Integer[] heaviestFirst = IntStream.range(0, quantities.length).boxed().toArray(Integer[]::new);
        Arrays.sort(
                heaviestFirst,
                Comparator.comparing((Integer i) -> choice.candidates().get(i).mass())
                        .reversed());
        for (int i : heaviestFirst) {
            while (quantities[i] > choice.candidates().get(i).least()) {
                quantities[i]--;
                boolean floorsHold = choice.floors().stream().allMatch(f -> f.holds(quantities));
                if (!floorsHold || allocator.worth(quantities) < worth - IDLE_WORTH) {
                    quantities[i]++;
                    break;
                }
            }
        }
    }

    /** The search stops near the bound and may leave grams over: use them for what adds most, piece by piece. */
    private void filled(Allocator allocator, int[] quantities) {
        for (int added = 0; added < MOST_FILLED; added++) {
            Marginals marginals = allocator.marginals(quantities);
            int best = -1;
            double most = IDLE_WORTH;
            for (int i = 0; i < quantities.length; i++) {
                if (mayCome(i, quantities)) {
                    double gain = marginals.oneMore(i);
                    if (gain > most) {
                        most = gain;
                        best = i;
                    }
                }
            }
            if (best < 0) {
                return;
            }
            quantities[best]++;
        }
    }

    private boolean mayCome(int candidate, int[] quantities) {
        Candidate of = choice.candidates().get(candidate);
        if (of.durable() || quantities[candidate] >= of.most()) {
            return false;
        }
        quantities[candidate]++;
        boolean allowed = choice.mass(quantities).compareTo(choice.massLimit()) <= 0
                && choice.floors().stream().allMatch(f -> f.holds(quantities));
        quantities[candidate]--;
        return allowed;
    }

    private static List<Integer> listOf(int[] quantities) {
        return Arrays.stream(quantities).boxed().toList();
    }

    private final class Programme {

        private final MPSolver solver;
        private final List<MPVariable> pieces = new ArrayList<>();

        Programme(boolean limited) {
            MPSolver made = MPSolver.createSolver("SCIP");
            if (made == null) {
                throw new IllegalStateException("The solver is missing from this build.");
            }
            solver = made;
            for (Candidate candidate : choice.candidates()) {
                pieces.add(solver.makeIntVar(candidate.least(), candidate.most(), candidate.id()));
            }
            choice.floors().forEach(this::keep);
            if (limited) {
                MPConstraint mass = solver.makeConstraint(0, choice.massLimit().grams());
                for (int i = 0; i < pieces.size(); i++) {
                    mass.setCoefficient(
                            pieces.get(i), choice.candidates().get(i).mass().grams());
                }
            }
        }

        private void keep(Floor floor) {
            MPConstraint enough = solver.makeConstraint(floor.orNone() ? 0 : floor.pieces(), Double.POSITIVE_INFINITY);
            floor.candidates().forEach(i -> enough.setCoefficient(pieces.get(i), 1));
            if (floor.orNone()) {
                MPVariable any = solver.makeBoolVar("any");
                enough.setCoefficient(any, -floor.pieces());
                for (int i : floor.candidates()) {
                    MPConstraint onlyIfAny = solver.makeConstraint(Double.NEGATIVE_INFINITY, 0);
                    onlyIfAny.setCoefficient(pieces.get(i), 1);
                    onlyIfAny.setCoefficient(any, -choice.candidates().get(i).most());
                }
            }
        }

        void weigh() {
            MPObjective objective = solver.objective();
            for (int i = 0; i < pieces.size(); i++) {
                objective.setCoefficient(
                        pieces.get(i), choice.candidates().get(i).mass().grams() + 1e-6);
            }
            objective.setMinimization();
        }

        void earn() {
            int uses = choice.uses().size();
            List<List<Offer>> offers = new ArrayList<>();
            for (int u = 0; u < uses; u++) {
                offers.add(new ArrayList<>());
            }
            for (int i = 0; i < pieces.size(); i++) {
                Candidate candidate = choice.candidates().get(i);
                MPConstraint stock = candidate.durable() ? null : solver.makeConstraint(Double.NEGATIVE_INFINITY, 0);
                if (stock != null) {
                    stock.setCoefficient(pieces.get(i), -candidate.usesPerPiece());
                }
                for (Service service : candidate.serves()) {
                    MPVariable given = pieces.get(i);
                    if (stock != null) {
                        given = solver.makeNumVar(
                                0, choice.uses().get(service.use()).atLeast().size(), "set aside");
                        stock.setCoefficient(given, 1);
                    }
                    offers.get(service.use()).add(new Offer(service.effect(), given, candidate.durable()));
                }
            }
            for (int u = 0; u < uses; u++) {
                serve(choice.uses().get(u), offers.get(u));
            }
            solver.objective().setMaximization();
        }

        /** What a candidate offers a use: uses set aside of a consumable, or the pieces of a durable themselves. */
        private record Offer(double effect, MPVariable given, boolean durable) {}

        private void serve(Use use, List<Offer> offers) {
            SortedSet<Double> effects = new TreeSet<>();
            offers.forEach(o -> effects.add(o.effect()));
            double below = 0;
            for (double effect : effects) {
                serve(use, offers.stream().filter(o -> o.effect() >= effect).toList(), effect - below);
                below = effect;
            }
        }

        private void serve(Use use, List<Offer> offers, double gain) {
            MPObjective objective = solver.objective();
            MPVariable byDurable = null;
            if (offers.stream().anyMatch(Offer::durable)) {
                byDurable = solver.makeNumVar(0, 1, "by durable");
                objective.setCoefficient(byDurable, gain * use.ideal());
                MPConstraint there = solver.makeConstraint(Double.NEGATIVE_INFINITY, 0);
                there.setCoefficient(byDurable, 1);
                offers.stream().filter(Offer::durable).forEach(o -> there.setCoefficient(o.given(), -1));
            }
            if (offers.stream().allMatch(Offer::durable)) {
                return;
            }
            MPConstraint enough = solver.makeConstraint(Double.NEGATIVE_INFINITY, 0);
            offers.stream().filter(o -> !o.durable()).forEach(o -> enough.setCoefficient(o.given(), -1));
            for (double probability : use.atLeast()) {
                MPVariable served = solver.makeNumVar(0, 1, "served");
                objective.setCoefficient(served, gain * use.worth() * probability);
                enough.setCoefficient(served, 1);
                if (byDurable != null) {
                    MPConstraint once = solver.makeConstraint(Double.NEGATIVE_INFINITY, 1);
                    once.setCoefficient(served, 1);
                    once.setCoefficient(byDurable, 1);
                }
            }
        }

        MPSolver.ResultStatus run() {
            solver.setTimeLimit(patience.toMillis());
            MPSolverParameters parameters = new MPSolverParameters();
            parameters.setDoubleParam(MPSolverParameters.DoubleParam.RELATIVE_MIP_GAP, relativeGap);
            return solver.solve(parameters);
        }

        double bound() {
            return solver.objective().bestBound();
        }

        int[] quantities() {
            return pieces.stream()
                    .mapToInt(v -> (int) Math.floor(v.solutionValue() + WHOLE))
                    .toArray();
        }
    }
}
