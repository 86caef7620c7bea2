package hodeon.core.catalogue;

import hodeon.core.units.Money;

/** About what one piece costs; the figure of a band is used until the household enters its own price. */
public enum PriceBand {
    TRIFLE(10),
    SMALL(50),
    MODEST(200),
    FAIR(800),
    DEAR(2_500),
    COSTLY(8_000);

    private final Money typical;

    PriceBand(long hundredths) {
        this.typical = new Money(hundredths);
    }

    public Money typical() {
        return typical;
    }
}
