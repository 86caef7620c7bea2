package hodeon.app.stock;

import hodeon.app.shell.Figures;
import hodeon.app.shell.Wording;
import hodeon.core.stock.GoodUntil;
import hodeon.core.stock.Held;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;

/** How near a day is, and until when things are good, as the pages say it. */
public final class Days {

    private Days() {}

    /** “over since 12 days”, “today”, “in 40 days”, “in 14 months”. */
    static String away(LocalDate day, LocalDate today) {
        long days = ChronoUnit.DAYS.between(today, day);
        return days < -1 ? Wording.says("day.over", span(-days)) : Wording.says("day.last", days, span(days));
    }

    /** The last good day, and whether it is assumed. */
    public static String until(Held held) {
        return held.good().map(Days::said).orElse("does not expire");
    }

    public static String said(GoodUntil good) {
        return good.assumed() ? Wording.says("days.assumed", good.day()) : Figures.day(good.day());
    }

    private static String span(long days) {
        return days < 60
                ? Figures.days(days)
                : days < 730
                        ? Wording.says("months", Math.round(days / 30.44))
                        : Wording.says("years", Math.round(days / 365.25));
    }
}
