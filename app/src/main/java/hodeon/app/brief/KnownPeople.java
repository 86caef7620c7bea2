package hodeon.app.brief;

import hodeon.app.brief.form.BriefForm;
import hodeon.app.brief.form.BriefForms;
import hodeon.app.brief.form.People;
import hodeon.app.brief.form.PersonForm;
import hodeon.app.people.PeopleService;
import hodeon.core.party.Person;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/** People the household has written down, as they come into a brief: chosen from the list, or by their name alone. */
@Component
class KnownPeople {

    private final PeopleService people;
    private final Clock clock;

    KnownPeople(PeopleService people, Clock clock) {
        this.people = people;
        this.clock = clock;
    }

    List<String> names(UUID household) {
        return all(household).map(Person::name).toList();
    }

    private Stream<Person> all(UUID household) {
        return people.all(household).stream().flatMap(k -> k.profile().person(k.id(), LocalDate.now(clock)).stream());
    }

    /** Puts somebody the household has written down into the party; nobody twice. */
    void add(UUID household, BriefForm form, String name) {
        all(household)
                .filter(p -> p.name().equals(name)
                        && form.getPeople().stream()
                                .noneMatch(row -> row.getName().equals(name)
                                        || row.getId().equals(p.id().toString())))
                .forEach(p -> {
                    form.getPeople()
                            .removeIf(row ->
                                    row.getName().isBlank() && row.getYears().isBlank());
                    form.getPeople().add(BriefForms.of(new People(p, 1)));
                });
    }

    /** Somebody of the household whose name was typed alone is that person, with everything that is written down of them. */
    void recognise(UUID household, BriefForm form) {
        if (form.getPeople().stream().noneMatch(KnownPeople::isNameAlone)) {
            return;
        }
        List<Person> known = all(household).toList();
        form.getPeople().replaceAll(row -> known.stream()
                .filter(p -> isNameAlone(row)
                        && p.name().equalsIgnoreCase(row.getName().strip()))
                .findFirst()
                .map(p -> BriefForms.of(new People(p, 1)))
                .orElse(row));
    }

    private static boolean isNameAlone(PersonForm row) {
        return !row.getName().isBlank()
                && row.getYears().isBlank()
                && row.getKilograms().isBlank();
    }
}
