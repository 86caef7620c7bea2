package hodeon.core.need;

import hodeon.core.brief.Activity;
import hodeon.core.brief.Carriage;
import hodeon.core.brief.Environment;
import hodeon.core.brief.Leg;
import hodeon.core.brief.Length;
import hodeon.core.brief.Reach;
import hodeon.core.brief.Region;
import hodeon.core.brief.Season;
import hodeon.core.brief.Stance;
import hodeon.core.brief.Surroundings;
import hodeon.core.brief.Trip;
import hodeon.core.catalogue.Tag;
import hodeon.core.party.AgeBand;
import hodeon.core.party.Allergy;
import hodeon.core.party.Condition;
import hodeon.core.party.Person;
import hodeon.core.party.RescueMedicine;
import hodeon.core.party.SizeClass;
import hodeon.core.party.Training;
import java.util.HashSet;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Turns a leg, a season or a person into the tags that the reference data multiply by. */
public final class Drivers {

    /** Holds where the party cooks on neither stove nor fire. */
    public static final Tag NO_STOVE = new Tag("gear", "no-stove");

    /** Holds where a dog comes along. */
    public static final Tag DOG = new Tag("company", "dog");

    /** Holds where a kit is for whoever comes by. */
    public static final Tag VISITORS = new Tag("company", "visitors");

    private static final Set<String> PERSONAL = Set.of("age", "condition", "allergy");

    private Drivers() {}

    /** Every tag the reference data may name. */
    public static Set<Tag> vocabulary() {
        Set<Tag> all = new HashSet<>();
        add(all, "activity", Activity.values());
        add(all, "environment", Environment.values());
        add(all, "season", Season.values());
        add(all, "age", AgeBand.values());
        add(all, "condition", Condition.values());
        add(all, "allergy", Allergy.values());
        add(all, "training", Training.values());
        add(all, "rescue", RescueMedicine.values());
        add(all, "region", Region.values());
        add(all, "size", SizeClass.values());
        add(all, "reach", Reach.values());
        add(all, "carriage", Carriage.values());
        add(all, "stance", Stance.values());
        add(all, "length", Length.values());
        all.add(NO_STOVE);
        all.add(DOG);
        all.add(VISITORS);
        return all;
    }

    public static Set<Tag> of(Leg leg) {
        return Set.of(Tag.of("activity", leg.activity()), Tag.of("environment", leg.environment()));
    }

    /** What holds on the whole trip: its season, facts about its region, and whether there is no stove. */
    public static Set<Tag> around(Trip trip) {
        Set<Tag> tags = trip.region().stream().map(r -> Tag.of("region", r)).collect(Collectors.toSet());
        tags.add(Tag.of("season", trip.season()));
        if (!trip.stove()) {
            tags.add(NO_STOVE);
        }
        return tags;
    }

    /**
     * What holds of the trip as a whole, on any of its legs or of anybody who comes along; what is within reach, how the kit travels,
     * for how long, which school it follows, every level of training that the party has, and
     * whether a dog comes along or people come by whom nobody knows.
     */
    public static Set<Tag> whereabouts(Trip trip) {
        Set<Tag> tags = new HashSet<>(around(trip));
        trip.legs().forEach(leg -> tags.addAll(of(leg)));
        Surroundings surroundings = Surroundings.of(trip);
        surroundings.reach().forEach(r -> tags.add(Tag.of("reach", r)));
        tags.add(Tag.of("carriage", surroundings.carriage()));
        tags.add(Tag.of("stance", trip.stance()));
        tags.add(Tag.of("length", Length.of(trip)));
        if (trip.season() == Season.ALL_YEAR) {
            // What is wanted in one season is wanted; winter is named only where it spares something, which a year does
            // not.
            Season.OF_A_YEAR.stream().filter(s -> s != Season.WINTER).forEach(s -> tags.add(Tag.of("season", s)));
        }
        trip.party().people().forEach(p -> tags.addAll(of(p)));
        Stream.of(Training.values())
                .filter(t -> t.compareTo(trip.party().training()) <= 0)
                .forEach(t -> tags.add(Tag.of("training", t)));
        if (trip.company().dogs() > 0) {
            tags.add(DOG);
        }
        if (trip.standing().filter(use -> !use.visitors().none()).isPresent()) {
            tags.add(VISITORS);
        }
        return tags;
    }

    public static Set<Tag> of(Person person) {
        Set<Tag> tags = new HashSet<>();
        tags.add(Tag.of("age", person.ageBand()));
        person.conditions().forEach(c -> tags.add(Tag.of("condition", c)));
        person.allergies().forEach(a -> tags.add(Tag.of("allergy", a)));
        return tags;
    }

    /** Whether a tag is about a person rather than about place and time. */
    public static boolean isPersonal(Tag tag) {
        return PERSONAL.contains(tag.kind());
    }

    private static void add(Set<Tag> all, String kind, Enum<?>[] constants) {
        for (Enum<?> constant : constants) {
            all.add(Tag.of(kind, constant));
        }
    }
}
