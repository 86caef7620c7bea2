package hodeon.core.party;

/** What somebody reacts to. */
public enum Allergy {
    LATEX("latex"),
    ADHESIVE("adhesive"),
    IODINE("iodine"),
    ASPIRIN("aspirin"),
    NSAID("anti-inflammatories"),
    PENICILLIN("penicillin"),
    FOOD("food"),
    STING("stings");

    private final String label;

    Allergy(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
