package hodeon.app.brief.form;

import hodeon.core.party.Person;
import java.util.List;
import java.util.UUID;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * One row of the party: a person, or several who are alike in everything that matters.
 *
 * @param alike how many, 1 or more
 */
public record People(Person person, int alike) {

    /** Each of them; several get numbered names. */
    Stream<Person> each() {
        if (alike == 1) {
            return Stream.of(person);
        }
        return IntStream.rangeClosed(1, alike)
                .mapToObj(n -> person.as(numbered(n)).named(person.name() + " " + n));
    }

    /** The first keeps the row's id; the others' follow from it. */
    private UUID numbered(int n) {
        return n == 1 ? person.id() : Person.idOf(person.id() + " " + n);
    }

    public static List<Person> everybody(List<People> rows) {
        return rows.stream().flatMap(People::each).toList();
    }
}
