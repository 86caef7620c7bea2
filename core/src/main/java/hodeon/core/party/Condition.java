package hodeon.core.party;

/** What else about somebody changes what could happen or what they may be given. */
public enum Condition {
    ASTHMA("asthma"),
    DIABETES("diabetes"),
    SEVERE_ALLERGY("severe allergy"),
    MIGRAINE("migraine"),
    HEART("heart condition"),
    PREGNANCY("pregnancy"),
    BLOOD_THINNER("takes a blood thinner"),
    KIDNEY("kidney trouble"),
    STOMACH_ULCER("stomach ulcer"),
    BLISTER_PRONE("blisters easily"),
    MOTION_SICK("gets motion sick"),
    CONTACT_LENSES("contact lenses"),
    PERIODS("periods");

    private final String label;

    Condition(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
