package hodeon.core.catalogue.procedure;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.stream.Stream;

/**
 * What to do about one problem, in words.
 *
 * @param id of the problem
 * @param told topics that are told of though no line depends on them
 * @param watch what to look for afterwards
 * @param byHand the whole of it, with no gear at all
 * @param call when to call for help
 */
public record Procedure(
        String id,
        List<Held<DoLine>> all,
        List<Held<Timer>> clocks,
        Set<String> told,
        String watch,
        String byHand,
        String call,
        Reviewed reviewed) {

    /** More lines than this nobody reads with a bleeding person at hand (an assumption of the house). */
    public static final int MOST_LINES = 7;

    /** Something that holds for some people and schools only. */
    record Held<T>(When when, T what) {}

    public Procedure {
        all = List.copyOf(all);
        clocks = List.copyOf(clocks);
        told = Set.copyOf(told);
    }

    /** What to do now, in order. @param schools the choice that is followed, by topic; see {@link School#followed} */
    public List<DoLine> lines(Casualty casualty, Map<String, String> schools) {
        return holding(all, casualty, schools);
    }

    public List<Timer> timers(Casualty casualty, Map<String, String> schools) {
        return holding(clocks, casualty, schools);
    }

    private static <T> List<T> holding(List<Held<T>> all, Casualty casualty, Map<String, String> schools) {
        return all.stream()
                .filter(h -> h.when().holds(casualty, schools))
                .map(Held::what)
                .toList();
    }

    /** Those for whom something else is done than for a grown-up, the grown-up first; one alone where all is the same. */
    public List<Casualty> casualties(Map<String, String> schools) {
        List<DoLine> usual = lines(Casualty.ADULT, schools);
        return Arrays.stream(Casualty.values())
                .filter(c -> c == Casualty.ADULT || !lines(c, schools).equals(usual))
                .toList();
    }

    /** A line with those of {@link #casualties} for whom it holds. */
    public record For(DoLine line, List<Casualty> whom) {}

    /** Every line that holds for any of {@link #casualties}, in order: all of them on one list, as a card has room for. */
    public List<For> together(Map<String, String> schools) {
        List<Casualty> whom = casualties(schools);
        return all.stream()
                .map(h -> new For(
                        h.what(),
                        whom.stream().filter(c -> h.when().holds(c, schools)).toList()))
                .filter(f -> !f.whom().isEmpty())
                .toList();
    }

    /** Topics on which schools differ here. */
    public SortedSet<String> topics() {
        SortedSet<String> topics = new TreeSet<>(told);
        Stream.concat(all.stream().map(Held::when), clocks.stream().map(Held::when))
                .forEach(w -> topics.addAll(w.schools().keySet()));
        return topics;
    }
}
