package hodeon.core.party;

/** What somebody reacts to. Single medicines beyond these are named with the person. */
public enum Allergy {
    LATEX("latex"),
    ADHESIVE("adhesive"),
    IODINE("iodine"),
    ASPIRIN("aspirin"),
    NSAID("anti-inflammatories"),
    PENICILLIN("penicillin"),
    FOOD("food"),
    STING("stings"),
    PARACETAMOL("paracetamol"),
    OPIOID("codeine and other opioids"),
    ANTIHISTAMINE("antihistamine tablets"),
    CEPHALOSPORIN("cephalosporins"),
    SULFONAMIDE("sulfonamides (sulfa medicines)"),
    LOCAL_ANAESTHETIC("local anaesthetics (lidocaine, benzocaine)"),
    CHLORHEXIDINE("chlorhexidine");

    private final String label;

    Allergy(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
