package hodeon.app.shelf;

import hodeon.app.brief.form.StoredTrip;
import hodeon.app.kits.Kit;
import hodeon.app.kits.Packed;
import hodeon.app.shell.Figures;
import hodeon.app.stock.ledger.Stock;
import hodeon.core.brief.Limits;
import hodeon.core.catalogue.Group;
import hodeon.core.units.Mass;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;

/**
 * A kit drawn as a pouch: filled as far as its weight limit, a layer for each group of supplies by its share of the mass,
 * the heaviest at the bottom.
 *
 * @param layers from the bottom up, in drawing units
 * @param first what expires first in it; empty if that is not known
 * @param state what is to be known of it in a few words
 */
record Pouch(
        UUID id,
        String name,
        String grams,
        String kinds,
        List<Layer> layers,
        String fillSays,
        String over,
        String first,
        String state,
        boolean fine) {

    private static final double HEIGHT = 72;
    private static final double BOTTOM = 92;
    private static final double FULL_GRAMS = 3_000;
    /** A layer lower than this shows no mark. */
    private static final double MARKED = 11;

    record Layer(String group, String name, String y, String height, String markY, boolean marked, boolean odd) {}

    static Pouch of(Kit kit, Stock owned, Optional<StoredTrip> trip, Optional<TripCard> coming, String first) {
        double full = trip.map(t -> t.trip().limits())
                .filter(Limits::massIsLimited)
                .map(l -> l.mass().grams())
                .orElse(FULL_GRAMS);
        Mass limit = trip.map(t -> t.trip().limits().mass()).orElse(Limits.UNLIMITED);
        Optional<Packed> packed = Packed.of(kit, owned, limit);
        Mass mass = packed.map(Packed::mass).orElse(kit.mass());
        boolean over = trip.isPresent() && mass.compareTo(limit) > 0;
        String state = coming.map(c -> "for " + c.name() + ": " + c.state())
                .orElse(trip.map(t -> "was along on " + t.trip().name()).orElse("for no trip yet"));
        return new Pouch(
                kit.id(),
                kit.name(),
                Figures.grams(mass),
                Figures.counted(kit.lines().size(), "kind"),
                layers(kit, full),
                (packed.isPresent() ? "lies in it, " + Figures.grams(kit.mass()) + " planned; " : "planned; ")
                        + Math.round(100 * mass.grams() / full) + " % of " + Figures.grams(full)
                        + (trip.isPresent() ? ", its trip's limit" : ""),
                over ? Figures.grams(mass.grams() - full) + " over" : "",
                first,
                state,
                coming.map(TripCard::ready).orElse(true));
    }

    private static List<Layer> layers(Kit kit, double full) {
        Map<Group, Double> grams = new EnumMap<>(Group.class);
        kit.lines().forEach(l -> grams.merge(l.supply().group(), l.mass().grams(), Double::sum));
        double scale = HEIGHT / Math.max(full, kit.mass().grams());
        List<Layer> layers = new ArrayList<>();
        double top = BOTTOM;
        for (Map.Entry<Group, Double> group : grams.entrySet().stream()
                .sorted(Map.Entry.<Group, Double>comparingByValue().reversed())
                .toList()) {
            double height = group.getValue() * scale;
            top -= height;
            layers.add(new Layer(
                    group.getKey().name().toLowerCase(Locale.ROOT),
                    group.getKey().label() + " " + Figures.grams(group.getValue()),
                    String.format(Locale.ROOT, "%.1f", top),
                    String.format(Locale.ROOT, "%.1f", height),
                    String.format(Locale.ROOT, "%.1f", top + height / 2 - 5),
                    height >= MARKED,
                    layers.size() % 2 == 1));
        }
        return layers;
    }
}
