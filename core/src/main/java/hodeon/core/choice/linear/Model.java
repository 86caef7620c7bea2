package hodeon.core.choice.linear;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * A linear model to be made as large as possible, some of its variables whole: plain numbers that any solver can read.
 * Variables and rows are named by the number they were added as, from 0.
 */
public final class Model {

    /** A variable between {@code least} and {@code most}. */
    record Variable(double least, double most, boolean whole) {}

    /** {@code least ≤ Σ factors · variables ≤ most}; either end may be infinite. */
    record Row(double least, double most, int[] variables, double[] factors) {}

    private final List<Variable> variables = new ArrayList<>();
    private final List<Row> rows = new ArrayList<>();
    private double[] objective = new double[64];

    public int variable(double least, double most, boolean whole, double worth) {
        int number = variables.size();
        variables.add(new Variable(least, most, whole));
        if (number == objective.length) {
            objective = Arrays.copyOf(objective, 2 * number);
        }
        objective[number] = worth;
        return number;
    }

    /** A row in the making. */
    public final class Sum {

        private int[] of = new int[8];
        private double[] factors = new double[8];
        private int size;

        public Sum add(int variable, double factor) {
            if (size == of.length) {
                of = Arrays.copyOf(of, 2 * size);
                factors = Arrays.copyOf(factors, 2 * size);
            }
            of[size] = variable;
            factors[size++] = factor;
            return this;
        }

        public void between(double least, double most) {
            rows.add(new Row(least, most, Arrays.copyOf(of, size), Arrays.copyOf(factors, size)));
        }

        public void atMost(double most) {
            between(Double.NEGATIVE_INFINITY, most);
        }

        public void atLeast(double least) {
            between(least, Double.POSITIVE_INFINITY);
        }
    }

    public Sum sum() {
        return new Sum();
    }

    List<Variable> variables() {
        return variables;
    }

    List<Row> rows() {
        return rows;
    }

    double worth(int variable) {
        return objective[variable];
    }
}
