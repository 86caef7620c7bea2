package hodeon.core.catalogue;

/** The areas a kit is laid out in, most urgent first. */
public enum Group {
    BLEEDING("Bleeding"),
    CLEAN("Protect and clean"),
    COVER("Close and cover"),
    HOLD("Hold"),
    FEET("Feet and friction"),
    SPLINT("Splint and support"),
    BURN("Burns and sun"),
    BITE("Bites and splinters"),
    MEDICINE("Medicine"),
    PERSONAL("Personal"),
    WARMTH("Warmth and call"),
    TOOLS("Tools"),
    RECORD("Record");

    private final String label;

    Group(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
