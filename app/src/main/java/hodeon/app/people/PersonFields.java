package hodeon.app.people;

import hodeon.app.people.ProfileForm.ContactRow;
import hodeon.app.people.ProfileForm.DirectionRow;
import hodeon.app.people.ProfileForm.RegularRow;
import hodeon.core.party.Age;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** Puts what is kept of a person back into the fields of the form. */
final class PersonFields {

    private PersonFields() {}

    static ProfileForm of(Profile profile, long version, LocalDate today) {
        Map<String, String> where = new LinkedHashMap<>();
        profile.rescue().forEach((medicine, rides) -> where.put(medicine.name(), rides));
        return new ProfileForm(
                Long.toString(version),
                profile.dog() ? "true" : "",
                profile.name(),
                text(profile.born()),
                profile.born() != null || profile.dog()
                        ? ""
                        : profile.age(today).typed(),
                text(profile.kilograms()),
                text(profile.weighedOn()),
                profile.training().name(),
                names(profile.allergies()),
                profile.reactsTo().stream().sorted().toList(),
                names(profile.conditions()),
                List.copyOf(where.keySet()),
                where,
                profile.regular().stream().map(PersonFields::regular).toList(),
                profile.directions().stream().map(PersonFields::direction).toList(),
                profile.contacts().stream()
                        .map(c -> new ContactRow(c.name(), c.relation(), c.phone()))
                        .toList(),
                profile.notes());
    }

    private static RegularRow regular(Profile.Regular regular) {
        return new RegularRow(
                regular.product(),
                text(regular.units()),
                regular.times().stream().map(String::valueOf).collect(Collectors.joining(" ")),
                regular.note());
    }

    private static DirectionRow direction(Profile.Directed directed) {
        return new DirectionRow(
                directed.ingredient(),
                directed.form() == null ? "" : directed.form().name(),
                text(directed.perKilogram()),
                text(directed.mostAtOnce()),
                text(directed.hoursApart()),
                text(directed.mostInADay()),
                text(directed.perKilogramADay()),
                age(directed.fromMonths()),
                age(directed.toMonths()),
                directed.beyondLabel() ? "true" : "",
                directed.beyondCeilings() == null ? "" : directed.beyondCeilings(),
                directed.by(),
                text(directed.on()));
    }

    private static List<String> names(Set<? extends Enum<?>> constants) {
        return constants.stream().map(Enum::name).toList();
    }

    private static String text(@Nullable BigDecimal number) {
        return number == null ? "" : number.toPlainString();
    }

    private static String text(@Nullable LocalDate day) {
        return day == null ? "" : day.toString();
    }

    private static String age(@Nullable Integer months) {
        return months == null ? "" : Age.ofMonths(months).typed();
    }
}
