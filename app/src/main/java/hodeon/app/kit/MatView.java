package hodeon.app.kit;

import hodeon.core.kit.Plan;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** The mat page: what lies on it, what it answers, what one supply is for, what stays out and why. */
record MatView(
        UUID tripId,
        long version,
        boolean touched,
        boolean searching,
        Beam beam,
        String coverage,
        String proof,
        String litres,
        int kinds,
        List<String> warnings,
        List<GroupView> groups,
        List<Answered> answers,
        List<LeftOut> leftOut,
        @Nullable SupplyView about) {

    /**
     * A group of supplies on the mat.
     *
     * @param columns how many tile widths it takes side by side, 1 to 5
     */
    record GroupView(String id, String name, int columns, List<Tile> tiles) {

        private static final int MOST_COLUMNS = 5;

        static GroupView of(String id, String name, List<Tile> tiles) {
            int columns = tiles.stream().mapToInt(t -> t.drawing().columns()).sum();
            return new GroupView(id, name, Math.min(MOST_COLUMNS, columns), tiles);
        }
    }

    /**
     * @param state what the words on the tile say beside the number: pinned, off, or nothing
     * @param grams of all pieces
     */
    record Tile(
            String id,
            String name,
            int pieces,
            String grams,
            String state,
            boolean pinned,
            boolean selected,
            String label,
            TileDrawing drawing) {}

    /** A problem and how much of it the kit meets. */
    record Answered(
            String id,
            String name,
            int severity,
            List<Integer> marks,
            String chance,
            String coverage,
            String barWidth,
            boolean weak) {}

    /** A supply that is not on the mat. */
    record LeftOut(
            String id,
            String name,
            String reason,
            boolean mayCome,
            boolean banned,
            boolean elsewhere,
            boolean folded) {}

    /** One supply looked at closely. */
    record SupplyView(
            String id,
            String name,
            String piece,
            int pieces,
            String each,
            String grams,
            boolean pinned,
            boolean banned,
            boolean elsewhere,
            boolean mayCome,
            String reason,
            List<Figure> figures,
            List<Served> serves,
            List<String> cautions) {}

    record Figure(String what, String value) {}

    /** A step this supply serves now. */
    record Served(String problem, String capability, String how, String share) {}

    static boolean weak(Plan plan, String problem) {
        return plan.coverage(problem) < 0.6;
    }
}
