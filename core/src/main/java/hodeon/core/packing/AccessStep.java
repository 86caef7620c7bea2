package hodeon.core.packing;

import hodeon.core.evidence.PlanningAssumption;

/** One thing to do on the way to a compartment, with the seconds it takes a shaking hand. */
public enum AccessStep {
    PULL_TAB("pull the tab", PlanningAssumption.PULL_TAB_SECONDS, true),
    OPEN_FLAP("open the flap", PlanningAssumption.OPEN_FLAP_SECONDS, true),
    UNCLIP("undo the clip", PlanningAssumption.UNCLIP_SECONDS, true),
    UNZIP("unzip", PlanningAssumption.UNZIP_SECONDS, false),
    UNROLL("unroll", PlanningAssumption.UNROLL_SECONDS, false),
    LIFT_LID("lift the lid", PlanningAssumption.LIFT_LID_SECONDS, true),
    LIFT_OUT("lift it out", PlanningAssumption.LIFT_OUT_SECONDS, true),
    OPEN_BAG("open the bag", PlanningAssumption.OPEN_BAG_SECONDS, false),
    UNLOCK("unlock", PlanningAssumption.UNLOCK_SECONDS, false);

    private final String label;
    private final PlanningAssumption seconds;
    private final boolean oneHanded;

    AccessStep(String label, PlanningAssumption seconds, boolean oneHanded) {
        this.label = label;
        this.seconds = seconds;
        this.oneHanded = oneHanded;
    }

    public String label() {
        return label;
    }

    public int seconds() {
        return seconds.whole();
    }

    /** Whether one hand does it. */
    public boolean oneHanded() {
        return oneHanded;
    }
}
