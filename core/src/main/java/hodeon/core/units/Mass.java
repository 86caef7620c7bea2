package hodeon.core.units;

import java.math.BigDecimal;

/**
 * A mass in whole milligrams, zero or more. Adding never rounds; {@link #ofGrams} refuses anything finer than a milligram.
 *
 * @param milligrams 0 or more
 */
public record Mass(long milligrams) implements Comparable<Mass> {

    /** The international avoirdupois pound, exactly (agreement of 1959). */
    public static final BigDecimal KILOGRAMS_A_POUND = new BigDecimal("0.45359237");

    public static final Mass ZERO = new Mass(0);

    public Mass {
        if (milligrams < 0) {
            throw new IllegalArgumentException("A mass of " + milligrams + " mg is below 0 mg.");
        }
    }

    /** Exactly so many grams; throws {@link ArithmeticException} when finer than a milligram. */
    public static Mass ofGrams(BigDecimal grams) {
        return new Mass(grams.movePointRight(3).longValueExact());
    }

    public static Mass ofGrams(long grams) {
        return new Mass(Math.multiplyExact(grams, 1000L));
    }

    public Mass plus(Mass other) {
        return new Mass(Math.addExact(milligrams, other.milligrams));
    }

    public Mass times(int pieces) {
        return new Mass(Math.multiplyExact(milligrams, (long) pieces));
    }

    public double grams() {
        return milligrams / 1000.0;
    }

    public BigDecimal exactGrams() {
        return BigDecimal.valueOf(milligrams, 3).stripTrailingZeros();
    }

    @Override
    public int compareTo(Mass other) {
        return Long.compare(milligrams, other.milligrams);
    }
}
