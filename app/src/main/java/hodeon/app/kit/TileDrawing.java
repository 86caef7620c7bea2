package hodeon.app.kit;

import hodeon.core.catalogue.Form;
import hodeon.core.catalogue.Supply;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * A supply laid out to scale: every piece a shape whose area is proportional to its mass, at one scale for the whole mat.
 *
 * @param columns how many tile widths it takes, 1 to 3
 * @param width of the drawing, in its units
 * @param scale 1 if every piece is at the mat's scale; pieces never shrink, the drawing says how many are not shown
 */
record TileDrawing(int columns, int width, int height, String form, List<Piece> pieces, int notShown) {

    static final int COLUMN = 104;
    static final int HEIGHT = 34;
    /** Square drawing units for a gram: a 78 g piece is about 33 units square. */
    static final double UNITS_PER_GRAM = 14;

    private static final double GAP = 1.5;
    private static final int MOST_COLUMNS = 3;

    /** Where one piece lies. */
    record Piece(String x, String y, String width, String height, String radius) {}

    static TileDrawing of(Supply supply, int count) {
        double area = Math.max(2, supply.mass().grams() * UNITS_PER_GRAM);
        double tall = Math.min(HEIGHT, Math.sqrt(area / aspect(supply.form())));
        double wide = area / tall;
        int rows = Math.max(1, (int) ((HEIGHT + GAP) / (tall + GAP)));
        int perColumn = Math.max(1, (int) ((COLUMN + GAP) / (wide + GAP)));
        double needed = Math.ceil(count / (double) rows) * (wide + GAP) - GAP;
        int columns = Math.clamp((int) Math.ceil(needed / COLUMN), 1, MOST_COLUMNS);
        int width = columns * COLUMN + (columns - 1) * 12;
        int perRow = Math.max(1, columns == 1 ? perColumn : (int) ((width + GAP) / (wide + GAP)));
        int shown = Math.min(count, rows * perRow);
        List<Piece> pieces = new ArrayList<>();
        for (int i = 0; i < shown; i++) {
            double x = (i % perRow) * (wide + GAP);
            double y = HEIGHT - tall - (i / perRow) * (tall + GAP);
            pieces.add(new Piece(
                    say(x),
                    say(y),
                    say(Math.min(wide, width)),
                    say(tall),
                    say(radius(supply.form(), Math.min(wide, tall)))));
        }
        return new TileDrawing(
                columns,
                width,
                HEIGHT,
                supply.form().name().toLowerCase(Locale.ROOT),
                List.copyOf(pieces),
                count - shown);
    }

    private static double aspect(Form form) {
        return switch (form) {
            case LONG -> 3.5;
            case TOOL -> 2.5;
            case FLAT, TABLET -> 1.4;
            case ROLL, POUCH -> 1;
            case BOTTLE, TUBE -> 0.6;
        };
    }

    private static double radius(Form form, double shorter) {
        return switch (form) {
            case ROLL -> shorter / 2;
            case TABLET, BOTTLE -> shorter / 3;
            case TUBE, TOOL, LONG -> shorter / 5;
            case FLAT, POUCH -> Math.min(1.5, shorter / 6);
        };
    }

    private static String say(double units) {
        return String.format(Locale.ROOT, "%.1f", units);
    }
}
