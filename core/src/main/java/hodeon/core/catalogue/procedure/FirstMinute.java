package hodeon.core.catalogue.procedure;

import hodeon.core.catalogue.procedure.Procedure.Held;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/** A step of the first minutes. @param name what catches the eye */
public record FirstMinute(String id, String name, List<Held<String>> all, Reviewed reviewed) {

    public FirstMinute {
        all = List.copyOf(all);
    }

    /** What is done, in one line. @param schools the choice that is followed, by topic */
    public String says(Map<String, String> schools) {
        return all.stream()
                .filter(h -> h.when().holds(Casualty.ADULT, schools))
                .map(Held::what)
                .collect(Collectors.joining(" "));
    }
}
