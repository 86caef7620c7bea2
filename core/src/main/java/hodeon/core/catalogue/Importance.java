package hodeon.core.catalogue;

/** How much a step matters to the outcome of its problem, as a share of the problem's worth. */
public enum Importance {
    CRITICAL(1.0),
    HELPFUL(0.3),
    NICE(0.1);

    private final double weight;

    Importance(double weight) {
        this.weight = weight;
    }

    public double weight() {
        return weight;
    }
}
