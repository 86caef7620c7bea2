package hodeon.app.formulary;

import hodeon.app.shell.Texts;

/**
 * A product of a household's own, as typed.
 *
 * @param per what the strength is said for: 1, or of a liquid so many ml
 * @param alsoHolds further ingredients, one a line with its mg
 * @param slow “true” where it works slowly
 * @param prescribed “true” where it is on prescription
 * @param bands what the label says, one line for each group of people
 * @param confirmed why what looks wrong is right all the same
 */
record OwnMedicineForm(
        String name,
        String ingredient,
        String form,
        String strength,
        String per,
        String alsoHolds,
        String step,
        String supply,
        String perPiece,
        String slow,
        String prescribed,
        String bands,
        String confirmed) {

    static final OwnMedicineForm EMPTY = new OwnMedicineForm("", "", "", "", "1", "", "1", "", "1", "", "", "", "");

    OwnMedicineForm {
        name = Texts.given(name).strip();
        ingredient = Texts.given(ingredient).strip();
        form = Texts.given(form).strip();
        strength = Texts.given(strength).strip();
        per = Texts.given(per).strip();
        alsoHolds = Texts.given(alsoHolds).strip();
        step = Texts.given(step).strip();
        supply = Texts.given(supply).strip();
        perPiece = Texts.given(perPiece).strip();
        slow = Texts.given(slow).strip();
        prescribed = Texts.given(prescribed).strip();
        bands = Texts.given(bands).strip();
        confirmed = Texts.given(confirmed).strip();
    }
}
