package hodeon.app.packing.box;

import hodeon.app.shell.chart.Scale;
import hodeon.core.packing.Compartment;
import hodeon.core.packing.Laid;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * The opened box: a compartment for each part, as wide as the room it has, what hangs outside set apart to the left; in it its things as
 * layers, as high as the share of the room that they take.
 */
record BoxDrawing(List<Part> parts) {

    static final double WIDTH = 760;
    private static final double HEIGHT = 150;
    private static final double GAP = 10;
    private static final double NARROWEST = 74;
    private static final double LABELLED = 13;

    /** @param says all of it in words */
    record Part(
            String x,
            String width,
            String middle,
            String name,
            String seconds,
            boolean outside,
            boolean over,
            List<Layer> layers,
            String says) {}

    record Layer(String group, String y, String height, String textY, String label) {}

    static BoxDrawing of(Boxes.Box box) {
        double all = box.parts().stream().mapToDouble(c -> c.room().litres()).sum();
        double spare =
                WIDTH - GAP * (box.parts().size() - 1) - NARROWEST * box.parts().size();
        List<Part> parts = new ArrayList<>();
        double x = 0;
        for (Compartment compartment : box.parts()) {
            double width = NARROWEST + Math.max(0, spare) * compartment.room().litres() / all;
            List<Laid> things = box.things().stream()
                    .filter(t ->
                            compartment.id().equals(box.where().get(t.supply().id())))
                    .toList();
            double used = things.stream().mapToDouble(BoxDrawing::litres).sum();
            double scale = HEIGHT / Math.max(compartment.room().litres(), used);
            parts.add(new Part(
                    Scale.units(x),
                    Scale.units(width),
                    Scale.units(x + width / 2),
                    shortened(compartment.name(), width),
                    compartment.seconds() + " s",
                    compartment.outside(),
                    used > compartment.room().litres() + 1e-9,
                    layers(things, scale, width),
                    compartment.name() + ", " + compartment.seconds() + " s, "
                            + Math.round(100 * used / compartment.room().litres()) + " % full"));
            x += width + GAP;
        }
        return new BoxDrawing(parts);
    }

    static double litres(Laid thing) {
        return thing.supply().volume().times(thing.pieces()).litres();
    }

    private static List<Layer> layers(List<Laid> things, double scale, double width) {
        List<Layer> layers = new ArrayList<>();
        double y = HEIGHT;
        for (Laid thing : things) {
            double height = litres(thing) * scale;
            y -= height;
            layers.add(new Layer(
                    thing.supply().group().name().toLowerCase(Locale.ROOT),
                    Scale.units(y),
                    Scale.units(height),
                    Scale.units(y + height / 2 + 4),
                    height >= LABELLED ? shortened(thing.supply().name(), width) : ""));
        }
        return layers;
    }

    /** As many letters as there is room for. */
    private static String shortened(String name, double width) {
        int letters = (int) (width / 6.2);
        return name.length() <= letters
                ? name
                : name.substring(0, Math.max(1, letters - 1)).strip() + "…";
    }
}
