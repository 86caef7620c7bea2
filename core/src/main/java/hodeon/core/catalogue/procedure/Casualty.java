package hodeon.core.catalogue.procedure;

import hodeon.core.evidence.PlanningAssumption;
import java.util.EnumSet;
import java.util.Set;

/** For whom something is done, as far as doing differs. An infant is under one year, a child from then until puberty. */
public enum Casualty {
    ADULT("grown-up", Trait.ADULT),
    CHILD("child, 1 year to puberty", Trait.CHILD),
    INFANT("infant, under 1 year", Trait.INFANT),
    PREGNANT("pregnant", Trait.ADULT, Trait.PREGNANT),
    LENSES("wears lenses", Trait.ADULT, Trait.LENSES);

    /** What a line may ask for. */
    enum Trait {
        ADULT,
        CHILD,
        INFANT,
        PREGNANT,
        LENSES
    }

    /** Years below which somebody counts as a child here: puberty, taken as 12 (an assumption; resuscitation teaching looks). */
    private static final int PUBERTY_YEARS = PlanningAssumption.GROWN_FROM_AGE.whole();

    private final String label;
    private final Set<Trait> traits;

    Casualty(String label, Trait first, Trait... others) {
        this.label = label;
        this.traits = EnumSet.of(first, others);
    }

    public String label() {
        return label;
    }

    /** The label without its bounds: “child”. */
    public String word() {
        int comma = label.indexOf(',');
        return comma < 0 ? label : label.substring(0, comma);
    }

    boolean has(Trait trait) {
        return traits.contains(trait);
    }

    /**
     * Which of these somebody is.
     *
     * @param months completed months of age
     */
    public static Casualty of(int months, boolean pregnant, boolean lenses) {
        if (months < 12) {
            return INFANT;
        } else if (months < 12 * PUBERTY_YEARS) {
            return CHILD;
        }
        return pregnant ? PREGNANT : lenses ? LENSES : ADULT;
    }
}
