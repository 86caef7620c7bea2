package hodeon.core.kit.choice;

import java.time.Duration;

/** Makes a {@link Model} as large as possible. The seam behind which the solver can change. */
interface ModelSolver {

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
}
