package hodeon.core.units;

import java.math.BigDecimal;

/** What masses are read and written in. Kept they are in grams, always. */
public enum MassUnit {
    GRAMS("g", BigDecimal.ONE, 100),
    /** The international avoirdupois ounce, exactly a sixteenth of 0.45359237 kg. */
    OUNCES("oz", new BigDecimal("28.349523125"), 4);

    private final String sign;
    private final BigDecimal grams;
    private final int compared;

    MassUnit(String sign, BigDecimal grams, int compared) {
        this.sign = sign;
        this.grams = grams;
        this.compared = compared;
    }

    public String sign() {
        return sign;
    }

    /** What things are compared by: what each earns “for 100 g” or “for 4 oz”. */
    public String compared() {
        return compared + " " + sign;
    }

    /** The same in grams. */
    public double comparedGrams() {
        return compared * grams.doubleValue();
    }

    /** Grams of one. */
    public BigDecimal grams() {
        return grams;
    }
}
