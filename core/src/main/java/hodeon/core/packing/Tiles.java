package hodeon.core.packing;

import java.util.ArrayList;
import java.util.List;

/**
 * Things side by side in a rectangle, each with the area of its size, as nearly square as can be: the squarified treemap of Bruls,
 * Huizing and van Wijk (2000).
 *
 * <p>Worked example: sizes 6, 6, 4, 3, 2, 2, 1 in 6 by 4: the first two fill a column of 3 by 4, each 3 by 2.
 */
public final class Tiles {

    private Tiles() {}

    /** In the unit of the rectangle, from its upper left corner. */
    public record Tile(double x, double y, double width, double height) {}

    /**
     * In the order of the sizes.
     *
     * @param sizes areas, each above 0, the largest first; together no more than the rectangle's, or the last ones stand beyond it
     */
    public static List<Tile> of(List<Double> sizes, double width, double height) {
        List<Tile> tiles = new ArrayList<>();
        double x = 0;
        double y = 0;
        int from = 0;
        while (from < sizes.size()) {
            double wide = width - x;
            double high = height - y;
            boolean column = wide >= high;
            double side = Math.max(column ? high : wide, Double.MIN_NORMAL);
            int to = from + 1;
            while (to < sizes.size()
                    && worst(sizes.subList(from, to + 1), side) <= worst(sizes.subList(from, to), side)) {
                to++;
            }
            double sum = sizes.subList(from, to).stream().mapToDouble(s -> s).sum();
            double thick = sum / side;
            double along = 0;
            for (double size : sizes.subList(from, to)) {
                double length = size / thick;
                tiles.add(column ? new Tile(x, y + along, thick, length) : new Tile(x + along, y, length, thick));
                along += length;
            }
            x += column ? thick : 0;
            y += column ? 0 : thick;
            from = to;
        }
        return tiles;
    }

    /** How far the worst of a row is from a square, 1 being one. */
    private static double worst(List<Double> row, double side) {
        double sum = row.stream().mapToDouble(s -> s).sum();
        double worst = 1;
        for (double size : row) {
            double ratio = side * side * size / (sum * sum);
            worst = Math.max(worst, Math.max(ratio, 1 / ratio));
        }
        return worst;
    }
}
