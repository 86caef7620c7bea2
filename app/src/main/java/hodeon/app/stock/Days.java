package hodeon.app.stock;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;

/** How near a day is, as the pages say it. */
final class Days {

    private Days() {}

    /** “over since 12 days”, “today”, “in 40 days”, “in 14 months”. */
    static String away(LocalDate day, LocalDate today) {
        long days = ChronoUnit.DAYS.between(today, day);
        if (days < 0) {
            return days == -1 ? "over since yesterday" : "over for " + span(-days);
        }
        return days == 0 ? "today is the last day" : days == 1 ? "tomorrow" : "in " + span(days);
    }

    private static String span(long days) {
        return days < 60
                ? days + " days"
                : days < 730 ? Math.round(days / 30.44) + " months" : Math.round(days / 365.25) + " years";
    }
}
