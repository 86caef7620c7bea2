package hodeon.core.readiness;

import hodeon.core.catalogue.Group;
import hodeon.core.catalogue.Supply;
import hodeon.core.catalogue.Tag;
import hodeon.core.catalogue.Tier;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;

/**
 * Which supplies stand in for which: one that does all of the other's jobs at least as well, brings no material the other does not have,
 * and fits the same bodies. No medicine stands in for another: whom it suits and how much of it is another question, which the dose gate
 * answers.
 *
 * <p>Worked example, a test: small nitrile gloves stand in for nitrile gloves; latex gloves do not, and a tourniquet for children does
 * not for one of grown-ups.
 */
public final class Substitution {

    private static final Set<Group> MEDICINE = Set.of(Group.MEDICINE, Group.PERSONAL);

    private final Map<String, Supply> supplies;
    /** By what is listed, everything that stands in for it: asked for again by every kit of a household. */
    private final Map<String, Set<String>> known = new ConcurrentHashMap<>();

    /** @param supplies by id */
    public Substitution(Map<String, Supply> supplies) {
        this.supplies = Map.copyOf(supplies);
    }

    /** Ids of all supplies of which a piece counts where the list asks for this one; never itself. */
    public Set<String> standIns(String listed) {
        return known.computeIfAbsent(listed, id -> {
            Supply wanted = supplies.get(id);
            return wanted == null
                    ? Set.of()
                    : supplies.values().stream()
                            .filter(there -> standsInFor(there, wanted))
                            .map(Supply::id)
                            .collect(Collectors.toUnmodifiableSet());
        });
    }

    /** Whether a piece of one counts where the list asks for the other. */
    public boolean standsInFor(String other, String listed) {
        return standIns(listed).contains(other);
    }

    /**
     * How many pieces of the listed one so many of the other come to, rounded down: a roll for 40 uses stands for forty strips.
     * Of what is not used up a piece stands for a piece.
     */
    public int pieces(int pieces, String other, String listed) {
        Supply wanted = supplies.get(listed);
        Supply there = supplies.get(other);
        if (wanted == null || there == null) {
            return 0;
        }
        return wanted.durable() || there.durable()
                ? pieces
                : (int) Math.floor(there.uses(pieces) / wanted.usesPerPiece());
    }

    private static boolean standsInFor(Supply there, Supply wanted) {
        return !there.id().equals(wanted.id())
                && !there.superseded()
                && there.prescribed().isEmpty()
                && wanted.prescribed().isEmpty()
                && !MEDICINE.contains(there.group())
                && !MEDICINE.contains(wanted.group())
                && there.durable() == wanted.durable()
                && !wanted.serves().isEmpty()
                && wanted.serves().entrySet().stream().allMatch(job -> doesAsWell(there, job.getKey(), job.getValue()))
                && wanted.contains().containsAll(there.contains())
                && fits(there.sizes(), wanted.sizes());
    }

    private static boolean doesAsWell(Supply there, String job, Tier tier) {
        Tier does = there.serves().get(job);
        return does != null && does.effect() >= tier.effect();
    }

    /** What is made for one body fits no other; for what has no size any does, and its name says which. */
    private static boolean fits(Set<Tag> there, Set<Tag> wanted) {
        return wanted.isEmpty() || there.isEmpty() || there.containsAll(wanted);
    }
}
