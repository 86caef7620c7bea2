package hodeon.app.remind;

import static org.assertj.core.api.Assertions.assertThat;

import hodeon.app.remind.Reminders.Reminder;
import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.model.Component;
import net.fortuna.ical4j.model.component.VEvent;
import org.junit.jupiter.api.Test;

class CalendarFileTest {

    /** RFC 5545, 3.1: lines of more than 75 octets are folded, and no character is torn apart. */
    @Test
    void noLineHasMoreThan75OctetsAndNothingIsLost() throws Exception {
        String text = "Sachet “Äöü” – vor Ablauf; ".repeat(12).strip();
        Reminder reminder = new Reminder(
                UUID.randomUUID(), LocalDate.of(2027, 3, 1), LocalDate.of(2027, 3, 1), "Läuft ab: " + text, text, 7);
        String file = CalendarFile.write(List.of(reminder), Instant.parse("2026-11-28T06:00:00Z"));
        assertThat(file.split("\r\n")).allSatisfy(line -> assertThat(line.getBytes(StandardCharsets.UTF_8))
                .hasSizeLessThanOrEqualTo(75));
        assertThat(file).doesNotContain("\uFFFD");
        VEvent read = (VEvent) new CalendarBuilder()
                .build(new StringReader(file))
                .getComponents(Component.VEVENT)
                .getFirst();
        assertThat(read.getDescription().getValue()).isEqualTo(text);
    }
}
