package hodeon.app.brief.form;

import hodeon.core.party.Party;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * A row of a brief, added, opened or taken away by a button.
 *
 * @param focus the field to go on with
 * @param opened the person whose row is opened, if it was that
 */
public record BriefRows(String focus, OptionalInt opened) {

    /** Does what a button of the form says, such as {@code remove-leg-2}; empty if it is none for rows or there is no such row. */
    public static Optional<BriefRows> press(BriefForm form, String action) {
        int row = action.matches("(remove-(leg|person)|open-person)-\\d{1,3}")
                ? Integer.parseInt(action.substring(action.lastIndexOf('-') + 1))
                : -1;
        if (action.equals("add-leg") && form.getLegs().size() < BriefForm.MOST_LEGS) {
            form.getLegs().add(new LegForm());
            return at("legs" + (form.getLegs().size() - 1) + ".activity");
        } else if (action.startsWith("open-person")) {
            return Optional.of(new BriefRows("people" + row + ".name", OptionalInt.of(row)));
        } else if (action.equals("add-person") && form.getPeople().size() < Party.MOST_PEOPLE) {
            form.getPeople().add(new PersonForm());
            return at("people" + (form.getPeople().size() - 1) + ".name");
        } else if (action.startsWith("remove-leg") && row < form.getLegs().size() && row >= 0) {
            form.getLegs().remove(row);
            return at("add-leg");
        } else if (action.startsWith("remove-person") && row < form.getPeople().size() && row >= 0) {
            form.getPeople().remove(row);
            return at("add-person");
        }
        return Optional.empty();
    }

    private static Optional<BriefRows> at(String focus) {
        return Optional.of(new BriefRows(focus, OptionalInt.empty()));
    }
}
