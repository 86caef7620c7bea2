package hodeon.core.choice;

import hodeon.core.choice.Choice.Floor;
import hodeon.core.choice.Choice.Limit;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * How many pieces of each candidate have room at all, beside what must come in any case. Taking out what cannot come leaves
 * the best choice as it is and brings the relaxation, in which half a splint would earn half its worth, far nearer to it.
 */
final class Room {

    private static final double ROUNDING = 1e-9;

    private Room() {}

    /** The most pieces of each candidate: {@code most}, or fewer where a limit has no room for more. */
    static int[] most(Choice choice, int[] least, int[] most) {
        int[] room = most.clone();
        for (Limit limit : choice.limits()) {
            double[] reserved = new double[choice.floors().size()];
            double all = 0;
            for (int i = 0; i < least.length; i++) {
                all += least[i] * limit.perPiece().get(i);
            }
            Set<Integer> counted = new HashSet<>();
            for (int f = 0; f < reserved.length; f++) {
                reserved[f] = reserved(choice.floors().get(f), limit, least, most, counted);
                all += reserved[f];
            }
            for (int i = 0; i < room.length; i++) {
                double perPiece = limit.perPiece().get(i);
                if (perPiece > 0 && room[i] > least[i]) {
                    double left = limit.most() * (1 + ROUNDING) + ROUNDING - all + least[i] * perPiece;
                    for (int f = 0; f < reserved.length; f++) {
                        left += choice.floors().get(f).candidates().contains(i) ? reserved[f] : 0;
                    }
                    room[i] = Math.max(least[i], Math.min(room[i], (int) Math.floor(left / perPiece + ROUNDING)));
                }
            }
        }
        return room;
    }

    /** What a floor takes at least beyond what comes anyway; floors that share candidates with a counted one count 0. */
    private static double reserved(Floor floor, Limit limit, int[] least, int[] most, Set<Integer> counted) {
        List<Integer> able = floor.candidates();
        double certain = floor.sum(i -> least[i]);
        if (floor.orNone() || certain >= floor.pieces() || able.stream().anyMatch(counted::contains)) {
            return 0;
        }
        counted.addAll(able);
        double lightest = Double.POSITIVE_INFINITY;
        for (int c = 0; c < able.size(); c++) {
            if (most[able.get(c)] > 0) {
                lightest = Math.min(
                        lightest,
                        limit.perPiece().get(able.get(c))
                                / Math.min(floor.pieces(), floor.each().get(c)));
            }
        }
        return Double.isInfinite(lightest) ? 0 : (floor.pieces() - certain) * lightest;
    }
}
