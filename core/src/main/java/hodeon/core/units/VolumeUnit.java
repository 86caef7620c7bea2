package hodeon.core.units;

import java.math.BigDecimal;

/** What room is read and written in. Kept it is in millilitres, always; doses are said in millilitres whatever is chosen here. */
public enum VolumeUnit {
    MILLILITRES("ml", BigDecimal.ONE),
    /** The US fluid ounce, exactly a 128th of a gallon of 231 cubic inches. */
    FLUID_OUNCES("fl oz", new BigDecimal("29.5735295625"));

    private final String sign;
    private final BigDecimal millilitres;

    VolumeUnit(String sign, BigDecimal millilitres) {
        this.sign = sign;
        this.millilitres = millilitres;
    }

    public String sign() {
        return sign;
    }

    /** Millilitres of one. */
    public BigDecimal millilitres() {
        return millilitres;
    }

    /** Litres of what stands for a litre in this unit: of a litre itself, or of a fluid ounce. */
    public BigDecimal litres() {
        return this == MILLILITRES ? BigDecimal.ONE : millilitres.movePointLeft(3);
    }

    /** What stands for litres in this unit. */
    public String litreSign() {
        return this == MILLILITRES ? "l" : sign;
    }
}
