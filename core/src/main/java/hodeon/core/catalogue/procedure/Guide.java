package hodeon.core.catalogue.procedure;

import java.util.List;

/** A decision on the way, read before going. @param lead the decision in a sentence */
public record Guide(String id, String name, String lead, List<String> points, String never, Reviewed reviewed) {

    public Guide {
        points = List.copyOf(points);
    }
}
