package hodeon.core.units;

import java.math.BigDecimal;

/**
 * A volume in whole microlitres (cubic millimetres), zero or more.
 *
 * @param microlitres 0 or more
 */
public record Volume(long microlitres) {

    public static final Volume ZERO = new Volume(0);

    public Volume {
        if (microlitres < 0) {
            throw new IllegalArgumentException("A volume of " + microlitres + " µl is below 0 µl.");
        }
    }

    /** Exactly so many millilitres; throws {@link ArithmeticException} when finer than a microlitre. */
    public static Volume ofMillilitres(BigDecimal millilitres) {
        return new Volume(millilitres.movePointRight(3).longValueExact());
    }

    public Volume plus(Volume other) {
        return new Volume(Math.addExact(microlitres, other.microlitres));
    }

    public Volume times(int pieces) {
        return new Volume(Math.multiplyExact(microlitres, (long) pieces));
    }

    public double litres() {
        return microlitres / 1e6;
    }
}
