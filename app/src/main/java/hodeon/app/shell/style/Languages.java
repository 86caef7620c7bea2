package hodeon.app.shell.style;

import java.util.Enumeration;
import java.util.List;
import java.util.Locale;

/** The languages that ship: each is a message file beside the English one. */
public final class Languages {

    public static final List<Locale> ALL = List.of(Locale.ENGLISH, Locale.GERMAN);

    private Languages() {}

    /** The first that somebody asks for and that ships; English otherwise. */
    public static Locale firstOf(Enumeration<Locale> asked) {
        while (asked.hasMoreElements()) {
            Locale next = Locale.of(asked.nextElement().getLanguage());
            if (ALL.contains(next)) {
                return next;
            }
        }
        return Locale.ENGLISH;
    }
}
