package hodeon.app.shell;

import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/**
 * Something that was just deleted, for the next page to offer it back at once.
 *
 * @param kind as the bin calls it: TRIP, LIST, KIT, SUPPLY, PROBLEM, CAPABILITY or MEDICINE
 */
public record Binned(String kind, String id, String name) {

    public static void told(RedirectAttributes next, String kind, Object id, String name) {
        next.addFlashAttribute("binned", new Binned(kind, String.valueOf(id), name));
    }
}
