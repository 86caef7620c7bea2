package hodeon.core.catalogue;

import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * Where, and beside what, a supply is worth taking.
 *
 * @param onRequest why it comes only where somebody asks for it, such as {@link #COMFORT}; empty for what may always come
 * @param occupied stays with the casualty until help or healing, so that each event needs its own; only of a durable
 * @param onlyWhere it comes only where one of these holds; empty for anywhere
 * @param notWhere it does not come where one of these holds
 * @param needs what it counts nothing without; empty if it stands alone
 * @param oneOf the job for which one kind is enough, such as a tourniquet; empty if there is none
 * @param heads how many people one piece shelters at once, 1 or more
 * @param wholePack it comes as a whole pack or not at all, as a bottle does of which the pieces are millilitres
 */
public record Fit(
        Optional<String> onRequest,
        boolean occupied,
        Set<Tag> onlyWhere,
        Set<Tag> notWhere,
        Set<Needed> needs,
        Optional<String> oneOf,
        int heads,
        boolean wholePack) {

    /** Nice to have: the class of things that somebody asks for as a whole. */
    public static final String COMFORT = "comfort";

    public Fit {
        onlyWhere = Set.copyOf(onlyWhere);
        notWhere = Set.copyOf(notWhere);
        needs = Set.copyOf(needs);
    }

    /**
     * Something on the mat must have this capability.
     *
     * @param where it is needed only where this holds; empty for everywhere
     */
    public record Needed(String capability, Optional<Tag> where) {}

    /** Ids of the capabilities that it needs beside it where all of this holds. */
    public Set<String> needs(Set<Tag> here) {
        return needs.stream()
                .filter(n -> n.where().map(here::contains).orElse(true))
                .map(Needed::capability)
                .collect(Collectors.toUnmodifiableSet());
    }

    /** Whether it belongs where all of this holds. */
    public boolean belongs(Set<Tag> where) {
        return (onlyWhere.isEmpty() || onlyWhere.stream().anyMatch(where::contains))
                && notWhere.stream().noneMatch(where::contains);
    }
}
