package hodeon.app.remind;

import hodeon.app.remind.Reminders.Reminder;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.ParameterList;
import net.fortuna.ical4j.model.component.VAlarm;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.parameter.Related;
import net.fortuna.ical4j.model.property.Action;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.DtStamp;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.Trigger;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.immutable.ImmutableCalScale;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;

/** Reminders as iCalendar (RFC 5545): whole days, each with an alarm of its own. */
final class CalendarFile {

    private static final int MOST_OCTETS = 75;

    private CalendarFile() {}

    static String write(List<Reminder> reminders, Instant now) {
        Calendar calendar = new Calendar();
        calendar.add(new ProdId("-//Hodeon//Reminders 1//EN"));
        calendar.add(ImmutableVersion.VERSION_2_0);
        calendar.add(ImmutableCalScale.GREGORIAN);
        for (Reminder reminder : reminders) {
            // The end of whole days is the day after, RFC 5545, 3.6.1.
            VEvent event = new VEvent(reminder.first(), reminder.last().plusDays(1), reminder.title());
            // The library stamps with its own clock; ours is the one that tests can stop.
            event.replace(new DtStamp(now));
            event.add(new Uid(reminder.id() + "@hodeon"));
            event.add(new Description(reminder.text()));
            VAlarm alarm = new VAlarm();
            alarm.add(new Trigger(new ParameterList(List.of(Related.START)), Duration.ofDays(-reminder.daysBefore())));
            alarm.add(new Action("DISPLAY"));
            alarm.add(new Description(reminder.title()));
            event.add(alarm);
            calendar.add(event);
        }
        return folded(calendar.toString());
    }

    /** Lines of at most 75 octets, RFC 5545, 3.1; the library folds by characters, of which some have three octets. */
    private static String folded(String text) {
        StringBuilder folded = new StringBuilder(text.length() + 64);
        int octets = 0;
        for (int i = 0; i < text.length(); ) {
            int c = text.codePointAt(i);
            i += Character.charCount(c);
            int size = c < 0x80 ? 1 : c < 0x800 ? 2 : c < 0x10000 ? 3 : 4;
            if (c == '\r' || c == '\n') {
                octets = 0;
            } else if (octets + size > MOST_OCTETS) {
                folded.append("\r\n ");
                octets = 1 + size;
            } else {
                octets += size;
            }
            folded.appendCodePoint(c);
        }
        return folded.toString();
    }
}
