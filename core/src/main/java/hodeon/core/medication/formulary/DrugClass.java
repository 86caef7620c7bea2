package hodeon.core.medication.formulary;

/** What kind of thing an ingredient is, where two of one kind, or a kind and a condition, matter together. */
public enum DrugClass {
    ANTI_INFLAMMATORY("anti-inflammatory"),
    SALICYLATE("salicylate (kin to aspirin)"),
    SEDATING("makes drowsy"),
    ANTIHISTAMINE("antihistamine"),
    ANTICHOLINERGIC("anticholinergic (dries the mouth, widens the pupils)"),
    DECONGESTANT("decongestant"),
    BLOOD_THINNER("blood thinner"),
    ANTACID("antacid"),
    MINERAL("holds calcium, magnesium, aluminium, iron or zinc"),
    ACID_REDUCER("acid reducer"),
    LAXATIVE("laxative"),
    SEROTONIN("acts on serotonin (many antidepressants)"),
    SSRI("antidepressant of the serotonin kind (SSRI or SNRI)"),
    TRICYCLIC("tricyclic antidepressant"),
    MAO_INHIBITOR("MAO inhibitor"),
    TRIPTAN("triptan (migraine)"),
    NITRATE("nitrate (angina)"),
    ERECTION("medicine for erections"),
    STEROID("steroid tablet"),
    STEROID_CREAM("steroid cream"),
    ANTIMICROBIAL("antibiotic or against microbes"),
    PENICILLIN("penicillin"),
    CEPHALOSPORIN("cephalosporin"),
    MACROLIDE("macrolide antibiotic"),
    QUINOLONE("quinolone antibiotic"),
    TETRACYCLINE("tetracycline antibiotic"),
    SULFONAMIDE("sulfonamide"),
    NUMBING("local anaesthetic"),
    OPIOID("opioid"),
    ANTIEPILEPTIC("antiepileptic"),
    ENZYME_INDUCER("antiepileptic that speeds up the liver"),
    ACE_INHIBITOR("ACE inhibitor or sartan (blood pressure)"),
    DIURETIC("water tablet"),
    POTASSIUM_SPARING("water tablet that keeps potassium"),
    BETA_BLOCKER("beta-blocker"),
    BLOOD_PRESSURE("other blood-pressure or heart medicine"),
    DIABETES_TABLET("diabetes medicine"),
    THYROID_HORMONE("thyroid hormone"),
    STATIN("statin (cholesterol)"),
    IMMUNOSUPPRESSANT("dampens the immune system"),
    HEART_RHYTHM("can disturb the heart's rhythm (long QT)"),
    XANTHINE("caffeine or theophylline"),
    RESCUE("rescue medicine");

    private final String label;

    DrugClass(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
