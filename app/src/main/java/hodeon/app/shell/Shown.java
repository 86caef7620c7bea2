package hodeon.app.shell;

import java.lang.reflect.RecordComponent;
import org.springframework.ui.Model;

/** A page shows one record: its template names the record's components, and nothing else comes from the controller. */
public final class Shown {

    private Shown() {}

    /** Puts what a page shows into its model and answers the template. */
    public static String page(String template, Record view, Model model) {
        part(view, model);
        return template;
    }

    /** Puts in what several pages show, beside what is each one's own. */
    public static void part(Record view, Model model) {
        for (RecordComponent component : view.getClass().getRecordComponents()) {
            try {
                component.getAccessor().setAccessible(true);
                model.addAttribute(component.getName(), component.getAccessor().invoke(view));
            } catch (ReflectiveOperationException e) {
                throw new IllegalStateException("What a page shows cannot be read: " + component, e);
            }
        }
    }
}
