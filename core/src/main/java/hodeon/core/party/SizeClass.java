package hodeon.core.party;

import hodeon.core.evidence.PlanningAssumption;

/** The size of a body, for things that come in sizes: infants under 1 year or 10 kg, adults from 12 years or 40 kg. */
public enum SizeClass {
    INFANT("infants"),
    CHILD("children"),
    ADULT("adults");

    private static final int INFANT_KILOGRAMS = PlanningAssumption.INFANT_BELOW.whole();
    private static final int ADULT_KILOGRAMS = PlanningAssumption.GROWN_FROM.whole();
    private static final int ADULT_YEARS = PlanningAssumption.GROWN_FROM_AGE.whole();

    private final String label;

    SizeClass(String label) {
        this.label = label;
    }

    static SizeClass of(Person person) {
        double kilograms = person.bodyMass().grams() / 1000;
        if (person.years() < 1 || kilograms < INFANT_KILOGRAMS) {
            return INFANT;
        }
        return person.years() >= ADULT_YEARS || kilograms >= ADULT_KILOGRAMS ? ADULT : CHILD;
    }

    public String label() {
        return label;
    }
}
