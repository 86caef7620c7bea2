package hodeon.app.people;

import hodeon.core.party.Age;
import java.time.LocalDate;
import java.util.stream.Collectors;

/** Puts what is kept of a person back into the fields of the form. */
final class PersonFields {

    private PersonFields() {}

    static Typed of(Profile profile, LocalDate today) {
        Typed form = Typed.nothing();
        if (profile.dog()) {
            form.put("dog", true);
        }
        form.put("name", profile.name());
        if (profile.born() != null) {
            form.put("born", profile.born());
        } else if (!profile.dog()) {
            form.put("years", profile.age(today).typed());
        }
        if (profile.kilograms() != null) {
            form.put("kilograms", profile.kilograms().toPlainString());
        }
        if (profile.weighedOn() != null) {
            form.put("weighedOn", profile.weighedOn());
        }
        form.put("training", profile.training());
        profile.allergies().forEach(a -> form.put("allergies", a.name()));
        profile.reactsTo().stream().sorted().forEach(id -> form.put("reactsTo", id));
        profile.conditions().forEach(c -> form.put("conditions", c.name()));
        profile.rescue().forEach((medicine, where) -> {
            form.put("rescue", medicine.name());
            form.put("where-" + medicine.name(), where);
        });
        for (int i = 0; i < profile.regular().size(); i++) {
            Profile.Regular regular = profile.regular().get(i);
            String at = "regular[" + i + "].";
            form.put(at + "product", regular.product());
            form.put(at + "units", regular.units().toPlainString());
            form.put(at + "times", regular.times().stream().map(String::valueOf).collect(Collectors.joining(" ")));
            form.put(at + "note", regular.note());
        }
        for (int i = 0; i < profile.directions().size(); i++) {
            Profile.Directed directed = profile.directions().get(i);
            String at = "direction[" + i + "].";
            form.put(at + "ingredient", directed.ingredient());
            if (directed.form() != null) {
                form.put(at + "form", directed.form());
            }
            if (directed.perKilogramADay() != null) {
                form.put(at + "perKilogramADay", directed.perKilogramADay().toPlainString());
            }
            if (directed.fromMonths() != null) {
                form.put(at + "from", Age.ofMonths(directed.fromMonths()).typed());
            }
            if (directed.toMonths() != null) {
                form.put(at + "to", Age.ofMonths(directed.toMonths()).typed());
            }
            if (directed.beyondCeilings() != null) {
                form.put(at + "ceilings", directed.beyondCeilings());
            }
            if (directed.perKilogram() != null) {
                form.put(at + "perKilogram", directed.perKilogram().toPlainString());
            }
            form.put(at + "most", directed.mostAtOnce().toPlainString());
            form.put(at + "hours", directed.hoursApart().toPlainString());
            form.put(at + "day", directed.mostInADay().toPlainString());
            if (directed.beyondLabel()) {
                form.put(at + "beyond", true);
            }
            form.put(at + "by", directed.by());
            form.put(at + "on", directed.on());
        }
        for (int i = 0; i < profile.contacts().size(); i++) {
            Profile.Contact contact = profile.contacts().get(i);
            String at = "contact[" + i + "].";
            form.put(at + "name", contact.name());
            form.put(at + "relation", contact.relation());
            form.put(at + "phone", contact.phone());
        }
        form.put("notes", profile.notes());
        return form;
    }
}
