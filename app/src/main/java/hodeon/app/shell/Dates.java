package hodeon.app.shell;

import java.time.LocalDate;
import java.time.temporal.TemporalAccessor;
import org.springframework.stereotype.Component;

/** Days and moments in the form of the household, for the pages; what stands in a sentence of the message files is formatted there. */
@Component("dates")
class Dates {

    public String day(LocalDate day) {
        return Figures.day(day);
    }

    public String moment(TemporalAccessor at) {
        return Figures.moment(at);
    }
}
