package hodeon.app.dose;

import hodeon.app.shell.chart.Scale;
import hodeon.app.shell.chart.Tick;
import hodeon.core.medication.gate.DoseClock.Counted;
import hodeon.core.medication.gate.DoseTally;
import hodeon.core.medication.gate.Moments;
import java.math.BigDecimal;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/**
 * The last 24 hours and the next 12 of one ingredient, drawn as a strip: a bar for each dose as high as it is large, a
 * line for now, and where the next dose may be.
 *
 * @param nextX where the next dose may be; left out (−1) where it lies beyond the strip or is not known
 */
record Strip(List<Bar> bars, List<Tick> ticks, String nowX, String nextX) {

    static final int WIDTH = 540;
    static final int HEIGHT = 64;
    private static final int BASE = 46;
    private static final int TALLEST = 34;
    private static final Duration BEFORE = Duration.ofHours(24);
    private static final Duration AFTER = Duration.ofHours(12);
    private static final int HOURS_A_TICK = 6;

    record Bar(String x, String y, String height, String title) {}

    static Strip of(
            DoseTally tally, Function<BigDecimal, String> says, Instant now, Optional<Instant> next, ZoneId zone) {
        Instant first = now.minus(BEFORE);
        Instant last = now.plus(AFTER);
        Scale across = Scale.ofMoments(first, last, 0, WIDTH);
        double most = tally.doses().stream()
                .mapToDouble(d -> d.amount().doubleValue())
                .max()
                .orElse(1);
        List<Bar> bars = new ArrayList<>();
        for (Counted d : tally.doses()) {
            if (d.at().isAfter(first) && !d.at().isAfter(last)) {
                double height = TALLEST * d.amount().doubleValue() / most;
                bars.add(new Bar(
                        across.written(d.at()),
                        Scale.units(BASE - height),
                        Scale.units(height),
                        says.apply(d.amount()) + ", " + Moments.said(d.at(), zone)));
            }
        }
        return new Strip(
                bars,
                Tick.hours(across, first, last, zone, HOURS_A_TICK),
                across.written(now),
                next.filter(n -> !n.isAfter(last)).map(across::written).orElse("-1"));
    }
}
