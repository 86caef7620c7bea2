package hodeon.app.brief.form;

import hodeon.app.shell.Wording;
import hodeon.core.brief.Trip;
import hodeon.core.party.Party;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;

/** A trip as it is kept, with the version that a change must name. */
public record StoredTrip(UUID id, UUID householdId, long version, Trip trip, List<People> people) {

    public StoredTrip {
        people = List.copyOf(people);
    }

    /**
     * As whoever looks may see it.
     *
     * @param names whether they may know who goes along; else everybody is “Somebody”, with a number
     */
    public StoredTrip seen(boolean names) {
        if (names) {
            return this;
        }
        List<People> nameless = new ArrayList<>();
        people.forEach(p -> nameless.add(
                new People(p.person().named(Wording.says("goers.somebody", (nameless.size() + 1))), p.alike())));
        return new StoredTrip(
                id, householdId, version, trip.withParty(new Party(People.everybody(nameless))), nameless);
    }
}
