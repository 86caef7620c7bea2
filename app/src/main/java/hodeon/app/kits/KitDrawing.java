package hodeon.app.kits;

import hodeon.app.shell.Figures;
import hodeon.app.stock.ledger.Stock;
import hodeon.app.stock.place.Place;
import hodeon.core.catalogue.Group;
import hodeon.core.catalogue.Supply;
import hodeon.core.stock.Held;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/**
 * A kit drawn as an opened box: a compartment for what lies in the kit itself and one for each module, the wider the more grams, each
 * layered by groups of supplies with the heaviest at the bottom.
 *
 * @param compartments from left to right
 */
public record KitDrawing(List<Compartment> compartments) {

    static final double WIDTH = 720;
    private static final double HEIGHT = 120;
    private static final double AIR = 14;
    private static final double GAP = 8;
    private static final double NARROWEST = 100;
    /** A layer lower than this shows no mark. */
    private static final double MARKED = 14;

    /**
     * A part of the box.
     *
     * @param says name and grams, for whoever does not see it
     */
    public record Compartment(
            String name,
            String grams,
            String x,
            String width,
            String middle,
            String markX,
            List<Layer> layers,
            String says) {}

    public record Layer(
            String group, String name, String y, String height, String markY, boolean marked, boolean odd) {}

    /**
     * What lies in it directly, and what in each of its modules with all that lies in those.
     *
     * @param planned grams that belong in it: the box is drawn as full as it should be; 0 if nobody said
     */
    public static KitDrawing of(Place kit, Stock stock, double planned) {
        List<Part> parts = new ArrayList<>();
        List<Held> itself = stock.at(kit.id());
        if (!itself.isEmpty() || stock.modules(kit.id()).isEmpty()) {
            parts.add(new Part("loose", itself));
        }
        stock.modules(kit.id()).forEach(m -> parts.add(new Part(m.name(), stock.inKit(m.id()))));
        double all = parts.stream().mapToDouble(p -> grams(p.held(), stock)).sum();
        double spare = WIDTH - GAP * (parts.size() - 1) - NARROWEST * parts.size();
        double most = parts.stream()
                .mapToDouble(p -> grams(p.held(), stock) / width(p, all, spare, stock))
                .max()
                .orElse(0);
        double full = all > 0 ? most * Math.max(1, planned / all) : 1;
        List<Compartment> compartments = new ArrayList<>();
        double x = 0;
        for (Part part : parts) {
            double width = width(part, all, spare, stock);
            String mass = Figures.grams(grams(part.held(), stock));
            compartments.add(new Compartment(
                    part.name(),
                    mass,
                    number(x),
                    number(width),
                    number(x + width / 2),
                    number(x + width / 2 - 6),
                    layers(part.held(), stock, width, full),
                    part.name() + ", " + (part.held().isEmpty() ? "empty" : mass)));
            x += width + GAP;
        }
        return new KitDrawing(compartments);
    }

    private record Part(String name, List<Held> held) {}

    /** Many modules share what there is, and the box never grows beyond its frame. */
    private static double width(Part part, double all, double spare, Stock stock) {
        double share = all > 0 ? grams(part.held(), stock) / all : 0;
        return Math.max(24, NARROWEST + spare * share);
    }

    private static double grams(List<Held> held, Stock stock) {
        return held.stream().mapToDouble(h -> grams(h, stock)).sum();
    }

    private static double grams(Held held, Stock stock) {
        return Optional.ofNullable(stock.supplies().get(held.lot().supply()))
                .map(Supply::mass)
                .map(m -> m.grams() * held.pieces())
                .orElse(0.0);
    }

    private static List<Layer> layers(List<Held> held, Stock stock, double width, double full) {
        Map<Group, Double> grams = new EnumMap<>(Group.class);
        held.forEach(h -> Optional.ofNullable(stock.supplies().get(h.lot().supply()))
                .ifPresent(s -> grams.merge(s.group(), grams(h, stock), Double::sum)));
        List<Layer> layers = new ArrayList<>();
        double top = HEIGHT;
        for (Map.Entry<Group, Double> group : grams.entrySet().stream()
                .sorted(Map.Entry.<Group, Double>comparingByValue().reversed())
                .toList()) {
            double height = (HEIGHT - AIR) * group.getValue() / width / full;
            top -= height;
            layers.add(new Layer(
                    group.getKey().name().toLowerCase(Locale.ROOT),
                    group.getKey().label() + " " + Figures.grams(group.getValue()),
                    number(top),
                    number(height),
                    number(top + height / 2 - 6),
                    height >= MARKED,
                    layers.size() % 2 == 1));
        }
        return layers;
    }

    private static String number(double value) {
        return String.format(Locale.ROOT, "%.1f", value);
    }
}
