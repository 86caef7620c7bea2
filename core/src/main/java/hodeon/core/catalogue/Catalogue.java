package hodeon.core.catalogue;

import hodeon.core.catalogue.file.CatalogueReader;
import hodeon.core.evidence.Rate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

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

    /** The same with other rates, by problem id. */
    public Catalogue withRates(Map<String, Rate> rates) {
        List<Problem> changed = problems.stream()
                .map(p ->
                        Optional.ofNullable(rates.get(p.id())).map(p::withRate).orElse(p))
                .toList();
        return new Catalogue(changed, capabilities, supplies);
    }

    /** The same with these capabilities and problems behind the others; each id is new. */
    public Catalogue with(List<Capability> moreCapabilities, List<Problem> moreProblems) {
        return new Catalogue(
                Stream.concat(problems.stream(), moreProblems.stream()).toList(),
                Stream.concat(capabilities.stream(), moreCapabilities.stream()).toList(),
                supplies);
    }

    /** The same with these supplies in place of those of the same id, and behind them those that are new. */
    public Catalogue withSupplies(List<Supply> own) {
        Map<String, Supply> byId = new LinkedHashMap<>();
        supplies.forEach(s -> byId.put(s.id(), s));
        own.forEach(s -> byId.put(s.id(), s));
        return new Catalogue(problems, capabilities, List.copyOf(byId.values()));
    }

    /** The same with other numbers of pieces to one use, each 1 or more, by supply id. */
    public Catalogue withPiecesPerUse(Map<String, Double> piecesPerUse) {
        return withSupplies(supplies.stream()
                .flatMap(s -> Optional.ofNullable(piecesPerUse.get(s.id())).map(s::withPiecesPerUse).stream())
                .toList());
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
