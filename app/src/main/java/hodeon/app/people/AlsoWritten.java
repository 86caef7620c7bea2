package hodeon.app.people;

import java.util.UUID;

/** What another room has written about somebody; it goes into the file that is handed to them. */
public interface AlsoWritten {

    /** What the file calls it. */
    String name();

    /** As values that can be written as JSON. */
    Object about(UUID household, PeopleService.Known person);
}
