package hodeon.core.medication;

/** What kind of thing an ingredient is, where two of one kind, or a kind and a condition, matter together. */
public enum DrugClass {
    ANTI_INFLAMMATORY("anti-inflammatory"),
    SALICYLATE("salicylate"),
    SEDATING("makes drowsy"),
    ANTIHISTAMINE("antihistamine"),
    DECONGESTANT("decongestant"),
    BLOOD_THINNER("blood thinner"),
    ANTACID("antacid"),
    ACID_REDUCER("acid reducer"),
    LAXATIVE("laxative"),
    SEROTONIN("acts on serotonin"),
    STEROID("steroid"),
    ANTIMICROBIAL("antibiotic"),
    NUMBING("numbs"),
    OPIOID("opioid"),
    RESCUE("rescue medicine");

    private final String label;

    DrugClass(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
