package hodeon.app.catalogue;

import java.io.Serializable;
import java.util.Collection;
import java.util.Locale;
import java.util.UUID;
import java.util.stream.Stream;

/** Names what a household changed in the reference data: its own supply, problem or capability, or its own rate of a problem. */
public record OwnKey(UUID householdId, String id) implements Serializable {

    private static final int LONGEST_ID = 50;

    /**
     * An id that says what it is of: “Lucky stone” becomes lucky-stone, and lucky-stone-2 where that is taken.
     *
     * @param name in any script; letters and digits of the Latin one are used
     * @param otherwise where nothing of it can be used
     */
    public static String newId(String name, String otherwise, Collection<String> taken) {
        String words =
                name.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-").replaceAll("^-|-$", "");
        String base = words.isEmpty() ? otherwise : words.substring(0, Math.min(words.length(), LONGEST_ID));
        return Stream.iterate(1, n -> n + 1)
                .map(n -> n == 1 ? base : base + "-" + n)
                .filter(i -> !taken.contains(i))
                .findFirst()
                .orElseThrow();
    }
}
