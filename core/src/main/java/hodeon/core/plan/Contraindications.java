package hodeon.core.plan;

import hodeon.core.catalogue.Supply;
import hodeon.core.catalogue.Tag;
import hodeon.core.need.Drivers;
import hodeon.core.party.Party;
import hodeon.core.party.Person;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;

/** Whom a supply is not for. */
public final class Contraindications {

    private Contraindications() {}

    /** Whether a supply comes in this person's size. */
    public static boolean fits(Supply supply, Person person) {
        return supply.sizes().isEmpty() || supply.sizes().contains(Tag.of("size", person.size()));
    }

    /** People a supply is not for, with the reasons, in party order. */
    public static Map<String, List<Tag>> notFor(Supply supply, Party party) {
        Map<String, List<Tag>> people = new LinkedHashMap<>();
        for (Person person : party.people()) {
            Set<Tag> tags = Drivers.of(person);
            List<Tag> because = Stream.concat(supply.notFor().stream(), supply.contains().stream())
                    .filter(tags::contains)
                    .sorted()
                    .toList();
            if (!because.isEmpty()) {
                people.put(person.name(), because);
            }
        }
        return people;
    }
}
