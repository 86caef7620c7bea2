package hodeon.app.dose;

import hodeon.core.medication.gate.DoseClock.Counted;
import hodeon.core.medication.gate.DoseTally;
import hodeon.core.medication.gate.Moments;
import java.math.BigDecimal;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
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
    private static final DateTimeFormatter CLOCK = DateTimeFormatter.ofPattern("HH:mm", Locale.ROOT);

    record Bar(String x, String y, String height, String title) {}

    record Tick(String x, String label) {}

    static Strip of(
            DoseTally tally, Function<BigDecimal, String> says, Instant now, Optional<Instant> next, ZoneId zone) {
        double most = tally.doses().stream()
                .mapToDouble(d -> d.amount().doubleValue())
                .max()
                .orElse(1);
        List<Bar> bars = new ArrayList<>();
        for (Counted d : tally.doses()) {
            if (d.at().isAfter(now.minus(BEFORE)) && !d.at().isAfter(now.plus(AFTER))) {
                double height = TALLEST * d.amount().doubleValue() / most;
                bars.add(new Bar(
                        x(d.at(), now),
                        figure(BASE - height),
                        figure(height),
                        says.apply(d.amount()) + ", " + Moments.said(d.at(), zone)));
            }
        }
        List<Tick> ticks = new ArrayList<>();
        ZonedDateTime tick =
                now.minus(BEFORE).atZone(zone).withMinute(0).withSecond(0).withNano(0);
        while (!tick.toInstant().isAfter(now.plus(AFTER))) {
            if (tick.getHour() % HOURS_A_TICK == 0 && !tick.toInstant().isBefore(now.minus(BEFORE))) {
                ticks.add(new Tick(x(tick.toInstant(), now), CLOCK.format(tick)));
            }
            tick = tick.plusHours(1);
        }
        return new Strip(
                bars,
                ticks,
                x(now, now),
                next.filter(n -> !n.isAfter(now.plus(AFTER)))
                        .map(n -> x(n, now))
                        .orElse("-1"));
    }

    private static String x(Instant at, Instant now) {
        double share = (double) Duration.between(now.minus(BEFORE), at).toSeconds()
                / BEFORE.plus(AFTER).toSeconds();
        return figure(WIDTH * share);
    }

    private static String figure(double value) {
        return String.format(Locale.ROOT, "%.1f", value);
    }
}
