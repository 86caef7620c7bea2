package hodeon.core.brief;

import java.util.Optional;
import java.util.Set;

/**
 * What a brief says about how its kit travels, what is at hand on the way, and how much is enough.
 *
 * @param carriage how the kit travels; empty where it follows from the activity
 * @param reach what is at hand all along the way; empty where it follows from activity, place and hours to care
 * @param thrift how dear a gram and a kind are
 * @param comfort whether things that are merely nice to have are counted too
 */
public record Means(Optional<Carriage> carriage, Optional<Set<Reach>> reach, Thrift thrift, boolean comfort) {

    /** Nothing said: everything follows from the rest of the brief, and enough is what is usual. */
    public static final Means UNSAID = new Means(Optional.empty(), Optional.empty(), Thrift.USUAL, false);

    public Means {
        reach = reach.map(Set::copyOf);
    }
}
