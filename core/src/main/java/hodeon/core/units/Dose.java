package hodeon.core.units;

import java.math.BigDecimal;

/**
 * An amount of an ingredient in whole micrograms, zero or more. Nothing rounds unseen: {@link #ofMilligrams} refuses
 * anything finer.
 *
 * @param micrograms 0 or more
 */
public record Dose(long micrograms) implements Comparable<Dose> {

    public static final Dose ZERO = new Dose(0);

    public Dose {
        if (micrograms < 0) {
            throw new IllegalArgumentException("A dose of " + micrograms + " µg is below 0 µg.");
        }
    }

    /** Exactly so many milligrams; throws {@link ArithmeticException} when finer than a microgram. */
    public static Dose ofMilligrams(BigDecimal milligrams) {
        return new Dose(milligrams.movePointRight(3).longValueExact());
    }

    public static Dose ofMilligrams(long milligrams) {
        return new Dose(Math.multiplyExact(milligrams, 1000L));
    }

    public Dose plus(Dose other) {
        return new Dose(Math.addExact(micrograms, other.micrograms));
    }

    /** What is left after taking another away, at least nothing. */
    public Dose lessOrNone(Dose other) {
        return new Dose(Math.max(0, micrograms - other.micrograms));
    }

    public BigDecimal milligrams() {
        return BigDecimal.valueOf(micrograms, 3).stripTrailingZeros();
    }

    @Override
    public int compareTo(Dose other) {
        return Long.compare(micrograms, other.micrograms);
    }

    /** Such as “7.5 mg” or “150 µg”. */
    @Override
    public String toString() {
        return micrograms > 0 && micrograms < 1000
                ? micrograms + " µg"
                : milligrams().toPlainString() + " mg";
    }
}
