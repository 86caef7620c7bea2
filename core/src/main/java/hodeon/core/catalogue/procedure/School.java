package hodeon.core.catalogue.procedure;

import hodeon.core.catalogue.Tag;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** A topic on which careful schools or regions teach differently; the first choice is followed unless somebody says. */
public record School(String id, String name, List<Choice> choices, Reviewed reviewed) {

    /**
     * @param teaches what is taught, in a sentence or two
     * @param where fact about a region in which this is followed whatever the household says
     */
    public record Choice(String id, String name, String teaches, Optional<Tag> where) {}

    public School {
        choices = List.copyOf(choices);
    }

    public Optional<Choice> choice(String choice) {
        return choices.stream().filter(c -> c.id().equals(choice)).findFirst();
    }

    /** The choice that is followed: the region's, else the household's, else the first. */
    public Choice followed(Map<String, String> household, Set<Tag> around) {
        return choices.stream()
                .filter(c -> c.where().filter(around::contains).isPresent())
                .findFirst()
                .or(() -> choice(household.getOrDefault(id, "")))
                .orElse(choices.getFirst());
    }

    /** Ids of the choices that are followed, by topic. */
    public static Map<String, String> followed(List<School> schools, Map<String, String> household, Set<Tag> around) {
        Map<String, String> followed = new HashMap<>();
        schools.forEach(s -> followed.put(s.id(), s.followed(household, around).id()));
        return followed;
    }
}
