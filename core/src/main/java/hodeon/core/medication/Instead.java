package hodeon.core.medication;

import hodeon.core.catalogue.Catalogue;
import hodeon.core.catalogue.Supply;
import hodeon.core.catalogue.Tier;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** Finds what somebody could be given in place of what they may not have. */
public final class Instead {

    private final Catalogue catalogue;
    private final Formulary formulary;
    private final DoseSheet sheet;

    public Instead(Catalogue catalogue, Formulary formulary, DoseSheet sheet) {
        this.catalogue = catalogue;
        this.formulary = formulary;
        this.sheet = sheet;
    }

    /**
     * Another supply that does what this one was made for, or holds the same in another form or strength, and has a dose
     * for them.
     *
     * @param there ids of supplies that come along anyway; they are preferred, and among
     *     equals what holds the same
     */
    public Optional<Supply> of(Supply supply, Patient patient, List<Direction> directions, Set<String> there) {
        Set<String> does = supply.serves().entrySet().stream()
                .filter(e -> e.getValue() != Tier.IMPROVISED)
                .map(Map.Entry::getKey)
                .collect(Collectors.toSet());
        Set<String> holds =
                formulary.inSupply(supply.id()).map(p -> p.strengths().keySet()).orElse(Set.of());
        return catalogue.supplies().stream()
                .filter(s -> !s.id().equals(supply.id()) && s.prescribed().isEmpty())
                .filter(s -> formulary
                        .inSupply(s.id())
                        .filter(p -> holdsOnly(s, holds) || doesAnyOf(s, does))
                        .filter(p -> sheet.of(p, patient, directions, Set.of()) instanceof DoseAnswer.Give)
                        .isPresent())
                .min(Comparator.comparing((Supply s) -> !there.contains(s.id()))
                        .thenComparing(s -> !holdsOnly(s, holds)));
    }

    private boolean holdsOnly(Supply supply, Set<String> ingredients) {
        return formulary
                .inSupply(supply.id())
                .filter(p -> p.strengths().keySet().equals(ingredients))
                .isPresent();
    }

    private static boolean doesAnyOf(Supply supply, Set<String> capabilities) {
        return supply.serves().entrySet().stream()
                .anyMatch(e -> capabilities.contains(e.getKey()) && e.getValue() != Tier.IMPROVISED);
    }
}
