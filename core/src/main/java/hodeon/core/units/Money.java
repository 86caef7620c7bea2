package hodeon.core.units;

import java.math.BigDecimal;

/**
 * An amount in whole hundredths of the household's currency, zero or more. Adding never rounds; {@link #of} refuses
 * anything finer than a hundredth.
 *
 * @param hundredths 0 or more
 */
public record Money(long hundredths) implements Comparable<Money> {

    public static final Money ZERO = new Money(0);

    public Money {
        if (hundredths < 0) {
            throw new IllegalArgumentException("An amount of " + hundredths + " hundredths is below 0.");
        }
    }

    /** Exactly so much; throws {@link ArithmeticException} when finer than a hundredth. */
    public static Money of(BigDecimal amount) {
        return new Money(amount.movePointRight(2).longValueExact());
    }

    public Money plus(Money other) {
        return new Money(Math.addExact(hundredths, other.hundredths));
    }

    public Money times(int pieces) {
        return new Money(Math.multiplyExact(hundredths, (long) pieces));
    }

    public double amount() {
        return hundredths / 100.0;
    }

    public BigDecimal exact() {
        return BigDecimal.valueOf(hundredths, 2);
    }

    @Override
    public int compareTo(Money other) {
        return Long.compare(hundredths, other.hundredths);
    }
}
