package hodeon.core.readiness;

import hodeon.core.stock.Held;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * A kit held against its list. Pieces that outlast the day count for the lines of their own supply, first in the module they lie in; what
 * is then left over {@linkplain Substitution stands in} for what still lacks.
 *
 * <p>Worked example, a test: the list wants 6 pairs of nitrile gloves and 4 wipes, at least 2. In the kit lie 2 pairs, 20 pairs for small
 * hands, 3 wipes and 1 wipe past its date. The gloves lack 4 of their own and are covered by 4 of the small ones; of the wipes 1 lacks,
 * yet not below the least count; 16 small pairs and the old wipe are surplus.
 *
 * @param lines as the list has them
 * @param surplus good pieces that no line asks for, by supply id
 * @param old pieces that do not outlast the day, by supply id
 */
public record AgainstList(List<State> lines, Map<String, Integer> surplus, Map<String, Integer> old) {

    /**
     * A line and what there is for it.
     *
     * @param good pieces of its own supply that outlast the day, at most its target
     * @param covered what stands in for the others
     */
    public record State(KitList.Line line, int good, List<Cover> covered) {

        public State {
            covered = List.copyOf(covered);
        }

        /** Pieces of its own supply that are not there, whether something stands in or not. */
        public int lacksOfItsOwn() {
            return line.target() - good;
        }

        /** Pieces that are not there and for which nothing stands in. */
        public int lacks() {
            return lacksOfItsOwn() - covered.stream().mapToInt(Cover::standsFor).sum();
        }

        /** Whether the kit is not to be left so. */
        public boolean belowLeast() {
            return line.target() - lacks() < line.least();
        }
    }

    /**
     * Something else that does the job.
     *
     * @param pieces of the other supply, 1 or more
     * @param standsFor pieces of the listed one, 1 or more
     */
    public record Cover(String supply, int pieces, int standsFor) {}

    public AgainstList {
        lines = List.copyOf(lines);
    }

    /** Whether every line is there or something stands in for it. */
    public boolean complete() {
        return lines.stream().allMatch(s -> s.lacks() == 0);
    }

    /** Pieces that lack for which nothing stands in, by supply id, more than 0; in the order of the list. */
    public Map<String, Integer> lacking() {
        Map<String, Integer> lacking = new LinkedHashMap<>();
        lines.stream()
                .filter(s -> s.lacks() > 0)
                .forEach(s -> lacking.merge(s.line().supply(), s.lacks(), Integer::sum));
        return lacking;
    }

    /**
     * A piece that lies somewhere in the kit.
     *
     * @param module name of the module it lies in, empty for the kit itself
     */
    public record Piece(Held held, String module) {}

    /** @param until the day a piece must outlast to count */
    public static AgainstList of(KitList list, List<Piece> there, LocalDate until, Substitution substitution) {
        Pool pool = new Pool(there, until);
        Map<KitList.Line, Integer> good = new LinkedHashMap<>();
        list.lines().forEach(l -> good.put(l, pool.take(l.supply(), l.module(), l.target())));
        good.replaceAll((line, own) -> own + pool.takeAnywhere(line.supply(), line.target() - own));
        List<State> states = new ArrayList<>();
        good.forEach((line, own) ->
                states.add(new State(line, own, pool.cover(line.supply(), line.target() - own, substitution))));
        return new AgainstList(states, pool.left(), pool.old());
    }

    /** Good pieces that are not yet counted, by supply and module. */
    private static final class Pool {

        private final Map<String, Map<String, Integer>> modules = new HashMap<>();
        private final Map<String, Integer> left = new TreeMap<>();
        private final Map<String, Integer> old = new TreeMap<>();

        Pool(List<Piece> there, LocalDate until) {
            for (Piece piece : there) {
                String supply = piece.held().lot().supply();
                int pieces = piece.held().pieces();
                if (piece.held().outlasts(until, 0)) {
                    left.merge(supply, pieces, Integer::sum);
                    modules.computeIfAbsent(supply, s -> new TreeMap<>()).merge(piece.module(), pieces, Integer::sum);
                } else {
                    old.merge(supply, pieces, Integer::sum);
                }
            }
        }

        int take(String supply, String module, int most) {
            Map<String, Integer> there = modules.getOrDefault(supply, Map.of());
            int taken = Math.min(most, there.getOrDefault(module, 0));
            if (taken > 0) {
                there.merge(module, -taken, Integer::sum);
                left.merge(supply, -taken, Integer::sum);
            }
            return taken;
        }

        int takeAnywhere(String supply, int most) {
            int taken = 0;
            for (String module :
                    List.copyOf(modules.getOrDefault(supply, Map.of()).keySet())) {
                taken += take(supply, module, most - taken);
            }
            return taken;
        }

        /** The most plentiful first, so that few kinds stand in. */
        List<Cover> cover(String listed, int lacking, Substitution substitution) {
            List<Cover> covers = new ArrayList<>();
            int still = lacking;
            if (still == 0) {
                return covers;
            }
            for (String other : substitution.standIns(listed).stream()
                    .filter(o -> there(o) > 0)
                    .sorted(Comparator.<String>comparingInt(o -> -there(o)).thenComparing(o -> o))
                    .toList()) {
                int needed = 0;
                while (needed < there(other) && substitution.pieces(needed, other, listed) < still) {
                    needed++;
                }
                int standsFor = Math.min(still, substitution.pieces(needed, other, listed));
                if (standsFor > 0) {
                    covers.add(new Cover(other, takeAnywhere(other, needed), standsFor));
                    still -= standsFor;
                }
            }
            return covers;
        }

        private int there(String supply) {
            return left.getOrDefault(supply, 0);
        }

        Map<String, Integer> left() {
            left.values().removeIf(n -> n == 0);
            return left;
        }

        Map<String, Integer> old() {
            return old;
        }
    }
}
