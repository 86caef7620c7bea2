package hodeon.core.catalogue.procedure;

import hodeon.core.catalogue.procedure.Procedure.Held;
import java.util.List;
import java.util.Map;

/** A step of the first minutes. @param name what catches the eye */
public record FirstMinute(String id, String name, List<Held<String>> all, Reviewed reviewed) {

    public FirstMinute {
        all = List.copyOf(all);
    }

    /** What is done, in their order. @param schools the choice that is followed, by topic */
    public List<String> lines(Map<String, String> schools) {
        return all.stream()
                .filter(h -> h.when().holds(Casualty.ADULT, schools))
                .map(Held::what)
                .toList();
    }
}
