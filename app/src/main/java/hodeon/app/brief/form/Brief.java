package hodeon.app.brief.form;

import hodeon.core.brief.Trip;
import java.util.List;

/** A checked brief: the trip, and the rows its party was typed in. */
public record Brief(Trip trip, List<People> people) {

    public Brief {
        people = List.copyOf(people);
    }
}
