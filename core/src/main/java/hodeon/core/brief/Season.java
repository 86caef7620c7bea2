package hodeon.core.brief;

/** The season at the place of the trip. */
public enum Season {
    SPRING("spring"),
    SUMMER("summer"),
    AUTUMN("autumn"),
    WINTER("winter");

    private final String label;

    Season(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
