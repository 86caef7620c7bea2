package hodeon.core.catalogue;

import java.util.List;
import java.util.Optional;

/**
 * Everything the product knows about problems, capabilities and supplies, in file order.
 * Read it with {@link CatalogueReader}.
 */
public record Catalogue(List<Problem> problems, List<Capability> capabilities, List<Supply> supplies) {

    public Catalogue {
        problems = List.copyOf(problems);
        capabilities = List.copyOf(capabilities);
        supplies = List.copyOf(supplies);
    }

    public Optional<Supply> supply(String id) {
        return supplies.stream().filter(s -> s.id().equals(id)).findFirst();
    }

    public Optional<Problem> problem(String id) {
        return problems.stream().filter(p -> p.id().equals(id)).findFirst();
    }

    /** A capability that is known to exist, such as one named by a step or a supply. */
    public Capability capability(String id) {
        return capabilities.stream().filter(c -> c.id().equals(id)).findFirst().orElseThrow();
    }
}
