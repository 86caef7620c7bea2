package hodeon.core.choice.linear;

import com.google.ortools.Loader;
import com.google.ortools.graph.MinCostFlow;
import com.google.ortools.graph.MinCostFlowBase;
import com.google.ortools.linearsolver.MPConstraint;
import com.google.ortools.linearsolver.MPObjective;
import com.google.ortools.linearsolver.MPSolver;
import com.google.ortools.linearsolver.MPSolverParameters;
import com.google.ortools.linearsolver.MPVariable;
import java.time.Duration;
import java.util.List;

/**
 * Solves with OR-Tools: SCIP for whole numbers (steady, honours its gap and time limit), GLOP for the relaxation, its
 * cost-scaling minimum-cost flow for networks. Keeps nothing between calls, so threads may share it.
 */
final class OrTools implements Solver {

    /** Cutting planes at the root beyond two rounds took most of the time here and hardly moved the bound. */
    private static final String SETTINGS = "separating/maxroundsroot = 2\n";

    static final OrTools SHIPPED = new OrTools();

    /** Loads the native library, which unpacks itself to the temporary folder. */
    private OrTools() {
        Loader.loadNativeLibraries();
    }

    @Override
    public Answer maximise(Model model, double relativeGap, Duration patience) {
        return search(model, relativeGap, -1, patience);
    }

    @Override
    public Answer search(Model model, double relativeGap, int nodes, Duration patience) {
        MPSolverParameters parameters = new MPSolverParameters();
        parameters.setDoubleParam(MPSolverParameters.DoubleParam.RELATIVE_MIP_GAP, relativeGap);
        return solve("SCIP", SETTINGS + "limits/totalnodes = " + nodes + "\n", model, parameters, patience, true);
    }

    @Override
    public Answer relax(Model model, Duration patience) {
        return solve("GLOP", "", model, new MPSolverParameters(), patience, false);
    }

    @Override
    public int[] cheapestFlow(List<Arc> arcs, int source, int sink, int units) {
        MinCostFlow network = new MinCostFlow();
        for (Arc arc : arcs) {
            network.addArcWithCapacityAndUnitCost(arc.from(), arc.to(), arc.capacity(), arc.cost());
        }
        network.setNodeSupply(source, units);
        network.setNodeSupply(sink, -units);
        if (network.solve() != MinCostFlowBase.Status.OPTIMAL) {
            throw new IllegalStateException("No flow of " + units + " units was found.");
        }
        int[] carried = new int[arcs.size()];
        for (int i = 0; i < carried.length; i++) {
            carried[i] = Math.toIntExact(network.getFlow(i));
        }
        return carried;
    }

    private static Answer solve(
            String name,
            String settings,
            Model model,
            MPSolverParameters parameters,
            Duration patience,
            boolean whole) {
        MPSolver solver = MPSolver.createSolver(name);
        if (solver == null) {
            throw new IllegalStateException("The solver " + name + " is missing from this build.");
        }
        try {
            MPVariable[] variables = new MPVariable[model.variables().size()];
            MPObjective objective = solver.objective();
            for (int v = 0; v < variables.length; v++) {
                Model.Variable variable = model.variables().get(v);
                variables[v] = solver.makeVar(variable.least(), variable.most(), whole && variable.whole(), "");
                objective.setCoefficient(variables[v], model.worth(v));
            }
            objective.setMaximization();
            for (Model.Row row : model.rows()) {
                MPConstraint constraint = solver.makeConstraint(row.least(), row.most());
                for (int i = 0; i < row.variables().length; i++) {
                    constraint.setCoefficient(variables[row.variables()[i]], row.factors()[i]);
                }
            }
            if (!settings.isEmpty() && !solver.setSolverSpecificParametersAsString(settings)) {
                throw new IllegalStateException("The solver " + name + " does not know " + settings.strip() + ".");
            }
            solver.setTimeLimit(Math.max(1, patience.toMillis()));
            return answer(solver, solver.solve(parameters), variables, whole);
        } finally {
            solver.delete();
        }
    }

    private static Answer answer(MPSolver solver, MPSolver.ResultStatus status, MPVariable[] variables, boolean whole) {
        return switch (status) {
            case OPTIMAL, FEASIBLE -> {
                double[] values = new double[variables.length];
                for (int v = 0; v < values.length; v++) {
                    values[v] = variables[v].solutionValue();
                }
                Ending ending = status == MPSolver.ResultStatus.OPTIMAL ? Ending.SOLVED : Ending.STOPPED;
                yield new Answer(
                        ending,
                        values,
                        whole
                                ? solver.objective().bestBound()
                                : solver.objective().value());
            }
            case INFEASIBLE -> new Answer(Ending.INFEASIBLE, new double[0], 0);
            case NOT_SOLVED -> new Answer(Ending.NOTHING_FOUND, new double[0], Double.POSITIVE_INFINITY);
            default -> throw new IllegalStateException("The solver could not read this choice: " + status + ".");
        };
    }
}
