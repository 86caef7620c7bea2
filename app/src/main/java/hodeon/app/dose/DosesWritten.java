package hodeon.app.dose;

import hodeon.app.people.AlsoWritten;
import hodeon.app.people.PeopleService;
import hodeon.app.shell.Wording;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** The doses somebody had, for the file that is handed to them. */
@Component
class DosesWritten implements AlsoWritten {

    private final DoseBook book;

    DosesWritten(DoseBook book) {
        this.book = book;
    }

    /** @param at in UTC */
    record Line(LocalDateTime at, String what, String by, String over, String struck) {}

    @Override
    public String name() {
        return "doses";
    }

    @Override
    public List<Line> about(UUID household, PeopleService.Known person) {
        return book.ever(household, person.id()).stream()
                .map(k -> new Line(
                        LocalDateTime.ofInstant(k.at(), ZoneOffset.UTC),
                        Wording.says(
                                "clockController.of",
                                k.noted().says(),
                                k.noted().name()),
                        k.noted().by(),
                        k.noted().over(),
                        k.noted().struck()))
                .toList();
    }
}
