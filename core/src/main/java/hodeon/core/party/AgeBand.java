package hodeon.core.party;

/** Age in completed years as a band; the bands follow common label limits (2, 12 and 18 years). */
public enum AgeBand {
    INFANT("under 2 years"),
    CHILD("2 to 11 years"),
    TEEN("12 to 17 years"),
    ADULT("18 to 59 years"),
    OLDER("60 years and over");

    private final String label;

    AgeBand(String label) {
        this.label = label;
    }

    public static AgeBand of(int years) {
        if (years < 2) {
            return INFANT;
        } else if (years < 12) {
            return CHILD;
        } else if (years < 18) {
            return TEEN;
        }
        return years < 60 ? ADULT : OLDER;
    }

    public String label() {
        return label;
    }
}
