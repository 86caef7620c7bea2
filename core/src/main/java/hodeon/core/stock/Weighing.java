package hodeon.core.stock;

import hodeon.core.evidence.PlanningAssumption;
import hodeon.core.units.Mass;
import java.util.Arrays;

/**
 * Counts pieces by weight: the middle of several readings, less the empty container, in pieces.
 *
 * @param pieces the nearest whole number, 0 or more
 * @param sure whether the readings agree and lie near a whole number of pieces
 */
public record Weighing(int pieces, boolean sure) {

    /** Further than this from a whole piece, or readings apart by more than half a piece, is not sure. */
    private static final double NEAR = PlanningAssumption.SURELY_COUNTED.value();

    /** Throws {@link IllegalArgumentException} without a reading or for a piece that weighs nothing. */
    public static Weighing of(double[] readingsGrams, Mass empty, Mass piece) {
        if (readingsGrams.length == 0 || piece.milligrams() == 0) {
            throw new IllegalArgumentException("A count by weight needs a reading and a piece that weighs something.");
        }
        double[] sorted = readingsGrams.clone();
        Arrays.sort(sorted);
        double middle = (sorted[(sorted.length - 1) / 2] + sorted[sorted.length / 2]) / 2;
        double pieces = (middle - empty.grams()) / piece.grams();
        long whole = Math.max(0, Math.round(pieces));
        double apart = (sorted[sorted.length - 1] - sorted[0]) / piece.grams();
        return new Weighing((int) whole, Math.abs(pieces - whole) <= NEAR && apart <= 0.5);
    }
}
