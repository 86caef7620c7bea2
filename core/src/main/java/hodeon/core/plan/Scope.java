package hodeon.core.plan;

import hodeon.core.catalogue.file.CatalogueFault;
import hodeon.core.catalogue.file.SectionFile;
import hodeon.core.catalogue.file.SectionValues;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/**
 * What a module is for.
 *
 * @param problems ids of problems about which it does everything
 * @param capabilities ids of capabilities it has besides
 */
public record Scope(Set<String> problems, Set<String> capabilities) {

    public Scope {
        problems = Set.copyOf(problems);
        capabilities = Set.copyOf(capabilities);
    }

    public boolean isEmpty() {
        return problems.isEmpty() && capabilities.isEmpty();
    }

    /** A module one often packs. */
    public record Usual(String id, String name, Set<String> problems) {}

    /** Those that ship with the product, in the order they are offered; see {@code modules.txt}. */
    public static List<Usual> usual() {
        return Shipped.USUAL;
    }

    private static final class Shipped {
        private static final List<Usual> USUAL = read(SectionFile.shipped(Scope.class, "modules.txt"));
    }

    private static List<Usual> read(String text) {
        List<CatalogueFault> faults = new ArrayList<>();
        SectionFile file = new SectionFile("modules.txt", faults);
        List<Usual> usual = file.read(text, Set.of("name", "problems")).stream()
                .map(s -> usual(new SectionValues(file, s)))
                .toList();
        if (!faults.isEmpty()) {
            throw new IllegalStateException("Reference data: " + faults);
        }
        return usual;
    }

    private static Usual usual(SectionValues v) {
        Set<String> problems = new LinkedHashSet<>();
        v.each("problems", line -> problems.addAll(List.of(line.split(" +"))));
        return new Usual(v.id(), v.text("name"), problems);
    }
}
