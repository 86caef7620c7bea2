package hodeon.core.stock;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Planned pieces of a supply against what a kit holds in date.
 *
 * @param wanted planned pieces
 * @param good pieces that are there and outlast the return day and the margin
 * @param old pieces that are there and do not
 */
public record Shortage(String supply, int wanted, int good, int old) {

    public int missing() {
        return wanted - good;
    }

    /**
     * What stands between a kit and a trip, in the order of the plan; empty when every planned piece is there and
     * outlasts the day the party is back by the margin.
     *
     * @param planned pieces by supply id
     * @param back the return day
     */
    public static List<Shortage> of(Map<String, Integer> planned, List<Held> held, LocalDate back, int marginDays) {
        return counted(planned, held, back, marginDays).stream()
                .filter(s -> s.missing() > 0)
                .toList();
    }

    /** The same count of every planned supply, also of those that lack nothing; there may be more good pieces than are planned. */
    public static List<Shortage> counted(
            Map<String, Integer> planned, List<Held> held, LocalDate back, int marginDays) {
        Map<String, Integer> good = new HashMap<>();
        Map<String, Integer> old = new HashMap<>();
        for (Held h : held) {
            (h.outlasts(back, marginDays) ? good : old).merge(h.lot().supply(), h.pieces(), Integer::sum);
        }
        List<Shortage> found = new ArrayList<>();
        planned.forEach((supply, wanted) ->
                found.add(new Shortage(supply, wanted, good.getOrDefault(supply, 0), old.getOrDefault(supply, 0))));
        return found;
    }
}
