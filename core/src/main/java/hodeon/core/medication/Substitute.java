package hodeon.core.medication;

import hodeon.core.catalogue.Catalogue;
import hodeon.core.catalogue.Supply;
import hodeon.core.catalogue.Tier;
import hodeon.core.medication.formulary.Formulary;
import java.util.Comparator;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;

/** Finds what somebody could be given in place of what they may not have. */
public final class Substitute {

    private final Catalogue catalogue;
    private final Formulary formulary;
    private final DoseSheet sheet;

    public Substitute(Catalogue catalogue, Formulary formulary, DoseSheet sheet) {
        this.catalogue = catalogue;
        this.formulary = formulary;
        this.sheet = sheet;
    }

    /**
     * Another supply that does well what this one does well, or holds the same in another form or strength, and has a dose
     * for them; failing that, one that does well what this one only does makeshift.
     *
     * @param there ids of supplies that come along anyway; they are preferred, and among
     *     equals what holds the same
     */
    public Optional<Supply> of(Supply supply, Patient patient, Set<String> there) {
        Set<String> holds =
                formulary.inSupply(supply.id()).map(p -> p.strengths().keySet()).orElse(Set.of());
        Set<String> well = does(supply, tier -> tier != Tier.IMPROVISED);
        Set<String> atAll = does(supply, tier -> true);
        return best(supply, patient, there, holds, s -> holdsOnly(s, holds) || doesAnyOf(s, well))
                .or(() -> best(supply, patient, there, holds, s -> doesAnyOf(s, atAll)));
    }

    private Optional<Supply> best(
            Supply supply, Patient patient, Set<String> there, Set<String> holds, Predicate<Supply> serves) {
        return catalogue.supplies().stream()
                .filter(s ->
                        !s.id().equals(supply.id()) && s.prescribed().isEmpty() && !s.superseded() && serves.test(s))
                .filter(s -> formulary
                        .inSupply(s.id())
                        .filter(p -> sheet.of(p, patient) instanceof DoseAnswer.Give)
                        .isPresent())
                .min(Comparator.comparing((Supply s) -> !there.contains(s.id()))
                        .thenComparing(s -> !holdsOnly(s, holds)));
    }

    private static Set<String> does(Supply supply, Predicate<Tier> tier) {
        return supply.serves().entrySet().stream()
                .filter(e -> tier.test(e.getValue()))
                .map(Map.Entry::getKey)
                .collect(Collectors.toSet());
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
