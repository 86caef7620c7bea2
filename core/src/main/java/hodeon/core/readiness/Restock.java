package hodeon.core.readiness;

import hodeon.core.stock.Held;
import hodeon.core.stock.Shortage;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;

/**
 * What all kits together lack, what of it comes from the kits above them and from home, and what is left to buy. One allocation over
 * everything: no piece is promised twice.
 *
 * <p>First each kit takes from what it is filled from, the ones at the end of a chain before those above them, so that a bag that gave to
 * a tin is itself filled next; nobody is taken below its own least count. Then the kit that must last the shortest takes from home first.
 * Everywhere the earliest date that is adequate goes, so that as much as possible is filled and what lasts is kept.
 *
 * <p>Worked example: kit A must last to 20 June and lacks 2, kit B to 5 September and lacks 3. At home lie 3 pieces good
 * until July and 1 until December. A takes 2 of July's, B the one of December's; 2 are to be bought, and 1 stays at home.
 *
 * <p>Worked example of a chain: a tin wants 4 and has 1; the bag it is filled from wants 6, at least 4, and has 6; at home lie 3. The bag
 * gives 2 and keeps 4, home gives 1 to the tin and 2 to the bag; nothing is bought.
 *
 * @param fills pieces from another kit or from home to a kit
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
     * A kit that is to hold what its list says on a day.
     *
     * @param list empty for a store that only gives
     * @param held what lies in it
     * @param until the day everything in it must outlast, with the margin
     * @param filledFrom the kit or shelf that it is filled from first
     */
    public record Kit(UUID place, KitList list, List<Held> held, LocalDate until, Optional<UUID> filledFrom) {}

    /** What one kit lacks of one supply; what something else stands in for counts as there. */
    public record Lack(UUID place, Shortage shortage) {}

    /** Pieces to carry to a kit. */
    public record Fill(Held from, UUID to, int pieces) {}

    /** What is carried to a kit of a supply. */
    public List<Fill> fillsOf(UUID kit, String supply) {
        return fills.stream()
                .filter(f -> f.to().equals(kit) && f.from().lot().supply().equals(supply))
                .toList();
    }

    /** Pieces of a supply that are carried to a kit. */
    public int filled(UUID kit, String supply) {
        return fillsOf(kit, supply).stream().mapToInt(Fill::pieces).sum();
    }

    /**
     * @param home what lies on shelves
     * @param prescribed ids of supplies that have to be prescribed
     */
    public static Restock of(List<Kit> kits, List<Held> home, Set<String> prescribed, Substitution substitution) {
        Filling filling = new Filling(kits, home, substitution);
        filling.fromKitsAbove();
        filling.fromHome();
        return filling.restock(prescribed);
    }
}
