package hodeon.app.shell.chart;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;

/**
 * Puts values on a line of the drawing, in its units; the line may run either way.
 *
 * <p>Worked example: 0 to 40 °C from 200 up to 12. 10 °C lie at 153.0, a quarter of the way.
 *
 * @param from value at {@code start}
 * @param to value at {@code end}; another than {@code from}
 */
public record Scale(double from, double to, double start, double end) {

    /** From here on, as a share of the line, a label ends at its mark, so that it is not cut off. */
    private static final double LABELS_TURN = 0.93;

    public Scale {
        if (from == to) {
            throw new IllegalArgumentException("A scale from " + from + " to the same value has no length.");
        }
    }

    /** Days, the first at {@code start}, the last at {@code end}. */
    public static Scale ofDays(LocalDate first, LocalDate last, double start, double end) {
        return new Scale(first.toEpochDay(), last.toEpochDay(), start, end);
    }

    public static Scale ofMoments(Instant first, Instant last, double start, double end) {
        return new Scale(first.getEpochSecond(), last.getEpochSecond(), start, end);
    }

    public double at(double value) {
        return start + (value - from) / (to - from) * (end - start);
    }

    public double at(LocalDate day) {
        return at(day.toEpochDay());
    }

    public double at(Instant moment) {
        return at(moment.getEpochSecond());
    }

    /** {@link #at(double)} as it is written into a drawing. */
    public String written(double value) {
        return units(at(value));
    }

    public String written(LocalDate day) {
        return units(at(day));
    }

    public String written(Instant moment) {
        return units(at(moment));
    }

    public boolean holds(double value) {
        return value >= Math.min(from, to) && value <= Math.max(from, to);
    }

    /** How a label stands to its mark: {@code middle}, or {@code end} near the end of the line. */
    public String anchor(double value) {
        return (value - from) / (to - from) > LABELS_TURN ? "end" : "middle";
    }

    /** How much of the scale's values so many units of the drawing are. */
    public double width(double units) {
        return Math.abs(units / (end - start) * (to - from));
    }

    /** Units of a drawing, to a tenth. */
    public static String units(double units) {
        return String.format(Locale.ROOT, "%.1f", units);
    }

    /** A line through points, each across and up. */
    public static String path(List<double[]> points) {
        StringBuilder path = new StringBuilder();
        for (double[] point : points) {
            path.append(path.isEmpty() ? "M" : " L")
                    .append(units(point[0]))
                    .append(' ')
                    .append(units(point[1]));
        }
        return path.toString();
    }
}
