package hodeon.app.sample;

import hodeon.app.brief.form.Brief;
import hodeon.app.brief.form.People;
import hodeon.app.brief.form.Visiting;
import hodeon.core.brief.Activity;
import hodeon.core.brief.Adjustments;
import hodeon.core.brief.Carriage;
import hodeon.core.brief.Company;
import hodeon.core.brief.Environment;
import hodeon.core.brief.Leg;
import hodeon.core.brief.Limits;
import hodeon.core.brief.Means;
import hodeon.core.brief.Reach;
import hodeon.core.brief.Season;
import hodeon.core.brief.Stance;
import hodeon.core.brief.Standing;
import hodeon.core.brief.Standing.Visitors;
import hodeon.core.brief.Thrift;
import hodeon.core.brief.Trip;
import hodeon.core.party.Party;
import hodeon.core.party.Training;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** What the Tidewrack Paddlers' kits that stay are for. All made up. */
final class SampleUses {

    private SampleUses() {}

    /** Two club days a week by the water, with whoever comes. */
    static Brief clubhouse(LocalDate today) {
        Standing use = new Standing(
                List.of(new Leg(Activity.CHILDREN_OUTING, Environment.COAST, 4)), 90, new Visitors(25, 15));
        List<People> people = Visiting.of(use.visitors(), Training.BASIC);
        Trip trip = new Trip(
                "Clubhouse",
                today,
                use.end(today),
                Season.ALL_YEAR,
                use.legs(),
                new Party(People.everybody(people)),
                1,
                Set.of(),
                Set.of(),
                Company.NONE,
                Stance.FIX_THE_LIKELY,
                Limits.ofMass(Limits.UNLIMITED),
                true,
                Adjustments.NONE,
                new Means(
                        Optional.of(Carriage.STAYS_PUT),
                        Optional.of(Set.of(Reach.TAP, Reach.PHONE, Reach.ROAD, Reach.ROOF)),
                        Thrift.USUAL,
                        false),
                Optional.of(use));
        return new Brief(trip, people);
    }
}
