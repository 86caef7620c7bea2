package hodeon.app.mat.page;

import hodeon.app.mat.Better;
import hodeon.app.mat.MatHistory;
import hodeon.app.plan.Headline;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** The mat page: what lies on it, what it answers, what one supply is for, what stays out and why. */
public record MatView(
        UUID tripId,
        boolean stays,
        long version,
        boolean touched,
        boolean searching,
        MatHistory.Around around,
        MatLook look,
        Choices choices,
        Beam beam,
        String coverage,
        String proof,
        String stop,
        List<String> givenUp,
        Headline ifItHappens,
        @Nullable Better better,
        int kinds,
        List<String> warnings,
        List<GroupView> groups,
        String shown,
        List<Answered> answers,
        List<String> absences,
        List<LeftOut> leftOut,
        List<LeftOut> folded,
        @Nullable SupplyView about) {

    /** What the mat can be filtered by. */
    record Choices(List<Option> problems, List<Option> groups, List<String> people, List<Option> severities) {}

    record Option(String id, String name) {}

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

        /** What comes of it, as one reads it where there is no room to draw: “2 Windlass tourniquet, 1 Triangular bandage”. */
        public String holds() {
            return tiles.stream()
                    .filter(t -> t.pieces() > 0)
                    .map(t -> t.pieces() + " " + t.name())
                    .collect(Collectors.joining(", "));
        }

        /** Side by side in rows; the last group of a row takes the room that is left. */
        static List<GroupView> inRows(List<GroupView> groups) {
            List<GroupView> rows = new ArrayList<>();
            int left = MOST_COLUMNS;
            for (GroupView group : groups) {
                if (group.columns() > left) {
                    rows.add(rows.removeLast().wider(left));
                    left = MOST_COLUMNS;
                }
                rows.add(group);
                left -= group.columns();
            }
            if (!rows.isEmpty()) {
                rows.add(rows.removeLast().wider(left));
            }
            return rows;
        }

        private GroupView wider(int columns) {
            return new GroupView(id, name, this.columns + columns, tiles);
        }
    }

    /**
     * A supply in its place.
     *
     * @param amount of all pieces, in what the mat is drawn by
     * @param state class of the look: here, off, out, elsewhere, wanted, never
     * @param marks what the tile says beside the number
     * @param mayCome whether pieces can be put on
     */
    record Tile(
            String id,
            String name,
            int pieces,
            String unit,
            String amount,
            String state,
            boolean pinned,
            boolean selected,
            List<Mark> marks,
            String label,
            boolean mayCome,
            TileDrawing drawing) {

        /** The classes of its look. */
        public String look() {
            return (selected ? "selected " : "") + (pinned ? "pinned " : "") + "is-" + state + " span-"
                    + drawing.columns();
        }
    }

    /** A sign with its word. */
    record Mark(String icon, String word) {}

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

    /**
     * A supply that is not on the mat.
     *
     * @param act what can be done about it, as the mat's addresses name it; empty for nothing
     * @param words the same on a button
     */
    record LeftOut(String id, String name, String reason, String act, String words) {}

    /** One supply looked at closely. */
    record SupplyView(
            String id,
            String name,
            int pieces,
            String counted,
            int more,
            int fewer,
            String each,
            String grams,
            boolean pinned,
            boolean banned,
            boolean elsewhere,
            boolean learn,
            boolean mayCome,
            String reason,
            String why,
            String enough,
            List<Figure> figures,
            List<Served> serves,
            List<String> cautions,
            List<String> howTo) {}

    record Figure(String what, String value) {}

    /** A step this supply serves now. */
    public record Served(String problem, String capability, String how, String share) {}
}
