package hodeon.core.medication.formulary;

/** Two common ways in which labels say how much; they differ, so a household follows the one its packs come from. */
public enum Tradition {
    BRITISH("bands of age, as on British packs"),
    NORTH_AMERICAN("bands of mass and age, as on North American packs");

    private final String label;

    Tradition(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
