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
        return calendar.toString();
    }
}
