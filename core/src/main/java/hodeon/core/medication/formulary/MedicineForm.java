package hodeon.core.medication.formulary;

import hodeon.core.units.Plural;

/** What a product comes as, what one of it is called, and whether it is measured in millilitres or stays on the skin. */
public enum MedicineForm {
    TABLET("tablet", Way.PIECES),
    CHEWABLE("chewable tablet", Way.PIECES),
    CAPSULE("capsule", Way.PIECES),
    LOZENGE("lozenge", Way.PIECES),
    SACHET("sachet", Way.PIECES),
    SYRUP("ml", Way.MILLILITRES),
    CREAM("application", Way.ON_THE_SPOT),
    GEL("application", Way.ON_THE_SPOT),
    DROPS("drop", Way.ON_THE_SPOT),
    SPRAY("spray", Way.ON_THE_SPOT),
    INHALER("puff", Way.PIECES),
    INJECTOR("injector", Way.PIECES);

    private enum Way {
        PIECES,
        MILLILITRES,
        ON_THE_SPOT
    }

    private final String unit;
    private final Way way;

    MedicineForm(String unit, Way way) {
        this.unit = unit;
        this.way = way;
    }

    public String unit() {
        return unit;
    }

    public boolean liquid() {
        return way == Way.MILLILITRES;
    }

    /** Whether it works where it is put, so that its milligrams are not counted with what is swallowed. */
    public boolean onTheSpot() {
        return way == Way.ON_THE_SPOT;
    }

    /** Such as “2 tablets”, “7.5 ml” or “1 puff”. */
    public String says(String amount) {
        return amount + " " + (amount.equals("1") ? unit : Plural.of(2, unit));
    }
}
