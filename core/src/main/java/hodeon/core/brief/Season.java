package hodeon.core.brief;

import java.util.List;

/** The season at the place of the trip. All year is for kits that stay: what a season changes is then the mean of the four. */
public enum Season {
    SPRING("spring"),
    SUMMER("summer"),
    AUTUMN("autumn"),
    WINTER("winter"),
    ALL_YEAR("all year round");

    /** The four seasons that a year has. */
    public static final List<Season> OF_A_YEAR = List.of(SPRING, SUMMER, AUTUMN, WINTER);

    private final String label;

    Season(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
