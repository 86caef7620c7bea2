package hodeon.core.brief;

/**
 * How a kit travels, and with it what a gram costs. The unit is what meeting a nuisance is worth; every figure is an assumption:
 * in a pack a hundred grams are the price of a kind more, in a vehicle a kilogram and a half.
 */
public enum Carriage {
    ON_BODY("on the body", 0.003),
    IN_PACK("in a pack", 0.001),
    ON_WHEELS_OR_WATER("by bicycle or boat", 0.000_7),
    IN_VEHICLE("in a vehicle", 0.000_06),
    STAYS_PUT("it stays put", 0.000_03);

    private final String label;
    private final double pricePerGram;

    Carriage(String label, double pricePerGram) {
        this.label = label;
        this.pricePerGram = pricePerGram;
    }

    public String label() {
        return label;
    }

    /** What one gram must earn to come, in worth. */
    public double pricePerGram() {
        return pricePerGram;
    }
}
