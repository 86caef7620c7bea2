package hodeon.core.catalogue;

/** How well a supply serves a capability, as a share of the thing made for it. */
public enum Tier {
    MADE(1.0, "made for it"),
    GOOD(0.7, "good"),
    IMPROVISED(0.4, "improvised");

    private final double effect;
    private final String label;

    Tier(double effect, String label) {
        this.effect = effect;
        this.label = label;
    }

    public double effect() {
        return effect;
    }

    public String label() {
        return label;
    }
}
