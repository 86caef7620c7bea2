package hodeon.core.plan;

import hodeon.core.catalogue.Catalogue;
import hodeon.core.catalogue.Supply;
import hodeon.core.catalogue.Tag;
import hodeon.core.choice.Candidate;
import hodeon.core.choice.Choice.Need;
import hodeon.core.need.PooledNeed;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.IntStream;

/** What comes only together, and what never comes together; what rides elsewhere is company too. */
final class Together {

    private final Catalogue catalogue;
    private final List<Candidate> candidates;
    private final Set<Tag> here;

    /** @param here what holds of place, length and people */
    Together(Catalogue catalogue, List<Candidate> candidates, Set<Tag> here) {
        this.here = here;
        this.catalogue = catalogue;
        this.candidates = candidates;
    }

    /** The same candidates, none of those that need something beside them that may not come. */
    static List<Candidate> without(Catalogue catalogue, List<Candidate> all, Set<Tag> here, Collection<String> pinned) {
        List<Candidate> left = new ArrayList<>(all);
        boolean more = true;
        while (more) {
            more = false;
            for (Need need : new Together(catalogue, left, here).needs(pinned)) {
                Candidate lonely = left.get(need.candidate());
                if (lonely.most() > 0
                        && need.anyOf().stream().allMatch(i -> left.get(i).most() == 0)) {
                    left.set(need.candidate(), lonely.within(0, 0));
                    more = true;
                }
            }
        }
        return List.copyOf(left);
    }

    private Supply supply(int candidate) {
        return KitQuestion.supply(catalogue, candidates, candidate);
    }

    /** What a supply needs beside it is something that does the capability at least well; what is pinned comes all the same. */
    List<Need> needs(Collection<String> pinned) {
        List<Need> needs = new ArrayList<>();
        for (int i = 0; i < catalogue.supplies().size(); i++) {
            Set<String> needed =
                    pinned.contains(supply(i).id()) ? Set.of() : supply(i).fit().needs(here);
            for (String capability : needed) {
                if (catalogue.capability(capability).needless(here)) {
                    continue;
                }
                int one = i;
                needs.add(new Need(
                        i,
                        IntStream.range(0, candidates.size())
                                .filter(other -> other != one
                                        && PooledNeed.doesWell(supply(other)).contains(capability))
                                .boxed()
                                .toList()));
            }
        }
        return needs;
    }

    /** Kinds for one job, of which one comes; what is pinned comes however many kinds that makes. */
    List<List<Integer>> alternatives(Collection<String> pinned) {
        Map<String, List<Integer>> byJob = new LinkedHashMap<>();
        for (int i = 0; i < catalogue.supplies().size(); i++) {
            int one = i;
            supply(i).fit().oneOf().ifPresent(job -> byJob.computeIfAbsent(job, j -> new ArrayList<>())
                    .add(one));
        }
        return byJob.values().stream()
                .filter(of ->
                        of.stream().filter(i -> pinned.contains(supply(i).id())).count() <= 1)
                .toList();
    }
}
