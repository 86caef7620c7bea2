package hodeon.core.party;

/** How much somebody has learned, from least to most. Levels are generic; compare with {@link #compareTo}. */
public enum Training {
    UNTRAINED("untrained"),
    BASIC("basic first aid (about a day)"),
    WILDERNESS("wilderness first aid (2–3 days)"),
    ADVANCED("advanced wilderness (1–2 weeks)"),
    CLINICIAN("licensed clinician");

    private final String label;

    Training(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
