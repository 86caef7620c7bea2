package hodeon.core.units;

import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;

/**
 * A metric value as it stands in a field of another unit, and back, so that what nobody changed comes back as it was. Worked example: a
 * limit of 2,300 g, kept to whole grams, stands in a field of ounces as 81.13, and 81.13 oz are 2,300 g again.
 */
public final class InUnit {

    private static final int MOST_DECIMALS = 6;

    private InUnit() {}

    /**
     * The shortest number that {@link #metric} turns into the same value again.
     *
     * @param one of the unit in the metric one, above 0
     * @param decimals to which the metric value is kept, 0 or more
     */
    public static String shown(BigDecimal one, BigDecimal metric, int decimals) {
        if (one.compareTo(BigDecimal.ONE) == 0) {
            return plain(metric);
        }
        BigDecimal exact = metric.divide(one, MathContext.DECIMAL64);
        for (int d = 0; d < MOST_DECIMALS; d++) {
            BigDecimal rounded = exact.setScale(d, RoundingMode.HALF_UP);
            if (metric(one, rounded, decimals).compareTo(metric) == 0) {
                return plain(rounded);
            }
        }
        return plain(exact.setScale(MOST_DECIMALS, RoundingMode.HALF_UP));
    }

    /** What was typed in the unit, as the metric value that is kept. */
    public static BigDecimal metric(BigDecimal one, BigDecimal typed, int decimals) {
        return one.compareTo(BigDecimal.ONE) == 0
                ? typed
                : typed.multiply(one).setScale(decimals, RoundingMode.HALF_UP);
    }

    private static String plain(BigDecimal number) {
        BigDecimal stripped = number.stripTrailingZeros();
        return (stripped.scale() < 0 ? stripped.setScale(0) : stripped).toPlainString();
    }
}
