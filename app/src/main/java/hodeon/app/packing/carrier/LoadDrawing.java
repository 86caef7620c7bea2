package hodeon.app.packing.carrier;

import hodeon.app.mat.Mat;
import hodeon.app.packing.carrier.Carriers.Carrier;
import hodeon.app.packing.carrier.Carriers.Shared;
import hodeon.app.shell.Figures;
import hodeon.app.shell.chart.Fitting;
import hodeon.app.shell.chart.Scale;
import hodeon.core.catalogue.Group;
import hodeon.core.catalogue.Supply;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** The loads side by side to one scale of grams, module upon module, with the limit of whoever has one. */
record LoadDrawing(List<Column> columns) {

    private static final double WIDTH = 760;
    private static final double HEIGHT = 190;
    private static final double GAP = 16;
    private static final double WIDEST = 220;
    private static final double LABELLED = 13;

    /** @param limit height of the line; empty if there is no limit */
    record Column(String key, String x, String width, String name, String grams, List<Block> blocks, String limit) {}

    /** @param id constant of the group */
    record Block(String id, String name, String y, String height, String textY, String label) {}

    static LoadDrawing of(Shared shared, Mat mat) {
        int count = shared.carriers().size();
        double width = Math.min(WIDEST, (WIDTH - GAP * (count - 1)) / count);
        double most = 1;
        for (int i = 0; i < count; i++) {
            most = Math.max(most, grams(shared.carry().carriers().get(i), mat));
            most = Math.max(most, shared.carriers().get(i).most().orElse(0));
        }
        List<Column> columns = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            Carrier carrier = shared.carriers().get(i);
            Map<String, Integer> load = shared.carry().carriers().get(i);
            columns.add(new Column(
                    carrier.key(),
                    Scale.units(i * (width + GAP)),
                    Scale.units(width),
                    Fitting.within(width, carrier.name()),
                    Figures.grams(grams(load, mat)),
                    blocks(load, mat, HEIGHT / most, width),
                    carrier.most().isPresent()
                            ? Scale.units(HEIGHT - carrier.most().getAsDouble() * HEIGHT / most)
                            : ""));
        }
        return new LoadDrawing(columns);
    }

    private static List<Block> blocks(Map<String, Integer> load, Mat mat, double scale, double width) {
        Map<Group, Double> grams = new EnumMap<>(Group.class);
        load.forEach((id, n) -> mat.known()
                .catalogue()
                .supply(id)
                .ifPresent(s -> grams.merge(s.group(), n * s.mass().grams(), Double::sum)));
        List<Block> blocks = new ArrayList<>();
        double y = HEIGHT;
        for (Map.Entry<Group, Double> e : grams.entrySet()) {
            double height = e.getValue() * scale;
            y -= height;
            String name = e.getKey().label() + ", " + Figures.grams(e.getValue());
            blocks.add(new Block(
                    e.getKey().name(),
                    name,
                    Scale.units(y),
                    Scale.units(height),
                    Scale.units(y + height / 2 + 4),
                    height >= LABELLED ? Fitting.within(width, name) : ""));
        }
        return blocks;
    }

    static double grams(Map<String, Integer> load, Mat mat) {
        return load.entrySet().stream()
                .mapToDouble(e -> Optional.of(e.getKey())
                        .flatMap(mat.known().catalogue()::supply)
                        .map(Supply::mass)
                        .map(m -> m.grams() * e.getValue())
                        .orElse(0.0))
                .sum();
    }
}
