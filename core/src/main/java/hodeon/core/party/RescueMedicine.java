package hodeon.core.party;

/** Prescription medicine that a kit holds for somebody, carried only by or for the person it was prescribed to. */
public enum RescueMedicine {
    AUTO_INJECTOR("adrenaline auto-injector"),
    ADRENALINE_AMPOULES("adrenaline ampoules"),
    RELIEVER_INHALER("reliever inhaler"),
    ANGINA_SPRAY("angina spray"),
    ANTIBIOTICS("antibiotics"),
    STRONG_PAIN_RELIEF("strong pain relief"),
    MIGRAINE_TABLETS("migraine tablets"),
    INSULIN("insulin"),
    ALTITUDE_MEDICINE("altitude medicine"),
    SEIZURE_MEDICINE("seizure rescue medicine"),
    GLUCAGON("glucagon");

    private final String label;

    RescueMedicine(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
