package hodeon.core.need;

import java.util.Arrays;

/**
 * The probability of each whole number of things from 0 up; what lies beyond the last is below {@value #TAIL}.
 * Immutable.
 */
public final class Distribution {

    /** The most probability left out at the upper end. */
    public static final double TAIL = 1e-10;

    private static final Distribution NOTHING = new Distribution(new double[] {1});

    private final double[] probabilities;
    private final double[] tails;

    private Distribution(double[] probabilities) {
        this.probabilities = probabilities;
        this.tails = new double[probabilities.length + 1];
        for (int k = probabilities.length - 1; k >= 0; k--) {
            tails[k] = tails[k + 1] + probabilities[k];
        }
    }

    /** Surely 0. */
    public static Distribution nothing() {
        return NOTHING;
    }

    /** Takes probabilities of 0, 1, 2, …; throws {@link IllegalArgumentException} unless each is in 0..1 and they add up to 1. */
    public static Distribution of(double... probabilities) {
        double sum = 0;
        for (double p : probabilities) {
            if (!(p >= 0 && p <= 1 + 1e-12)) {
                throw new IllegalArgumentException("A probability of " + p + " is outside 0 to 1.");
            }
            sum += p;
        }
        if (Math.abs(sum - 1) > 1e-9) {
            throw new IllegalArgumentException("Probabilities add up to " + sum + ", not 1.");
        }
        return new Distribution(probabilities.clone());
    }

    /** P(exactly n). */
    public double at(int n) {
        return n < probabilities.length ? probabilities[n] : 0;
    }

    /** P(n or more). */
    public double atLeast(int n) {
        return n <= 0 ? 1 : n < tails.length ? tails[n] : 0;
    }

    /** The largest number with a probability kept. */
    public int largest() {
        return probabilities.length - 1;
    }

    public double mean() {
        double mean = 0;
        for (int n = 1; n < probabilities.length; n++) {
            mean += n * probabilities[n];
        }
        return mean;
    }

    /** The least number that suffices in a share of cases: P(at most it) ≥ share, with 0 &lt; share &lt; 1 − {@value #TAIL}. */
    public int suffices(double share) {
        int n = 0;
        while (n < largest() && 1 - atLeast(n + 1) < share) {
            n++;
        }
        return n;
    }

    /** The distribution of the sum of two independent numbers. */
    public Distribution plus(Distribution other) {
        double[] sum = new double[probabilities.length + other.probabilities.length - 1];
        for (int i = 0; i < probabilities.length; i++) {
            if (probabilities[i] != 0) {
                for (int j = 0; j < other.probabilities.length; j++) {
                    sum[i + j] += probabilities[i] * other.probabilities[j];
                }
            }
        }
        return new Distribution(withoutTail(sum));
    }

    private static double[] withoutTail(double[] probabilities) {
        int end = probabilities.length;
        double tail = 0;
        while (end > 1 && tail + probabilities[end - 1] < TAIL / 100) {
            tail += probabilities[--end];
        }
        return Arrays.copyOf(probabilities, end);
    }

    @Override
    public String toString() {
        return Arrays.toString(probabilities);
    }
}
