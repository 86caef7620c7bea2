package hodeon.core.brief;

/**
 * Which school of thought a kit follows. It multiplies what a met need is worth, by severity 1 to 5, and sets floors.
 * The multipliers are the product's own planning assumptions.
 */
public enum Stance {
    FIX_THE_LIKELY(
            "fix the likely", "common small trouble first; for the rest, stabilise and call", 1.5, 1.5, 1, 0.3, 0.1),
    HOLD_UNTIL_HELP("hold until help", "adds what keeps a serious case stable for the hours to care", 1, 1, 1, 1, 1),
    FIRST_MINUTES("first minutes", "life threats first, whatever the odds", 0.7, 0.8, 1, 2, 4);

    private final String label;
    private final String meaning;
    private final double[] bySeverity;

    Stance(String label, String meaning, double... bySeverity) {
        this.label = label;
        this.meaning = meaning;
        this.bySeverity = bySeverity;
    }

    public String label() {
        return label;
    }

    public String meaning() {
        return meaning;
    }

    /** The multiplier for a severity of 1 to 5. */
    public double multiplier(int severity) {
        return bySeverity[severity - 1];
    }
}
