package hodeon.core.catalogue.procedure;

/** The class of teaching that a text was checked against; the works themselves stand in docs/sources.md. */
public enum Teaching {
    RESUSCITATION("resuscitation guidelines"),
    WILDERNESS("wilderness practice guidelines"),
    PUBLIC_HEALTH("public health advice"),
    TEACHING("general first aid teaching"),
    ASSUMPTION("an assumption"),

    /** What a household wrote for a problem of its own: nobody else has looked at it. */
    OWN("your own words");

    private final String label;

    Teaching(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
