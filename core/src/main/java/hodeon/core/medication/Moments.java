package hodeon.core.medication;

import java.time.Instant;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.Locale;

/** Says moments as somebody's clock shows them, never without naming where that clock is. */
public final class Moments {

    private static final DateTimeFormatter WHEN = DateTimeFormatter.ofPattern("EEE HH:mm", Locale.ENGLISH);

    private Moments() {}

    /** Such as “Thu 14:05, Europe/Oslo”. */
    public static String said(Instant at, ZoneId zone) {
        return WHEN.format(at.atZone(zone)) + ", " + zone.getId();
    }
}
