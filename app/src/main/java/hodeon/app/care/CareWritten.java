package hodeon.app.care;

import hodeon.app.people.AlsoWritten;
import hodeon.app.people.PeopleService;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Somebody's care diary, for the file that is handed to them. */
@Component
class CareWritten implements AlsoWritten {

    private final CareBook book;

    CareWritten(CareBook book) {
        this.book = book;
    }

    @Override
    public String name() {
        return "care";
    }

    @Override
    public List<CareBook.Noted> about(UUID household, PeopleService.Known person) {
        return book.of(household, person.id());
    }
}
