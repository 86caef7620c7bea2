package hodeon.app.formulary;

import hodeon.app.storage.seal.SealedText;
import hodeon.core.medication.formulary.Label;
import hodeon.core.medication.formulary.MedicineForm;
import jakarta.persistence.Column;
import jakarta.persistence.Convert;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.LocalDateTime;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.UUID;
import org.hibernate.annotations.ColumnTransformer;
import org.hibernate.annotations.SQLRestriction;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "own_medicine")
@SQLRestriction("deleted_at is null")
class OwnMedicineRow {

    @Id
    UUID id = UUID.randomUUID();

    UUID householdId = new UUID(0, 0);

    @Convert(converter = SealedText.class)
    @ColumnTransformer(read = "'OWN_MEDICINE.NAME:' || {@}.id || ' ' || name")
    String name = "";

    /** Id of an ingredient that ships, or the name of one that does not. */
    @Convert(converter = SealedText.class)
    @ColumnTransformer(read = "'OWN_MEDICINE.INGREDIENT:' || {@}.id || ' ' || ingredient")
    String ingredient = "";

    @Enumerated(EnumType.STRING)
    MedicineForm form = MedicineForm.TABLET;

    @Column(name = "strength_ug")
    long strengthMicrograms;

    /** Units that the strength was typed for, such as 5 of “120 mg in 5 ml”; what is kept is of one unit. */
    String strengthIn = "1";

    String step = "1";

    /** Whether it gives off what it holds over hours. */
    boolean slow;

    /** Names of {@link hodeon.core.medication.formulary.DrugClass} constants with blanks between, of what does not ship. */
    @Convert(converter = SealedText.class)
    @ColumnTransformer(read = "'OWN_MEDICINE.CLASSES:' || {@}.id || ' ' || classes")
    String classes = "";

    /** Why it is right although it looked like a slip; empty if it did not. */
    @Convert(converter = SealedText.class)
    @ColumnTransformer(read = "'OWN_MEDICINE.CONFIRMED:' || {@}.id || ' ' || confirmed")
    String confirmed = "";

    @Nullable
    String supplyId;

    String perPiece = "1";

    /** When it was put in the bin; rows with a day here are seen by the bin alone. */
    @Nullable
    LocalDateTime deletedAt;

    boolean prescribed;

    /** What else it holds in one unit: a line for each, the ingredient as above, a tab, micrograms. */
    @Convert(converter = SealedText.class)
    @ColumnTransformer(read = "'OWN_MEDICINE.ALSO_HOLDS:' || {@}.id || ' ' || also_holds")
    String alsoHolds = "";

    /**
     * Lines as in {@link hodeon.core.medication.formulary.BandLine}, what the pack says: in mg of its one ingredient, in units of a
     * product that mixes several; empty if nothing was entered.
     */
    @Convert(converter = SealedText.class)
    @ColumnTransformer(read = "'OWN_MEDICINE.BANDS:' || {@}.id || ' ' || bands")
    String bands = "";

    Label.Measure measure() {
        return alsoHolds.isEmpty() ? Label.Measure.MILLIGRAMS : Label.Measure.UNITS;
    }

    /** Micrograms in one unit by ingredient, as {@link #ingredient} names it. */
    Map<String, Long> holds() {
        Map<String, Long> holds = new LinkedHashMap<>(Map.of(ingredient, strengthMicrograms));
        alsoHolds.lines().map(l -> l.split("\t")).forEach(l -> holds.put(l[0], Long.valueOf(l[1])));
        return holds;
    }
}
