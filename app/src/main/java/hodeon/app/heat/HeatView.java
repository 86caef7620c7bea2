package hodeon.app.heat;

import hodeon.app.stock.ledger.Stock;
import hodeon.core.catalogue.Supply;
import hodeon.core.stock.Heat;
import hodeon.core.stock.Heat.Excursion;
import hodeon.core.stock.Heat.Reading;
import hodeon.core.stock.Held;
import java.time.Duration;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.OptionalInt;
import java.util.UUID;

/**
 * A temperature log as a drawing and what it means for each lot that lay there.
 *
 * @param path of the temperatures, one point for each pixel that has one: its hottest
 */
record HeatView(
        String mean,
        String kinetic,
        String hottest,
        String from,
        String to,
        String path,
        List<Level> levels,
        List<Lot> lots,
        int readings) {

    private static final int LEFT = 46;
    private static final int RIGHT = 740;
    private static final int TOP = 12;
    private static final int BOTTOM = 200;

    /** A limit drawn across. */
    record Level(String y, String says, boolean limit) {}

    /** A lot with a limit, and how long and how far above it the place was. */
    record Lot(
            UUID id, String name, String limit, String above, String hottest, boolean kineticAbove, boolean affected) {}

    static HeatView of(List<Reading> readings, List<Held> held, Stock all) {
        double kinetic = Heat.meanKinetic(readings);
        double hottest = readings.stream().mapToDouble(Reading::celsius).max().orElseThrow();
        double coldest = readings.stream().mapToDouble(Reading::celsius).min().orElseThrow();
        List<Lot> lots = new ArrayList<>();
        for (Held h : held) {
            limit(h, all).ifPresent(limit -> lots.add(lot(h, limit, readings, kinetic, all)));
        }
        lots.sort(Comparator.comparing((Lot l) -> !l.affected()).thenComparing(Lot::name));
        double top = Math.ceil(Math.max(hottest, 30) / 10) * 10;
        double bottom = Math.floor(Math.min(coldest, 0) / 10) * 10;
        return new HeatView(
                celsius(Heat.mean(readings)),
                celsius(kinetic),
                celsius(hottest),
                readings.getFirst().at().toString().replace('T', ' '),
                readings.getLast().at().toString().replace('T', ' '),
                path(readings, bottom, top),
                levels(bottom, top, lots),
                lots,
                readings.size());
    }

    /** The package's own limit, else the catalogue's. */
    private static OptionalInt limit(Held held, Stock all) {
        if (held.lot().mostCelsius().isPresent()) {
            return held.lot().mostCelsius();
        }
        Supply supply = all.supplies().get(held.lot().supply());
        return supply == null ? OptionalInt.empty() : supply.keeping().mostCelsius();
    }

    private static Lot lot(Held held, int limit, List<Reading> readings, double kinetic, Stock all) {
        List<Excursion> above = Heat.above(readings, limit);
        Duration lasting = above.stream().map(Excursion::lasting).reduce(Duration.ZERO, Duration::plus);
        double most = above.stream().mapToDouble(Excursion::hottest).max().orElse(0);
        return new Lot(
                held.lot().id(),
                all.nameOf(held.lot().supply()),
                limit + " °C",
                above.isEmpty()
                        ? "never"
                        : above.size() + (above.size() == 1 ? " time, " : " times, ") + hours(lasting) + " in all",
                above.isEmpty() ? "" : celsius(most),
                kinetic > limit,
                !above.isEmpty());
    }

    private static String hours(Duration lasting) {
        return lasting.toMinutes() < 60
                ? lasting.toMinutes() + " min"
                : String.format(Locale.ROOT, "%.1f h", lasting.toMinutes() / 60.0);
    }

    private static List<Level> levels(double bottom, double top, List<Lot> lots) {
        List<Level> levels = new ArrayList<>();
        for (double t = bottom; t <= top; t += 10) {
            levels.add(new Level(number(y(t, bottom, top)), (int) t + " °C", false));
        }
        lots.stream()
                .map(Lot::limit)
                .distinct()
                .forEach(l -> levels.add(new Level(
                        number(y(Double.parseDouble(l.replace(" °C", "")), bottom, top)), "limit " + l, true)));
        return levels;
    }

    private static String path(List<Reading> readings, double bottom, double top) {
        long span = Math.max(
                1,
                ChronoUnit.SECONDS.between(
                        readings.getFirst().at(), readings.getLast().at()));
        StringBuilder path = new StringBuilder();
        int before = -1;
        double hottest = 0;
        for (Reading r : readings) {
            long at = ChronoUnit.SECONDS.between(readings.getFirst().at(), r.at());
            int x = LEFT + (int) ((RIGHT - LEFT) * at / span);
            if (x != before && before >= 0) {
                add(path, before, hottest, bottom, top);
            }
            hottest = x == before ? Math.max(hottest, r.celsius()) : r.celsius();
            before = x;
        }
        add(path, before, hottest, bottom, top);
        return path.toString();
    }

    private static void add(StringBuilder path, int x, double celsius, double bottom, double top) {
        path.append(path.isEmpty() ? 'M' : 'L').append(x).append(' ').append(number(y(celsius, bottom, top)));
    }

    private static double y(double celsius, double bottom, double top) {
        return BOTTOM - (celsius - bottom) / (top - bottom) * (BOTTOM - TOP);
    }

    private static String number(double value) {
        return String.format(Locale.ROOT, "%.1f", value);
    }

    private static String celsius(double value) {
        return String.format(Locale.ROOT, "%.1f °C", value);
    }
}
