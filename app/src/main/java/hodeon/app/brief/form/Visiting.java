package hodeon.app.brief.form;

import hodeon.core.brief.Standing.Visitors;
import hodeon.core.party.Training;
import java.util.ArrayList;
import java.util.List;

/** Whoever comes by, as the rows of a party: one who looks after the others, then adults and children who are alike. */
public final class Visiting {

    private Visiting() {}

    /** @param training of whoever looks after them */
    public static List<People> of(Visitors visitors, Training training) {
        List<People> people = new ArrayList<>();
        people.add(new People(visitors.lookingAfter(training), 1));
        int others = visitors.standingAdults() - 1;
        if (others > 0) {
            people.add(new People(visitors.adult(), others));
        }
        if (visitors.standingChildren() > 0) {
            people.add(new People(visitors.child(), visitors.standingChildren()));
        }
        return people;
    }
}
