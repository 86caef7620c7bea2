package hodeon.core.readiness;

import hodeon.core.stock.FirstExpired;
import hodeon.core.stock.Held;
import hodeon.core.stock.Shortage;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;

/**
 * What all kits together lack, what of it lies at home, and what is left to buy. The kit that must last the shortest takes
 * first, each the earliest date that is adequate for it, so that as much as possible is filled and what lasts is kept.
 *
 * <p>Worked example: kit A must last to 20 June and lacks 2, kit B to 5 September and lacks 3. At home lie 3 pieces good
 * until July and 1 until December. A takes 2 of July's, B the one of December's; 2 are to be bought, and 1 stays at home.
 *
 * @param fills pieces from home to a kit
 * @param old pieces in a kit that do not last; they make room
 * @param toBuy pieces by supply id, more than 0
 * @param toPrescribe the same of what has to be prescribed: no shop sells it
 */
public record Restock(
        List<Lack> lacks,
        List<Fill> fills,
        List<Held> old,
        Map<String, Integer> toBuy,
        Map<String, Integer> toPrescribe) {

    /**
     * A kit that is to hold so many pieces on a day.
     *
     * @param target pieces by supply id
     * @param held what lies in it
     * @param until the day everything in it must outlast, with the margin
     */
    public record Kit(UUID place, Map<String, Integer> target, List<Held> held, LocalDate until) {}

    /** What one kit lacks of one supply. */
    public record Lack(UUID place, Shortage shortage) {}

    /** Pieces to carry from home to a kit. */
    public record Fill(Held from, UUID to, int pieces) {}

    /** Pieces of a supply that home gives to a kit. */
    public int filled(UUID kit, String supply) {
        return fills.stream()
                .filter(f -> f.to().equals(kit) && f.from().lot().supply().equals(supply))
                .mapToInt(Fill::pieces)
                .sum();
    }

    /** @param prescribed ids of supplies that have to be prescribed */
    public static Restock of(List<Kit> kits, List<Held> home, Set<String> prescribed) {
        List<Lack> lacks = new ArrayList<>();
        List<Fill> fills = new ArrayList<>();
        List<Held> old = new ArrayList<>();
        Map<String, Integer> toBuy = new LinkedHashMap<>();
        Map<String, Integer> toPrescribe = new LinkedHashMap<>();
        Map<Held, Integer> left = new LinkedHashMap<>();
        home.forEach(h -> left.put(h, h.pieces()));
        for (Kit kit : kits.stream().sorted(Comparator.comparing(Kit::until)).toList()) {
            kit.held().stream().filter(h -> !h.outlasts(kit.until(), 0)).forEach(old::add);
            for (Shortage shortage : Shortage.of(kit.target(), kit.held(), kit.until(), 0)) {
                lacks.add(new Lack(kit.place(), shortage));
                int missing = shortage.missing();
                for (FirstExpired.Taken taken :
                        FirstExpired.takeAdequate(stillThere(left, shortage.supply()), missing, kit.until(), 0)) {
                    Held from = origin(left, taken.held());
                    left.merge(from, -taken.pieces(), Integer::sum);
                    fills.add(new Fill(from, kit.place(), taken.pieces()));
                    missing -= taken.pieces();
                }
                if (missing > 0) {
                    Map<String, Integer> where = prescribed.contains(shortage.supply()) ? toPrescribe : toBuy;
                    where.merge(shortage.supply(), missing, Integer::sum);
                }
            }
        }
        return new Restock(lacks, fills, old, toBuy, toPrescribe);
    }

    private static List<Held> stillThere(Map<Held, Integer> left, String supply) {
        return left.entrySet().stream()
                .filter(e -> e.getValue() > 0 && e.getKey().lot().supply().equals(supply))
                .map(e -> new Held(
                        e.getKey().lot(),
                        e.getKey().place(),
                        e.getValue(),
                        e.getKey().good()))
                .toList();
    }

    private static Held origin(Map<Held, Integer> left, Held taken) {
        return left.keySet().stream()
                .filter(h -> h.lot().equals(taken.lot()) && h.place().equals(taken.place()))
                .findFirst()
                .orElseThrow();
    }
}
