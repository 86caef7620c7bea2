package hodeon.app.catalogue;

import hodeon.core.catalogue.Supply;
import java.util.Arrays;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashSet;
import java.util.Locale;
import java.util.Set;
import org.apache.commons.text.similarity.JaroWinklerSimilarity;

/**
 * The supply that a name as people write it most likely means.
 *
 * @param supply id; empty if nothing is like it
 * @param sure whether it need not be asked
 */
public record SupplyName(String supply, boolean sure) {

    /** Below this a name is called unknown rather than guessed. */
    private static final double LEAST_LIKENESS = 0.62;

    private static final JaroWinklerSimilarity LIKENESS = new JaroWinklerSimilarity();

    public static SupplyName match(String name, Collection<Supply> supplies) {
        Supply best = supplies.stream()
                .max(Comparator.comparingDouble(s -> likeness(name, s)))
                .orElseThrow();
        double like = likeness(name, best);
        return new SupplyName(like >= LEAST_LIKENESS ? best.id() : "", like > 0.9);
    }

    /** 1 for the same words, towards 0 for nothing in common. */
    private static double likeness(String name, Supply supply) {
        Set<String> given = words(name);
        Set<String> known = words(supply.name());
        if (given.isEmpty()) {
            return 0;
        }
        double sum = 0;
        for (String word : given) {
            sum += known.stream()
                    .mapToDouble(k -> LIKENESS.apply(word, k))
                    .filter(l -> l > 0.84)
                    .max()
                    .orElse(0);
        }
        double found = sum / given.size();
        double covered = Math.min(1, sum / known.size());
        return 0.7 * found + 0.3 * covered;
    }

    private static Set<String> words(String name) {
        return new HashSet<>(Arrays.stream(name.toLowerCase(Locale.ROOT).split("[^\\p{L}\\d]+"))
                .filter(w -> !w.isEmpty())
                .map(w -> w.length() > 3 && w.endsWith("s") ? w.substring(0, w.length() - 1) : w)
                .toList());
    }
}
