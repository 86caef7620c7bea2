package hodeon.core.brief;

import hodeon.core.evidence.PlanningAssumption;
import hodeon.core.party.Age;
import hodeon.core.party.Person;
import hodeon.core.party.Training;
import hodeon.core.units.Mass;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;

/**
 * What a kit that stays is for: no dates, but a usual week, and how long until somebody fills it up again. Worked example, a test: a
 * car used on two and a half days of the week and filled up every 28 days is sat in for ten days; of forty people who come by in a
 * week each stays for half a day, which is two days of each of them in 28.
 *
 * @param week what is done where in a usual week, in half days of it, 1 to 14 each; 14 is all the week
 * @param refillDays until somebody fills it up, {@value #FEWEST_DAYS} to {@value #MOST_DAYS}
 * @param visitors who comes by in a week; {@link Visitors#NONE} where it is for people who are always the same
 */
public record Standing(List<Leg> week, int refillDays, Visitors visitors) {

    public static final int FEWEST_DAYS = 7;

    /** Thirteen months: a kit filled up once a year, and a little late. */
    public static final int MOST_DAYS = 400;

    public static final int HALF_DAYS_OF_A_WEEK = 14;

    private static final int DAYS_OF_A_WEEK = 7;

    /** Whoever comes by stays for half a day; an assumption. */
    private static final int HALF_DAYS_OF_A_VISIT = PlanningAssumption.HALF_DAYS_OF_A_VISIT.whole();

    /**
     * Who comes by in a usual week.
     *
     * @param adults visits by adults, 0 or more
     * @param children visits by children, 0 or more
     */
    public record Visitors(int adults, int children) {

        public static final Visitors NONE = new Visitors(0, 0);

        /** More visits a week than this are not planned for. */
        public static final int MOST = 2_000;

        /** So many people stand for all of them; each of them then stays longer. */
        private static final int STAND_FOR_ALL = 40;

        private static final Age ADULT = Age.ofYears(PlanningAssumption.VISITING_ADULT.whole());
        private static final Age CHILD = Age.ofYears(PlanningAssumption.VISITING_CHILD.whole());
        private static final Mass ADULT_MASS = Mass.ofGrams(1_000L * PlanningAssumption.VISITING_ADULT_MASS.whole());
        private static final Mass CHILD_MASS = Mass.ofGrams(1_000L * PlanningAssumption.VISITING_CHILD_MASS.whole());

        public Visitors {
            if (adults < 0 || children < 0 || adults + children > MOST) {
                throw new IllegalArgumentException(
                        adults + " adults and " + children + " children a week is outside 0 to " + MOST + " in all.");
            }
        }

        public int all() {
            return adults + children;
        }

        public boolean none() {
            return all() == 0;
        }

        /** Adults who stand for all adults. */
        public int standingAdults() {
            return standing(adults);
        }

        /** Children who stand for all children. */
        public int standingChildren() {
            return standing(children);
        }

        private int standing(int some) {
            return all() <= STAND_FOR_ALL || some == 0
                    ? some
                    : Math.max(1, Math.round((float) some * STAND_FOR_ALL / all()));
        }

        /** Whoever looks after the others, and is counted among them. */
        public Person lookingAfter(Training training) {
            return somebody("whoever looks after them", ADULT, ADULT_MASS, training);
        }

        /** An ordinary adult of whom nobody knows anything. */
        public Person adult() {
            return somebody("adult", ADULT, ADULT_MASS, Training.UNTRAINED);
        }

        /** An ordinary child of whom nobody knows anything. */
        public Person child() {
            return somebody("child", CHILD, CHILD_MASS, Training.UNTRAINED);
        }

        private static Person somebody(String name, Age age, Mass mass, Training training) {
            return Person.of(name, age, mass, training, Set.of(), Set.of(), Set.of());
        }

        /** Visits a week of each of those who stand for all. */
        double visitsOfEach() {
            return (double) all() / (standingAdults() + standingChildren());
        }
    }

    public Standing {
        week = List.copyOf(week);
        if (refillDays < FEWEST_DAYS || refillDays > MOST_DAYS) {
            throw new IllegalArgumentException(
                    refillDays + " days until it is filled up is outside " + FEWEST_DAYS + " to " + MOST_DAYS + ".");
        }
        if (week.isEmpty() || week.stream().anyMatch(part -> part.halfDays() > HALF_DAYS_OF_A_WEEK)) {
            throw new IllegalArgumentException("A usual week has 1 part or more, each of half a day to 7 days.");
        }
    }

    /** What is done until it is filled up, in half days of each of the party, one at least. */
    public List<Leg> legs() {
        double halfDaysOfWeek = week.stream().mapToInt(Leg::halfDays).sum();
        double share = visitors.none() ? 1 : HALF_DAYS_OF_A_VISIT * visitors.visitsOfEach() / halfDaysOfWeek;
        return week.stream()
                .map(part -> new Leg(part.activity(), part.environment(), (int)
                        Math.max(1, Math.round(part.halfDays() * share * refillDays / DAYS_OF_A_WEEK))))
                .toList();
    }

    /**
     * Whether a wound that was dressed from this kit is dressed from it again on the days after: only at home. Whoever comes by goes
     * home, and so do those who were in the car or on the boat.
     */
    public boolean goesOnDressing() {
        return visitors.none()
                && 2
                                * week.stream()
                                        .filter(part -> part.activity() == Activity.HOME)
                                        .mapToInt(Leg::halfDays)
                                        .sum()
                        > week.stream().mapToInt(Leg::halfDays).sum();
    }

    /** The last day before it is filled up, if it was on a day. */
    public LocalDate end(LocalDate filled) {
        return filled.plusDays(refillDays - 1L);
    }

    /** The same, filled up after other days; never beyond {@value #MOST_DAYS}. */
    public Standing every(int days) {
        return new Standing(week, Math.clamp(days, FEWEST_DAYS, MOST_DAYS), visitors);
    }
}
