package hodeon.core.need;

import hodeon.core.catalogue.Capability;
import hodeon.core.catalogue.Supply;
import hodeon.core.catalogue.Tier;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * What supplies that can stand in for each other must suffice for together: straight from the forecast, whatever was packed.
 *
 * <p>Worked example: pain takes 3 uses and inflamed joints 2 in the share of trips asked for, both together 4. Paracetamol
 * does the first, ibuprofen both. Three doses of paracetamol (six tablets) and one of ibuprofen (two) are four in all, yet lack one: only
 * ibuprofen calms a joint.
 *
 * @param capabilities what the pool is for
 * @param uses how many of each the whole trip takes, by capability id
 * @param supplies those that do any of it well; what is only improvised does not count
 */
public record PooledNeed(List<Capability> capabilities, Map<String, Distribution> uses, List<Supply> supplies) {

    /** With more than so many capabilities only each alone and all together are looked at, not every group of them. */
    private static final int MOST_GROUPED = 10;
    /** What a durable is good for: more than any trip takes. */
    private static final int MOST_USES = 1_000_000;

    public PooledNeed {
        capabilities = List.copyOf(capabilities);
        uses = Map.copyOf(uses);
        supplies = List.copyOf(supplies);
    }

    /** Uses that remain unserved, and the capabilities for which there is too little; none if 0. */
    public record Lack(int uses, Set<String> capabilities) {}

    /**
     * Pools of supplies that share no capability with one another, in the order of the supplies; in each what is needed most
     * comes first.
     *
     * @param others that count where they do what a pool is for, but join no pools
     */
    public static List<PooledNeed> of(Forecast forecast, List<Supply> supplies, List<Supply> others) {
        Set<String> done = supplies.stream().flatMap(s -> doesWell(s).stream()).collect(Collectors.toSet());
        Map<Capability, Distribution> asked = new HashMap<>();
        forecast.problems().stream()
                .flatMap(problem -> problem.steps().stream())
                .filter(step -> done.contains(step.capability().id()))
                .forEach(step -> asked.merge(step.capability(), step.onTrip(), Distribution::plus));
        return thatShare(supplies).stream()
                .map(pool -> of(pool, asked, others))
                .filter(need -> !need.capabilities.isEmpty())
                .toList();
    }

    private static PooledNeed of(List<Supply> pool, Map<Capability, Distribution> asked, List<Supply> others) {
        Set<String> does = pool.stream().flatMap(s -> doesWell(s).stream()).collect(Collectors.toSet());
        List<Capability> mostFirst = asked.entrySet().stream()
                .filter(e -> does.contains(e.getKey().id()))
                .sorted(Comparator.comparingDouble((Map.Entry<Capability, Distribution> e) ->
                                -e.getValue().mean())
                        .thenComparing(e -> e.getKey().id()))
                .map(Map.Entry::getKey)
                .toList();
        Map<String, Distribution> uses = new HashMap<>();
        asked.forEach((capability, of) -> {
            if (does.contains(capability.id())) {
                uses.put(capability.id(), of);
            }
        });
        Stream<Supply> asWell = others.stream().filter(s -> !Collections.disjoint(doesWell(s), uses.keySet()));
        return new PooledNeed(
                mostFirst, uses, Stream.concat(pool.stream(), asWell).toList());
    }

    /** Groups that have no capability in common. */
    private static List<List<Supply>> thatShare(List<Supply> supplies) {
        List<Supply> open = new ArrayList<>(supplies);
        List<List<Supply>> groups = new ArrayList<>();
        while (!open.isEmpty()) {
            List<Supply> group = new ArrayList<>(List.of(open.removeFirst()));
            Set<String> does = new HashSet<>(doesWell(group.getFirst()));
            while (moveThoseThatShare(does, open, group)) {
                group.forEach(s -> does.addAll(doesWell(s)));
            }
            groups.add(group);
        }
        return groups;
    }

    private static boolean moveThoseThatShare(Set<String> does, List<Supply> from, List<Supply> to) {
        List<Supply> sharing = from.stream()
                .filter(s -> !Collections.disjoint(doesWell(s), does))
                .toList();
        from.removeAll(sharing);
        return to.addAll(sharing);
    }

    /** Ids of what a supply does better than improvised. */
    public static Set<String> doesWell(Supply supply) {
        return supply.serves().entrySet().stream()
                .filter(e -> e.getValue() != Tier.IMPROVISED)
                .map(Map.Entry::getKey)
                .collect(Collectors.toSet());
    }

    /** Uses of all capabilities together that suffice in a share of trips, with 0 &lt; share &lt; 1. */
    public int suffices(double share) {
        return suffices(uses.keySet(), share);
    }

    private int suffices(Collection<String> of, double share) {
        return of.stream()
                .map(uses::get)
                .reduce(Distribution.nothing(), Distribution::plus)
                .suffices(share);
    }

    /** Uses that so many pieces are good for, by supply id. */
    public int has(Map<String, Integer> pieces) {
        return has(uses.keySet(), pieces);
    }

    private int has(Set<String> of, Map<String, Integer> pieces) {
        return supplies.stream()
                .filter(s -> !Collections.disjoint(doesWell(s), of))
                .mapToInt(s -> uses(s, Math.max(0, pieces.getOrDefault(s.id(), 0))))
                .sum();
    }

    private static int uses(Supply supply, int pieces) {
        return pieces == 0 ? 0 : supply.servesAll() ? MOST_USES : supply.uses(pieces);
    }

    /**
     * The largest lack of any group of capabilities: what no way of sharing the pieces out could serve (Hall, Journal of the
     * London Mathematical Society 1935).
     *
     * @param pieces by supply id
     */
    public Lack lacks(Map<String, Integer> pieces, double share) {
        Lack worst = new Lack(0, Set.of());
        for (Set<String> group : groups()) {
            int lack = suffices(group, share) - has(group, pieces);
            if (lack > worst.uses()) {
                worst = new Lack(lack, group);
            }
        }
        return worst;
    }

    private List<Set<String>> groups() {
        List<Set<String>> groups = new ArrayList<>(List.of(uses.keySet()));
        List<String> ids = uses.keySet().stream().sorted().toList();
        if (ids.size() > MOST_GROUPED) {
            ids.forEach(id -> groups.add(Set.of(id)));
            return groups;
        }
        for (int bits = 1; bits < (1 << ids.size()) - 1; bits++) {
            Set<String> group = new HashSet<>();
            for (int i = 0; i < ids.size(); i++) {
                if ((bits >> i & 1) == 1) {
                    group.add(ids.get(i));
                }
            }
            groups.add(group);
        }
        return groups;
    }
}
