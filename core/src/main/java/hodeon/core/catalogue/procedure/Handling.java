package hodeon.core.catalogue.procedure;

import java.util.List;

/** How a supply is used that hurts when it is misused. @param id of the supply */
public record Handling(String id, List<String> lines, String never, Reviewed reviewed) {

    public Handling {
        lines = List.copyOf(lines);
    }
}
