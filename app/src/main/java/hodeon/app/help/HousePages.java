package hodeon.app.help;

import hodeon.core.catalogue.file.CatalogueFault;
import hodeon.core.catalogue.file.SectionFile;
import hodeon.core.catalogue.file.SectionValues;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import org.springframework.stereotype.Component;

/** The pages and acts of the house: by what words they are found, and what is done next after each. */
@Component("housePages")
public class HousePages {

    /**
     * A page, or something that is done on one.
     *
     * @param address with {@code {trip}} in it where it is of an outing
     * @param also other words somebody may look for; empty if none
     * @param next what is done after it; empty if nothing is
     * @param to where that is done
     */
    public record Page(String id, String name, String address, String also, String next, String to) {}

    private static final Set<String> KEYS = Set.of("name", "address", "also", "next", "to");

    private final List<Page> pages = shipped();

    public List<Page> pages() {
        return pages;
    }

    /** What is done after the page of that title; empty for pages that have a path of their own. */
    public Optional<Page> next(String title) {
        String id = title.toLowerCase(Locale.ROOT).replace(' ', '-');
        return pages.stream()
                .filter(p -> p.id().equals(id) && !p.next().isEmpty())
                .findFirst();
    }

    private static List<Page> shipped() {
        List<CatalogueFault> faults = new ArrayList<>();
        SectionFile file = new SectionFile("pages.txt", faults);
        List<Page> pages = file.read(SectionFile.shipped(HousePages.class, "pages.txt"), KEYS).stream()
                .map(section -> page(new SectionValues(file, section)))
                .toList();
        if (!faults.isEmpty()) {
            throw new IllegalStateException("Pages: " + faults);
        }
        return pages;
    }

    private static Page page(SectionValues values) {
        return new Page(
                values.id(),
                values.text("name"),
                values.text("address"),
                optional(values, "also"),
                optional(values, "next"),
                optional(values, "to"));
    }

    private static String optional(SectionValues values, String key) {
        return values.one(key, Optional.of(""), "", Function.identity());
    }
}
