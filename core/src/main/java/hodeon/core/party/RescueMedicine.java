package hodeon.core.party;

/** Personal rescue medicine, carried only by or for the person it was prescribed to. */
public enum RescueMedicine {
    AUTO_INJECTOR("adrenaline auto-injector"),
    RELIEVER_INHALER("reliever inhaler");

    private final String label;

    RescueMedicine(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
