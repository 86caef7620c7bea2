package hodeon.core.party;

import java.util.EnumSet;
import java.util.Set;

/** What else about somebody changes what could happen or what they may be given. */
public enum Condition {
    ASTHMA("asthma"),
    NSAID_ASTHMA("asthma made worse by anti-inflammatories"),
    DIABETES("diabetes"),
    SEVERE_ALLERGY("severe allergy"),
    MIGRAINE("migraine"),
    HEART("heart condition"),
    HEART_FAILURE("heart failure, or told to keep off salt"),
    HIGH_BLOOD_PRESSURE("high blood pressure"),
    PREGNANCY("pregnancy, trimester not known"),
    PREGNANCY_FIRST("pregnancy, first trimester (weeks 1 to 12)"),
    PREGNANCY_SECOND("pregnancy, second trimester (weeks 13 to 27)"),
    PREGNANCY_THIRD("pregnancy, third trimester (from week 28)"),
    BREAST_FEEDING("breast-feeding"),
    BLOOD_THINNER("takes a blood thinner"),
    BLEEDING("bleeds easily (bleeding disorder)"),
    STOMACH_ULCER("stomach ulcer, or stomach bleeding before"),
    KIDNEY("kidney trouble"),
    LIVER("liver trouble"),
    ALCOHOL("drinks alcohol most days"),
    EPILEPSY("epilepsy or seizures"),
    GLAUCOMA("glaucoma (high eye pressure)"),
    URINE("enlarged prostate, or trouble passing urine"),
    THYROID("thyroid trouble"),
    G6PD("G6PD deficiency"),
    BLISTER_PRONE("blisters easily"),
    MOTION_SICK("gets motion sick"),
    CONTACT_LENSES("contact lenses"),
    PERIODS("periods");

    private static final Set<Condition> TRIMESTERS = EnumSet.of(PREGNANCY_FIRST, PREGNANCY_SECOND, PREGNANCY_THIRD);

    private final String label;

    Condition(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }

    /**
     * What has to be heeded where these are known: a trimester is a pregnancy, and while nobody says which trimester it is
     * it may be any of them.
     */
    public static Set<Condition> toHeed(Set<Condition> known) {
        Set<Condition> heeded = EnumSet.noneOf(Condition.class);
        heeded.addAll(known);
        if (known.stream().anyMatch(TRIMESTERS::contains)) {
            heeded.add(PREGNANCY);
        } else if (known.contains(PREGNANCY)) {
            heeded.addAll(TRIMESTERS);
        }
        if (known.contains(NSAID_ASTHMA)) {
            heeded.add(ASTHMA);
        }
        if (known.contains(HEART_FAILURE)) {
            heeded.add(HEART);
        }
        return heeded;
    }

    /** Whether it matters for medicine only: no problem's odds and no supply goes by it. */
    public boolean onlyForMedicine() {
        return switch (this) {
            case NSAID_ASTHMA,
                    HEART_FAILURE,
                    HIGH_BLOOD_PRESSURE,
                    PREGNANCY_FIRST,
                    PREGNANCY_SECOND,
                    PREGNANCY_THIRD,
                    BREAST_FEEDING,
                    BLEEDING,
                    LIVER,
                    ALCOHOL,
                    GLAUCOMA,
                    URINE,
                    THYROID,
                    G6PD -> true;
            default -> false;
        };
    }
}
