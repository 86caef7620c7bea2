package hodeon.app.shell.chart;

import hodeon.app.shell.style.HouseStyle;
import java.time.Instant;
import java.time.LocalDate;
import java.time.YearMonth;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.DoubleFunction;

/** A mark on an axis with what it says. */
public record Tick(String at, String says) {

    private static final DateTimeFormatter CLOCK = DateTimeFormatter.ofPattern("HH:mm", Locale.ROOT);
    private static final int MOST_MONTHS_SAID_EACH = 14;
    private static final int MOST_MONTHS_SAID_BY_QUARTER = 30;
    private static final int QUARTER = 3;
    private static final int YEAR = 12;

    /** Every so much from the first multiple on, as far as the scale goes. */
    public static List<Tick> every(Scale scale, double step, DoubleFunction<String> says) {
        List<Tick> ticks = new ArrayList<>();
        for (double value = Math.ceil(scale.from() / step) * step; scale.holds(value); value += step) {
            ticks.add(new Tick(scale.written(value), says.apply(value)));
        }
        return ticks;
    }

    /** A power of ten or its half of a unit of so much, so that there are some and not many; nothing at nought. */
    public static List<Tick> round(Scale scale, double unit, DoubleFunction<String> says) {
        double to = scale.to() / unit;
        double power = Math.pow(10, Math.floor(Math.log10(to)));
        double step = to / power < 3 ? power / 2 : power;
        return every(scale, step * unit, says).stream()
                .skip(scale.from() == 0 ? 1 : 0)
                .toList();
    }

    /** The first of each month, of each quarter or of each year, by how long the scale is. */
    public static List<Tick> months(Scale scale, LocalDate first, LocalDate last) {
        long months = first.until(last).toTotalMonths();
        int each = months <= MOST_MONTHS_SAID_EACH ? 1 : months <= MOST_MONTHS_SAID_BY_QUARTER ? QUARTER : YEAR;
        LocalDate day = first.withDayOfMonth(1).plusMonths(1);
        while ((day.getMonthValue() - 1) % each != 0) {
            day = day.plusMonths(1);
        }
        List<Tick> ticks = new ArrayList<>();
        for (; !day.isAfter(last); day = day.plusMonths(each)) {
            ticks.add(new Tick(
                    scale.written(day),
                    each == YEAR
                            ? String.valueOf(day.getYear())
                            : HouseStyle.here().says(YearMonth.from(day))));
        }
        return ticks;
    }

    /** Full hours of a clock on the wall that so many hours divide. */
    public static List<Tick> hours(Scale scale, Instant first, Instant last, ZoneId zone, int each) {
        List<Tick> ticks = new ArrayList<>();
        ZonedDateTime hour = first.atZone(zone).withMinute(0).withSecond(0).withNano(0);
        for (; !hour.toInstant().isAfter(last); hour = hour.plusHours(1)) {
            if (hour.getHour() % each == 0 && !hour.toInstant().isBefore(first)) {
                ticks.add(new Tick(scale.written(hour.toInstant()), CLOCK.format(hour)));
            }
        }
        return ticks;
    }
}
