package hodeon.core.catalogue;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Something the party must be able to do.
 *
 * @param id stable id
 * @param name plain words
 * @param unit what one use is counted in, singular
 * @param leastChance it is planned for where the chance of needing it on a trip is at least this, 0 to 1; 0 for always
 * @param atHand what does it without any kit, and where
 * @param askedAbout what a leader misses where nothing does it, as read after “no ”; empty if nobody asks
 * @param ofTheKit the whole kit does it once, so that it is no part of a module
 */
public record Capability(
        String id,
        String name,
        String unit,
        double leastChance,
        List<AtHand> atHand,
        Optional<String> askedAbout,
        boolean ofTheKit) {

    public Capability {
        atHand = List.copyOf(atHand);
    }

    /** The best that does it without any kit where all of this holds; empty if nothing does. */
    public Optional<AtHand> atHand(Set<Tag> here) {
        return atHand.stream().filter(a -> here.contains(a.where())).max(Comparator.comparingDouble(a -> a.tier()
                .effect()));
    }

    /** Whether nobody needs a kit for it where all of this holds. */
    public boolean needless(Set<Tag> here) {
        return atHand(here).filter(AtHand::suffices).isPresent();
    }
}
