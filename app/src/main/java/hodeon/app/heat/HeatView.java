package hodeon.app.heat;

import hodeon.app.shell.Figures;
import hodeon.app.shell.Wording;
import hodeon.app.shell.chart.Scale;
import hodeon.app.shell.chart.Tick;
import hodeon.app.stock.ledger.Stock;
import hodeon.core.stock.Heat;
import hodeon.core.stock.Heat.Reading;
import hodeon.core.stock.HeatExposure;
import hodeon.core.stock.Held;
import java.time.Duration;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
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
        List<Tick> levels,
        List<Tick> limits,
        List<Lot> lots,
        int readings) {

    private static final int LEFT = 46;
    private static final int RIGHT = 740;
    private static final int TOP = 12;
    private static final int BOTTOM = 200;
    private static final int DEGREES_A_TICK = 10;

    /** A lot with a limit, and how long and how far above it the place was. */
    record Lot(
            UUID id, String name, String limit, String above, String hottest, boolean kineticAbove, boolean affected) {}

    static HeatView of(List<Reading> readings, List<Held> held, Stock all) {
        double kinetic = Heat.meanKinetic(readings);
        double hottest = readings.stream().mapToDouble(Reading::celsius).max().orElseThrow();
        double coldest = readings.stream().mapToDouble(Reading::celsius).min().orElseThrow();
        List<HeatExposure> exposed = held.stream()
                .flatMap(h ->
                        HeatExposure.of(
                                h,
                                Optional.ofNullable(all.supplies().get(h.lot().supply())),
                                readings,
                                kinetic)
                                .stream())
                .toList();
        List<Lot> lots = new ArrayList<>(exposed.stream().map(e -> lot(e, all)).toList());
        lots.sort(Comparator.comparing((Lot l) -> !l.affected()).thenComparing(Lot::name));
        double top = Math.ceil(Math.max(hottest, 30) / 10) * 10;
        double bottom = Math.floor(Math.min(coldest, 0) / 10) * 10;
        Scale up = new Scale(bottom, top, BOTTOM, TOP);
        return new HeatView(
                celsius(Heat.mean(readings)),
                celsius(kinetic),
                celsius(hottest),
                Figures.moment(readings.getFirst().at()),
                Figures.moment(readings.getLast().at()),
                path(readings, up),
                Tick.every(up, DEGREES_A_TICK, c -> Figures.celsius(c, 0)),
                exposed.stream()
                        .map(HeatExposure::limit)
                        .distinct()
                        .map(c -> new Tick(up.written(c), Wording.says("heatView.limitC", Figures.celsius(c, 0))))
                        .toList(),
                lots,
                readings.size());
    }

    private static Lot lot(HeatExposure exposed, Stock all) {
        boolean affected = !exposed.above().isEmpty();
        return new Lot(
                exposed.held().lot().id(),
                all.nameOf(exposed.held().lot().supply()),
                Figures.celsius(exposed.limit(), 0),
                affected ? Wording.says("heat.above", exposed.above().size(), hours(exposed.lasting())) : "never",
                affected ? celsius(exposed.hottest()) : "",
                exposed.kineticAbove(),
                affected);
    }

    private static String hours(Duration lasting) {
        return lasting.toMinutes() < 60
                ? Wording.says("heatView.min", lasting.toMinutes())
                : String.format(Locale.ROOT, "%.1f h", lasting.toMinutes() / 60.0);
    }

    /** The hottest of what falls on one unit of the drawing. */
    private static String path(List<Reading> readings, Scale up) {
        long span = Math.max(1, seconds(readings.getFirst(), readings.getLast()));
        Scale across = new Scale(0, span, LEFT, RIGHT);
        Map<Integer, Double> hottest = new TreeMap<>();
        readings.forEach(r -> hottest.merge((int) across.at(seconds(readings.getFirst(), r)), r.celsius(), Math::max));
        return Scale.path(hottest.entrySet().stream()
                .map(e -> new double[] {e.getKey(), up.at(e.getValue())})
                .toList());
    }

    private static long seconds(Reading first, Reading last) {
        return ChronoUnit.SECONDS.between(first.at(), last.at());
    }

    private static String celsius(double value) {
        return Figures.celsius(value, 1);
    }
}
