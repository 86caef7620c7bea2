package hodeon.core.catalogue.words;

import java.util.List;
import java.util.Optional;

/**
 * What a line names.
 *
 * @param supply id of the one supply it can only mean; empty where that has to be asked
 * @param likely what is most likely meant, the best first; the one supply is among them
 */
public record Named(Optional<String> supply, List<Likely> likely) {

    /** So many are put before whoever is asked. */
    public static final int MOST_LIKELY = 5;

    /**
     * What may be meant.
     *
     * @param supply its id
     * @param said the words that speak for it, such as “elastic bandage”
     */
    public record Likely(String supply, String said) {}

    public Named {
        likely = List.copyOf(likely);
    }

    static final Named UNKNOWN = new Named(Optional.empty(), List.of());
}
