package hodeon.app.mat.page;

import hodeon.app.shell.chart.Pieces;
import hodeon.app.shell.chart.Shapes;
import hodeon.core.catalogue.Supply;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * A supply laid out to scale: every piece the outline of its kind in a box whose area is proportional to its mass, volume
 * or price, at one scale for the whole mat. How wide a tile is depends on how many pieces are sensible, not on how many
 * lie there, so that one more or less moves nothing.
 *
 * @param columns how many tile widths it takes, 1 to 3
 * @param width of the drawing, in its units
 * @param larger a piece is larger than the widest tile, so that it is drawn smaller than it is
 * @param notShown pieces never shrink; the drawing says how many had no room
 */
record TileDrawing(
        int columns, int width, int height, String form, List<Pieces.Piece> pieces, boolean larger, int notShown) {

    private static final double COLUMN = 104;
    private static final double HEIGHT = 40;
    private static final int BETWEEN_COLUMNS = 12;
    private static final double GAP = 1.5;
    private static final int MOST_COLUMNS = 3;
    private static final double SMALLEST_AREA = 9;
    private static final double SURELY_WIDER = 1.05;

    /** @param room for how many pieces the tile has room */
    static TileDrawing of(Supply supply, int count, int room, Measure by, double zoom) {
        double height = HEIGHT * zoom;
        double column = COLUMN * zoom;
        double area = zoom * zoom * Math.max(SMALLEST_AREA, by.of(supply) * by.squareUnits());
        double tall = Math.min(height, Math.sqrt(area / Shapes.aspect(supply.form())));
        double wide = area / tall;
        int rows = Math.max(1, (int) ((height + GAP) / (tall + GAP)));
        double needed = Math.ceil(Math.max(1, room) / (double) rows) * (wide + GAP) - GAP;
        int columns = Math.clamp((int) Math.ceil(needed / column), 1, MOST_COLUMNS);
        int width = (int) Math.round(columns * column + (columns - 1) * BETWEEN_COLUMNS);
        int perRow = Math.max(1, (int) ((width + GAP) / (wide + GAP)));
        int shown = Math.min(count, rows * perRow);
        List<Pieces.Piece> pieces = new ArrayList<>();
        for (int i = 0; i < shown; i++) {
            double x = (i % perRow) * (wide + GAP);
            double y = height - tall - (i / perRow) * (tall + GAP);
            pieces.add(new Pieces.Piece(say(x), say(y), say(Math.min(wide, width)), say(tall)));
        }
        return new TileDrawing(
                columns,
                width,
                (int) Math.round(height),
                supply.form().name().toLowerCase(Locale.ROOT),
                List.copyOf(pieces),
                shown > 0 && wide > SURELY_WIDER * width,
                count - shown);
    }

    public String markup(String shapes) {
        return new Pieces(form, pieces).markup(shapes);
    }

    private static String say(double units) {
        return String.format(Locale.ROOT, "%.1f", units);
    }
}
