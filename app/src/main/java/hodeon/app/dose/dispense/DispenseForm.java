package hodeon.app.dose.dispense;

import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What is to be handed over, as typed.
 *
 * @param product id of the product
 * @param place where it is taken from
 * @param units how many tablets, millilitres and so on
 * @param by the clinician who hands it over
 * @param note what else the label is to say
 */
record DispenseForm(
        @Nullable String product,
        @Nullable UUID place,
        @Nullable String units,
        @Nullable UUID by,
        @Nullable String note) {

    static final int LONGEST_NOTE = 200;

    String typed() {
        return units == null ? "" : units.strip();
    }

    String says() {
        String said = note == null ? "" : note.strip().replaceAll("\\p{Cntrl}", " ");
        return said.length() > LONGEST_NOTE ? said.substring(0, LONGEST_NOTE) : said;
    }
}
