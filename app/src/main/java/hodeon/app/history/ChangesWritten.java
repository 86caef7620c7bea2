package hodeon.app.history;

import hodeon.app.people.AlsoWritten;
import hodeon.app.people.PeopleService;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Who changed what stands about somebody, for the file that is handed to them. */
@Component
class ChangesWritten implements AlsoWritten {

    private final Changes changes;

    ChangesWritten(Changes changes) {
        this.changes = changes;
    }

    @Override
    public String name() {
        return "changes";
    }

    @Override
    public Object about(UUID household, PeopleService.Known person) {
        return changes.latest(household, person.id().toString());
    }
}
