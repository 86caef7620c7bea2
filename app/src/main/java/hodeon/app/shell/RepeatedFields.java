package hodeon.app.shell;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.propertyeditors.CustomCollectionEditor;
import org.springframework.web.bind.WebDataBinder;

/** Forms whose rows repeat the same fields: each list holds what stands in the fields of its name, row by row. */
public final class RepeatedFields {

    private RepeatedFields() {}

    /** A list bound from one field alone would otherwise be split at its commas: “gauze, small” is one line. */
    public static void whole(WebDataBinder binder) {
        binder.registerCustomEditor(List.class, new CustomCollectionEditor(List.class));
    }

    /** What was sent, or nothing at all. */
    public static List<String> sent(@Nullable List<String> values) {
        return values == null ? List.of() : List.copyOf(values);
    }

    /** What stands in a row; empty where a field was not sent. */
    public static String at(List<String> values, int row) {
        return row < values.size() ? values.get(row) : "";
    }
}
