package hodeon.app.brief.form;

import hodeon.core.brief.Activity;
import hodeon.core.brief.Carriage;
import hodeon.core.brief.Environment;
import hodeon.core.brief.Reach;
import hodeon.core.brief.Season;
import hodeon.core.brief.Stance;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Common outings, and common kits that stay, to start a brief from. Starting points, not answers: every figure is there to be changed. */
public enum Preset {
    DAY_WITH_CHILDREN(
            "A day out with children",
            Season.SUMMER,
            2,
            Stance.FIX_THE_LIKELY,
            Set.of(Reach.TAP, Reach.PHONE, Reach.ROAD),
            leg(Activity.CHILDREN_OUTING, Environment.TEMPERATE, "1")),
    DAY_HIKE(
            "A day in the hills",
            Season.SUMMER,
            4,
            Stance.FIX_THE_LIKELY,
            Set.of(Reach.TAP),
            leg(Activity.HILL_WALKING, Environment.TEMPERATE, "1")),
    HUT_WEEKEND(
            "A weekend from hut to hut",
            Season.SUMMER,
            6,
            Stance.HOLD_UNTIL_HELP,
            Set.of(Reach.TAP),
            leg(Activity.HILL_WALKING, Environment.TEMPERATE, "2")),
    LONG_TRAIL(
            "Two weeks on a long trail",
            Season.SUMMER,
            12,
            Stance.HOLD_UNTIL_HELP,
            Set.of(),
            leg(Activity.HILL_WALKING, Environment.TEMPERATE, "12"),
            leg(Activity.CAMP, Environment.TEMPERATE, "2")),
    SEA_KAYAK(
            "A week in sea kayaks",
            Season.SUMMER,
            9,
            Stance.HOLD_UNTIL_HELP,
            Set.of(),
            leg(Activity.PADDLING, Environment.COAST, "5"),
            leg(Activity.CAMP, Environment.COAST, "2")),
    SNOWSHOES(
            "Three winter days on snowshoes",
            Season.WINTER,
            8,
            Stance.HOLD_UNTIL_HELP,
            Set.of(),
            leg(Activity.SNOW, Environment.WINTER, "3")),
    CYCLE_TOUR(
            "A week by bicycle",
            Season.SUMMER,
            3,
            Stance.FIX_THE_LIKELY,
            Set.of(Reach.TAP, Reach.PHONE, Reach.ROAD, Reach.SHOP),
            leg(Activity.CYCLING, Environment.TEMPERATE, "7")),
    WOOD_WORK(
            "A day of saw and axe",
            Season.AUTUMN,
            3,
            Stance.FIRST_MINUTES,
            Set.of(Reach.TAP, Reach.ROAD),
            leg(Activity.FOREST_WORK, Environment.TEMPERATE, "1")),
    CITY(
            "A week in cities",
            Season.SPRING,
            1,
            Stance.FIX_THE_LIKELY,
            Set.of(Reach.TAP, Reach.PHONE, Reach.ROAD, Reach.SHOP, Reach.ROOF),
            leg(Activity.CITY, Environment.URBAN, "7")),
    HOME(
            "A home",
            180,
            1,
            Stance.HOLD_UNTIL_HELP,
            Set.of(Reach.TAP, Reach.PHONE, Reach.ROAD, Reach.SHOP, Reach.ROOF),
            leg(Activity.HOME, Environment.URBAN, "7")),
    CAR(
            "A car",
            180,
            1,
            Stance.FIRST_MINUTES,
            Set.of(Reach.PHONE, Reach.ROAD),
            leg(Activity.CAR, Environment.TEMPERATE, "2")),
    BOAT("A boat", 90, 2, Stance.HOLD_UNTIL_HELP, Set.of(Reach.PHONE), leg(Activity.SAILING, Environment.COAST, "1.5")),
    CLUBHOUSE(
            "A clubhouse or school",
            90,
            1,
            Stance.FIX_THE_LIKELY,
            Set.of(Reach.TAP, Reach.PHONE, Reach.ROAD, Reach.ROOF),
            leg(Activity.CHILDREN_OUTING, Environment.TEMPERATE, "2")),
    EVERY_DAY_BAG(
            "The bag for every day",
            30,
            1,
            Stance.FIX_THE_LIKELY,
            Set.of(Reach.TAP, Reach.PHONE, Reach.ROAD, Reach.SHOP, Reach.ROOF),
            leg(Activity.CITY, Environment.URBAN, "6")),
    CHILDS_BAG(
            "A child’s bag",
            30,
            1,
            Stance.FIX_THE_LIKELY,
            Set.of(Reach.TAP, Reach.PHONE, Reach.ROAD, Reach.SHOP),
            leg(Activity.CHILDREN_OUTING, Environment.URBAN, "5"));

    private record LegOf(Activity activity, Environment environment, String days) {}

    private final String label;
    private final Season season;
    private final int hoursToCare;
    private final Stance stance;
    private final Set<Reach> reach;
    private final List<LegOf> legs;
    private final int refillDays;

    Preset(String label, Season season, int hoursToCare, Stance stance, Set<Reach> reach, LegOf... legs) {
        this(label, season, 0, hoursToCare, stance, reach, legs);
    }

    /** For a kit that stays. */
    Preset(String label, int refillDays, int hoursToCare, Stance stance, Set<Reach> reach, LegOf... legs) {
        this(label, Season.ALL_YEAR, refillDays, hoursToCare, stance, reach, legs);
    }

    Preset(
            String label,
            Season season,
            int refillDays,
            int hoursToCare,
            Stance stance,
            Set<Reach> reach,
            LegOf... legs) {
        this.refillDays = refillDays;
        this.label = label;
        this.season = season;
        this.hoursToCare = hoursToCare;
        this.stance = stance;
        this.reach = reach;
        this.legs = List.of(legs);
    }

    public String label() {
        return label;
    }

    /** Whether it is for a kit that stays. */
    public boolean stays() {
        return refillDays > 0;
    }

    /** How a kit that stays is moved, if at all. */
    private Carriage carriage() {
        return switch (this) {
            case HOME, CLUBHOUSE -> Carriage.STAYS_PUT;
            case CAR -> Carriage.IN_VEHICLE;
            case BOAT -> Carriage.ON_WHEELS_OR_WATER;
            default -> Carriage.IN_PACK;
        };
    }

    public static List<Preset> of(boolean stays) {
        return Stream.of(values()).filter(p -> p.stays() == stays).toList();
    }

    public static Optional<Preset> named(String name) {
        return List.of(values()).stream().filter(p -> p.name().equals(name)).findFirst();
    }

    public BriefForm form() {
        BriefForm form = stays() ? BriefForms.standing() : BriefForms.blank();
        if (stays()) {
            form.getStanding().setRefillDays(Integer.toString(refillDays));
            form.getStanding().setVisited(this == CLUBHOUSE ? "yes" : "");
            form.setCarriage(carriage().name());
        }
        form.setName(label);
        form.setSeason(season.name());
        form.setHoursToCare(Integer.toString(hoursToCare));
        form.setStance(stance.name());
        form.setReachSaid("yes");
        form.setReach(reach.stream().map(Reach::name).collect(Collectors.toCollection(TreeSet::new)));
        form.getLegs().clear();
        legs.forEach(l -> {
            LegForm leg = new LegForm();
            leg.setActivity(l.activity().name());
            leg.setEnvironment(l.environment().name());
            leg.setDays(l.days());
            form.getLegs().add(leg);
        });
        return form;
    }

    private static LegOf leg(Activity activity, Environment environment, String days) {
        return new LegOf(activity, environment, days);
    }
}
