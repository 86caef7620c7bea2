package hodeon.app.packing.box;

import hodeon.app.shell.Figures;
import hodeon.app.shell.Wording;
import hodeon.app.shell.chart.Fitting;
import hodeon.app.shell.chart.Pieces;
import hodeon.app.shell.chart.Scale;
import hodeon.app.shell.chart.Shapes;
import hodeon.core.catalogue.Form;
import hodeon.core.packing.Compartment;
import hodeon.core.packing.Laid;
import hodeon.core.packing.Tiles;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;

/**
 * The opened box, all of it to one scale: each compartment as large as the room it has, each thing in it as large as it is, its pieces
 * drawn as on the mat. What is too full is drawn smaller, and said to be.
 */
public record BoxDrawing(List<Part> parts) {

    public static final double WIDTH = 760;
    public static final double HEIGHT = 150;
    private static final double GAP = 10;
    private static final double NARROWEST = 66;
    private static final double AIR = 2;
    private static final double LABELLED_HEIGHT = 30;
    private static final double LABELLED_WIDTH = 56;
    private static final double LABEL = 13;
    private static final int MOST_PIECES = 30;

    /** @param says all of it in words */
    public record Part(
            String id,
            String x,
            String y,
            String width,
            String height,
            String name,
            String seconds,
            boolean outside,
            boolean over,
            List<Tile> tiles,
            String says) {}

    /** @param label empty where there is no room for it */
    public record Tile(
            String key,
            String from,
            String name,
            int count,
            String x,
            String y,
            String width,
            String height,
            Pieces pieces,
            boolean module,
            boolean grave,
            String textX,
            String textY,
            String label) {}

    static BoxDrawing of(Box box) {
        double scale = scale(box.parts());
        List<Part> parts = new ArrayList<>();
        double x = 0;
        for (Compartment part : box.parts()) {
            double area = scale * part.room().litres();
            double width = width(area);
            double height = area / width;
            List<Box.Lying> here = box.in(part).stream()
                    .filter(t -> t.laid().litres() > 0)
                    .sorted(Comparator.comparingDouble(
                            (Box.Lying t) -> -t.laid().litres()))
                    .toList();
            double used = here.stream().mapToDouble(t -> t.laid().litres()).sum();
            double shrunk = scale * Math.min(1, part.room().litres() / used);
            List<Tiles.Tile> places =
                    Tiles.of(here.stream().map(t -> shrunk * t.laid().litres()).toList(), width, height);
            List<Tile> tiles = new ArrayList<>();
            for (int i = 0; i < here.size(); i++) {
                tiles.add(tile(here.get(i), places.get(i), box));
            }
            parts.add(new Part(
                    part.id(),
                    Scale.units(x),
                    Scale.units(HEIGHT - height),
                    Scale.units(width),
                    Scale.units(height),
                    Fitting.within(width + GAP, part.name()),
                    part.seconds() + " s",
                    part.outside(),
                    used > part.room().litres() + 1e-9,
                    tiles,
                    Wording.says(
                            "boxDrawing.sFull",
                            part.name(),
                            part.seconds(),
                            Math.round(100 * used / part.room().litres()))));
            x += width + GAP;
        }
        return new BoxDrawing(parts);
    }

    /** Square units a litre, so that all compartments side by side fill the width. */
    private static double scale(List<Compartment> parts) {
        double least = 0;
        double most = WIDTH
                * HEIGHT
                / parts.stream().mapToDouble(p -> p.room().litres()).min().orElse(1);
        for (int i = 0; i < 60; i++) {
            double middle = (least + most) / 2;
            double wide = parts.stream()
                            .mapToDouble(p -> width(middle * p.room().litres()) + GAP)
                            .sum()
                    - GAP;
            if (wide > WIDTH) {
                most = middle;
            } else {
                least = middle;
            }
        }
        return least;
    }

    private static double width(double area) {
        return Math.max(NARROWEST, area / HEIGHT);
    }

    private static Tile tile(Box.Lying lying, Tiles.Tile at, Box box) {
        Laid laid = lying.laid();
        boolean labelled = at.height() >= LABELLED_HEIGHT && at.width() >= LABELLED_WIDTH;
        double high = at.height() - (labelled ? LABEL : 0);
        return switch (laid) {
            case Laid.Handful h ->
                new Tile(
                        lying.key(),
                        lying.part(),
                        named(laid),
                        h.pieces(),
                        Scale.units(at.x()),
                        Scale.units(at.y()),
                        Scale.units(at.width()),
                        Scale.units(at.height()),
                        pieces(h, at.x(), at.y() + at.height() - high, at.width(), high),
                        false,
                        box.grave(lying.key()),
                        Scale.units(at.x() + 3),
                        Scale.units(at.y() + LABEL - 2),
                        labelled ? Fitting.within(at.width() - 4, h.supply().name()) : "");
            case Laid.Pouch p ->
                new Tile(
                        lying.key(),
                        lying.part(),
                        named(laid),
                        1,
                        Scale.units(at.x()),
                        Scale.units(at.y()),
                        Scale.units(at.width()),
                        Scale.units(at.height()),
                        new Pieces("", List.of()),
                        true,
                        p.urgency() > 0,
                        Scale.units(at.x() + 3),
                        Scale.units(at.y() + LABEL - 2),
                        labelled ? Fitting.within(at.width() - 4, p.name()) : "");
        };
    }

    static String named(Laid laid) {
        return switch (laid) {
            case Laid.Handful h -> Figures.named(h.pieces(), h.supply());
            case Laid.Pouch p -> p.name();
        };
    }

    /** In rows, the outline of each piece as wide for its height as on the mat. */
    private static Pieces pieces(Laid.Handful h, double x, double y, double width, double height) {
        Form form = h.supply().form();
        int shown = Math.min(h.pieces(), MOST_PIECES);
        double aspect = Shapes.aspect(form);
        int columns = 1;
        double best = 0;
        for (int c = 1; c <= shown; c++) {
            int rows = (shown + c - 1) / c;
            double tall = Math.min(height / rows, width / c / aspect);
            if (tall > best) {
                best = tall;
                columns = c;
            }
        }
        double tall = Math.max(1, best - AIR);
        List<Pieces.Piece> pieces = new ArrayList<>();
        for (int i = 0; i < shown; i++) {
            pieces.add(new Pieces.Piece(
                    Scale.units(x + AIR / 2 + i % columns * best * aspect),
                    Scale.units(y + AIR / 2 + i / columns * best),
                    Scale.units(tall * aspect),
                    Scale.units(tall)));
        }
        return new Pieces(form.name().toLowerCase(Locale.ROOT), pieces);
    }
}
