package hodeon.app.journal;

import hodeon.app.people.AlsoWritten;
import hodeon.app.people.PeopleService;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** What logs say happened to somebody, for the file that is handed to them. */
@Component
class LogWritten implements AlsoWritten {

    private final LogEntryRepository entries;

    LogWritten(LogEntryRepository entries) {
        this.entries = entries;
    }

    record Line(LocalDate on, String problem, int times, String note) {}

    @Override
    public String name() {
        return "log";
    }

    @Override
    public List<Line> about(UUID household, PeopleService.Known person) {
        return entries.findByHouseholdIdOrderById(household).stream()
                .filter(e -> e.isAbout(person.id(), person.profile().name()))
                .map(e -> new Line(e.happenedOn, e.problemId, e.times, e.note))
                .toList();
    }
}
