package hodeon.core.medication.gate;

import java.time.Instant;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.time.format.DateTimeFormatter;
import java.util.Locale;

/**
 * Says moments as somebody's clock shows them, never without naming where that clock is; in the hour that comes twice when
 * clocks go back also by how much it is ahead, so that the two are told apart.
 */
public final class Moments {

    private static final DateTimeFormatter WHEN = DateTimeFormatter.ofPattern("EEE HH:mm", Locale.ENGLISH);
    private static final DateTimeFormatter DATED = DateTimeFormatter.ofPattern("yyyy-MM-dd HH:mm", Locale.ROOT);

    private Moments() {}

    /** Such as “Thu 14:05, Europe/Oslo”. */
    public static String said(Instant at, ZoneId zone) {
        return WHEN.format(at.atZone(zone)) + twice(at.atZone(zone)) + ", " + zone.getId();
    }

    /** Such as “2026-11-26 14:05 (Europe/Oslo)”. */
    public static String dated(Instant at, ZoneId zone) {
        return DATED.format(at.atZone(zone)) + twice(at.atZone(zone)) + " (" + zone.getId() + ")";
    }

    private static String twice(ZonedDateTime at) {
        boolean twice =
                at.getZone().getRules().getValidOffsets(at.toLocalDateTime()).size() > 1;
        return twice ? " at UTC" + at.getOffset() : "";
    }
}
