package hodeon.core.brief;

/**
 * How dear a gram and a kind are held, for whoever wants no number. The factors multiply the price that the carriage sets; they are
 * assumptions.
 */
public enum Thrift {
    LIGHT("light", 3),
    USUAL("usual", 1),
    AMPLE("ample", 1.0 / 3);

    private final String label;
    private final double factor;

    Thrift(String label, double factor) {
        this.label = label;
        this.factor = factor;
    }

    public String label() {
        return label;
    }

    /** Above 0; 1 is the usual price. */
    public double factor() {
        return factor;
    }
}
