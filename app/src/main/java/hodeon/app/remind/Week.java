package hodeon.app.remind;

import hodeon.app.remind.Reminders.Reminder;
import hodeon.app.shell.Wording;
import hodeon.app.shell.style.HouseStyle;
import java.time.LocalDate;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * What is coming in a week that begins on the household's first day; what is past stands in a week of its own.
 *
 * @param from its first day
 * @param when “This week”, “Week from 2027-06-07”
 */
record Week(LocalDate from, String when, List<Reminder> reminders) {

    private static final String OVERDUE = "Overdue";

    static List<Week> of(List<Reminder> soonestFirst, LocalDate today) {
        LocalDate now = begin(today);
        Map<LocalDate, List<Reminder>> byWeek = new TreeMap<>();
        soonestFirst.forEach(r -> byWeek.computeIfAbsent(
                        r.last().isBefore(today) ? LocalDate.MIN : begin(later(r.first(), today)),
                        w -> new ArrayList<>())
                .add(r));
        return byWeek.entrySet().stream()
                .map(e -> new Week(e.getKey(), when(e.getKey(), now), e.getValue()))
                .toList();
    }

    /** What has begun and is not over stands in this week. */
    private static LocalDate later(LocalDate first, LocalDate today) {
        return first.isBefore(today) ? today : first;
    }

    private static LocalDate begin(LocalDate day) {
        return day.with(TemporalAdjusters.previousOrSame(HouseStyle.here().weekBegins()));
    }

    private static String when(LocalDate from, LocalDate now) {
        if (from.equals(LocalDate.MIN)) {
            return OVERDUE;
        }
        return from.equals(now)
                ? Wording.says("week.thisWeek")
                : from.equals(now.plusWeeks(1)) ? Wording.says("week.nextWeek") : Wording.says("week.weekFrom", from);
    }
}
