package hodeon.core.catalogue.procedure;

import hodeon.core.catalogue.procedure.Casualty.Trait;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Locale;
import java.util.Map;
import java.util.Set;

/**
 * For whom and in which school a line holds.
 *
 * @param ages one of which somebody must have; empty for everybody
 * @param with traits of the body that must be there
 * @param without traits of the body that must not
 * @param schools choices by topic, one of which must be followed
 */
record When(Set<Trait> ages, Set<Trait> with, Set<Trait> without, Map<String, Set<String>> schools) {

    private static final Set<Trait> AGES = EnumSet.of(Trait.ADULT, Trait.CHILD, Trait.INFANT);
    static final When ALWAYS = new When(Set.of(), Set.of(), Set.of(), Map.of());

    When {
        ages = Set.copyOf(ages);
        with = Set.copyOf(with);
        without = Set.copyOf(without);
        schools = Map.copyOf(schools);
    }

    /** Reads “child infant first-breaths=five”; an unknown word throws {@link IllegalArgumentException} that names it. */
    static When parse(String text) {
        Set<Trait> ages = EnumSet.noneOf(Trait.class);
        Set<Trait> with = EnumSet.noneOf(Trait.class);
        Set<Trait> without = EnumSet.noneOf(Trait.class);
        Map<String, Set<String>> schools = new HashMap<>();
        for (String word : text.isBlank() ? new String[0] : text.strip().split(" +")) {
            int equals = word.indexOf('=');
            if (equals > 0) {
                schools.computeIfAbsent(word.substring(0, equals), t -> new HashSet<>())
                        .add(word.substring(equals + 1));
            } else if (word.startsWith("not-")) {
                without.add(trait(word.substring("not-".length())));
            } else {
                Trait trait = trait(word);
                (AGES.contains(trait) ? ages : with).add(trait);
            }
        }
        return new When(ages, with, without, schools);
    }

    private static Trait trait(String word) {
        return Arrays.stream(Trait.values())
                .filter(t -> t.name().toLowerCase(Locale.ROOT).equals(word))
                .findFirst()
                .orElseThrow(
                        () -> new IllegalArgumentException(
                                "“" + word
                                        + "” is none of adult, child, infant, pregnant, lenses, not-pregnant, not-lenses, topic=choice."));
    }

    /** @param schools the choice that is followed, by topic */
    boolean holds(Casualty casualty, Map<String, String> schools) {
        return (ages.isEmpty() || ages.stream().anyMatch(casualty::has))
                && with.stream().allMatch(casualty::has)
                && without.stream().noneMatch(casualty::has)
                && this.schools.entrySet().stream()
                        .allMatch(t -> t.getValue().contains(schools.getOrDefault(t.getKey(), "")));
    }
}
