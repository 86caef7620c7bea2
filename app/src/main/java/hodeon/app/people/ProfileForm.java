package hodeon.app.people;

import hodeon.app.shell.RepeatedFields;
import hodeon.app.shell.Texts;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Stream;

/**
 * A person, as typed; nothing is refused while it is taken in. The lists keep the rows as they were sent, also empty ones: after the
 * record is made, Spring looks for each once more by its number.
 *
 * @param version of what was opened, so that nobody's change is lost; empty for somebody new
 * @param dog “true” for a dog
 * @param where by the name of a rescue medicine, where it rides
 */
record ProfileForm(
        String version,
        String dog,
        String name,
        String born,
        String years,
        String kilograms,
        String weighedOn,
        String training,
        List<String> allergies,
        List<String> reactsTo,
        List<String> conditions,
        List<String> rescue,
        Map<String, String> where,
        List<RegularRow> regular,
        List<DirectionRow> direction,
        List<ContactRow> contact,
        String notes) {

    /** Rows of a kind, and so of regular medicines, directions and contacts each. */
    static final int MOST_ROWS = 20;

    ProfileForm {
        version = Texts.given(version).strip();
        dog = Texts.given(dog).strip();
        name = Texts.given(name).strip();
        born = Texts.given(born).strip();
        years = Texts.given(years).strip();
        kilograms = Texts.given(kilograms).strip();
        weighedOn = Texts.given(weighedOn).strip();
        training = Texts.given(training).strip();
        allergies = RepeatedFields.sent(allergies);
        reactsTo = RepeatedFields.sent(reactsTo);
        conditions = RepeatedFields.sent(conditions);
        rescue = RepeatedFields.sent(rescue);
        where = where == null ? Map.of() : where;
        regular = regular == null ? List.of() : regular;
        direction = direction == null ? List.of() : direction;
        contact = contact == null ? List.of() : contact;
        notes = Texts.given(notes).strip();
    }

    static ProfileForm named(String name) {
        return new ProfileForm(
                "", "", name, "", "", "", "", "", List.of(), List.of(), List.of(), List.of(), Map.of(), List.of(),
                List.of(), List.of(), "");
    }

    /** Something taken every day. */
    record RegularRow(String product, String units, String times, String note) {

        static final RegularRow NONE = new RegularRow("", "", "", "");

        RegularRow {
            product = Texts.given(product).strip();
            units = Texts.given(units).strip();
            times = Texts.given(times).strip();
            note = Texts.given(note).strip();
        }
    }

    /** What a clinician directed; amounts in mg. */
    record DirectionRow(
            String ingredient,
            String form,
            String perKilogram,
            String most,
            String hours,
            String day,
            String perKilogramADay,
            String from,
            String to,
            String beyond,
            String ceilings,
            String by,
            String on) {

        static final DirectionRow NONE = new DirectionRow("", "", "", "", "", "", "", "", "", "", "", "", "");

        DirectionRow {
            ingredient = Texts.given(ingredient).strip();
            form = Texts.given(form).strip();
            perKilogram = Texts.given(perKilogram).strip();
            most = Texts.given(most).strip();
            hours = Texts.given(hours).strip();
            day = Texts.given(day).strip();
            perKilogramADay = Texts.given(perKilogramADay).strip();
            from = Texts.given(from).strip();
            to = Texts.given(to).strip();
            beyond = Texts.given(beyond).strip();
            ceilings = Texts.given(ceilings).strip();
            by = Texts.given(by).strip();
            on = Texts.given(on).strip();
        }
    }

    /** Somebody to call. */
    record ContactRow(String name, String relation, String phone) {

        static final ContactRow NONE = new ContactRow("", "", "");

        ContactRow {
            name = Texts.given(name).strip();
            relation = Texts.given(relation).strip();
            phone = Texts.given(phone).strip();
        }
    }

    public boolean isDog() {
        return dog.equals("true");
    }

    public String rides(String rescueMedicine) {
        return Texts.given(where.get(rescueMedicine)).strip();
    }

    /** The rows in which something stands; the same of directions and contacts. */
    List<RegularRow> regularRows() {
        return filled(regular, RegularRow.NONE);
    }

    List<DirectionRow> directionRows() {
        return filled(direction, DirectionRow.NONE);
    }

    List<ContactRow> contactRows() {
        return filled(contact, ContactRow.NONE);
    }

    /** The rows that are filled, and one more to fill; the same of directions and contacts. */
    public List<RegularRow> regularAndOneMore() {
        return andOneMore(regularRows(), RegularRow.NONE);
    }

    public List<DirectionRow> directionAndOneMore() {
        return andOneMore(directionRows(), DirectionRow.NONE);
    }

    public List<ContactRow> contactAndOneMore() {
        return andOneMore(contactRows(), ContactRow.NONE);
    }

    ProfileForm withVersion(long now) {
        return new ProfileForm(
                Long.toString(now),
                dog,
                name,
                born,
                years,
                kilograms,
                weighedOn,
                training,
                allergies,
                reactsTo,
                conditions,
                rescue,
                where,
                regular,
                direction,
                contact,
                notes);
    }

    private static <T> List<T> filled(List<T> rows, T none) {
        return rows.stream()
                .filter(Objects::nonNull)
                .filter(r -> !r.equals(none))
                .limit(MOST_ROWS)
                .toList();
    }

    private static <T> List<T> andOneMore(List<T> rows, T none) {
        return rows.size() >= MOST_ROWS
                ? rows
                : Stream.concat(rows.stream(), Stream.of(none)).toList();
    }
}
