package hodeon.core.choice.linear;

import java.time.Duration;
import java.util.List;

/**
 * Everything asked of a solver library: a {@link Model} made as large as possible, and the cheapest flow through a
 * network. The one seam behind which the library can change.
 */
public interface Solver {

    /** The solver this build ships with; nobody else says which. */
    static Solver shipped() {
        return OrTools.SHIPPED;
    }

    /** How a search ended. */
    enum Ending {
        /** As near the bound as was asked for. */
        SOLVED,
        /** Time ran out with something found. */
        STOPPED,
        /** Nothing fits. */
        INFEASIBLE,
        /** Time ran out with nothing found. */
        NOTHING_FOUND
    }

    /**
     * @param values of the variables; empty when nothing was found
     * @param bound no values are worth more
     */
    record Answer(Ending ending, double[] values, double bound) {}

    /** The best with every variable as it is, whole or not. */
    Answer maximise(Model model, double relativeGap, Duration patience);

    /** Something good with every variable as it is, after a search of at most so many nodes: the same on every machine. */
    Answer search(Model model, double relativeGap, int nodes, Duration patience);

    /** The best if no variable had to be whole: an upper bound, quickly. */
    Answer relax(Model model, Duration patience);

    /** An arc of a network; nodes are numbered from 0. Its cost is per unit and may be negative. */
    record Arc(int from, int to, int capacity, long cost) {}

    /**
     * What each arc carries when so many units (1 or more) go from source to sink as cheaply as can be. Throws
     * {@link IllegalStateException} when that many cannot.
     */
    int[] cheapestFlow(List<Arc> arcs, int source, int sink, int units);
}
