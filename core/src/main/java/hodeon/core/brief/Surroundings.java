package hodeon.core.brief;

import hodeon.core.evidence.PlanningAssumption;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.Map;
import java.util.Set;

/**
 * What is within reach on a trip and how its kit travels, read from activity, place and hours to care where nobody says it.
 * Worked example, a test: a day's walk an hour from care has tap, phone, road and shop and rides in a pack; six days of paddling
 * twelve hours from care have none of them and ride by boat.
 *
 * @param reach what is at hand on every leg
 * @param carriage how the kit travels for most of the days
 */
public record Surroundings(Set<Reach> reach, Carriage carriage) {

    /** Up to so many hours to care the trip is taken to be near everything; an assumption. */
    private static final int NEAR_HOURS = PlanningAssumption.NEAR_CARE.whole();

    /** Up to so many hours a phone has signal and a village is on the way of whoever rides or drives; an assumption. */
    private static final int SETTLED_HOURS = PlanningAssumption.SETTLED.whole();

    /** A kit up to so many grams is carried on the body; an assumption. */
    private static final double POUCH_GRAMS = PlanningAssumption.ON_THE_BODY.value();

    private static final Set<Activity> INDOORS = EnumSet.of(Activity.HOME, Activity.CITY, Activity.CAR);
    private static final Set<Activity> BRINGS_WATER = EnumSet.of(Activity.BASE_CAMP, Activity.CHILDREN_OUTING);
    private static final Set<Activity> BY_ROAD =
            EnumSet.of(Activity.MOTOR, Activity.BASE_CAMP, Activity.CHILDREN_OUTING, Activity.CYCLING);

    public Surroundings {
        reach = Set.copyOf(reach);
    }

    /** What the brief says, and what follows from the rest of it where it is silent. */
    public static Surroundings of(Trip trip) {
        return new Surroundings(
                trip.means().reach().orElseGet(() -> reach(trip)),
                trip.means().carriage().orElseGet(() -> carriage(trip)));
    }

    private static Set<Reach> reach(Trip trip) {
        Set<Reach> reach = EnumSet.noneOf(Reach.class);
        for (Reach one : Reach.values()) {
            if (trip.legs().stream().allMatch(leg -> within(one, leg, trip))) {
                reach.add(one);
            }
        }
        return reach;
    }

    private static boolean within(Reach one, Leg leg, Trip trip) {
        boolean indoors = INDOORS.contains(leg.activity()) || leg.environment() == Environment.URBAN;
        boolean near = trip.hoursToCare() <= NEAR_HOURS || indoors;
        boolean settled = near || trip.hoursToCare() <= SETTLED_HOURS && leg.activity() == Activity.CYCLING;
        return switch (one) {
            case TAP ->
                (settled || Length.of(trip) == Length.DAY || BRINGS_WATER.contains(leg.activity()))
                        && !trip.region().contains(Region.UNSAFE_WATER);
            case PHONE -> near || trip.hoursToCare() <= SETTLED_HOURS;
            case ROAD -> settled || BY_ROAD.contains(leg.activity()) && trip.hoursToCare() <= SETTLED_HOURS;
            case SHOP -> settled;
            case ROOF -> indoors && leg.activity() != Activity.CAR;
            case BEACON -> false;
        };
    }

    private static Carriage carriage(Trip trip) {
        if (trip.limits().mass().grams() <= POUCH_GRAMS) {
            return Carriage.ON_BODY;
        }
        Map<Carriage, Integer> halfDays = new EnumMap<>(Carriage.class);
        trip.legs().forEach(l -> halfDays.merge(carriage(l.activity()), l.halfDays(), Integer::sum));
        return halfDays.entrySet().stream()
                .max(Map.Entry.<Carriage, Integer>comparingByValue()
                        .thenComparing(Map.Entry.comparingByKey(Comparator.reverseOrder())))
                .orElseThrow()
                .getKey();
    }

    private static Carriage carriage(Activity activity) {
        return switch (activity) {
            case HOME -> Carriage.STAYS_PUT;
            case CAR, MOTOR, BASE_CAMP -> Carriage.IN_VEHICLE;
            case PADDLING, SAILING, CYCLING, RIDING -> Carriage.ON_WHEELS_OR_WATER;
            case HILL_WALKING, CAMP, FOREST_WORK, CLIMBING, SNOW, SWIMMING, CITY, CHILDREN_OUTING -> Carriage.IN_PACK;
        };
    }
}
