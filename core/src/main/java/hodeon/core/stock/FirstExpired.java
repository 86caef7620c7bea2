package hodeon.core.stock;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;

/** Takes pieces so that what expires first goes first. */
public final class FirstExpired {

    private FirstExpired() {}

    /** So many pieces of what is held. */
    public record Taken(Held held, int pieces) {}

    /** As many of the pieces as there are, the earliest date first; fewer than asked for when there are no more. */
    public static List<Taken> take(List<Held> held, int pieces) {
        List<Taken> taken = new ArrayList<>();
        int left = pieces;
        for (Held next : held.stream().sorted(Held.FIRST_EXPIRED).toList()) {
            if (left == 0) {
                break;
            }
            int some = Math.min(left, next.pieces());
            taken.add(new Taken(next, some));
            left -= some;
        }
        return taken;
    }

    /** The same, only of what is still good so many days after a day: the earliest adequate date first. */
    public static List<Taken> takeAdequate(List<Held> held, int pieces, LocalDate day, int marginDays) {
        return take(held.stream().filter(h -> h.outlasts(day, marginDays)).toList(), pieces);
    }
}
