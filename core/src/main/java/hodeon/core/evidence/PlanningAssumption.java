package hodeon.core.evidence;

import java.text.DecimalFormat;
import java.text.DecimalFormatSymbols;
import java.util.Locale;

/**
 * Every planning assumption that a rule of the job rests on: the one register. A rule takes its figure from here, so that whoever
 * doubts a kit or a dose finds on one page what was assumed, in what unit, and why. Figures of problems, supplies and medicines stand
 * with their basis in the reference files; limits of what a form takes are no assumptions.
 *
 * <p>Worked example: {@link #SUFFICIENT_TRIPS} is 0.9 of trips: of what is used up so much comes along that it suffices on nine trips
 * of ten.
 */
public enum PlanningAssumption {
    // What is enough
    SUFFICIENT_TRIPS(
            Subject.ENOUGH,
            0.9,
            "of outings",
            "a quantity is enough when it suffices on so many outings",
            Why.CALIBRATED),
    SUFFICIENT_GRAVE_TRIPS(
            Subject.ENOUGH,
            0.95,
            "of outings",
            "the same for what threatens life or limb",
            Why.CALIBRATED + "; a lack costs more there"),
    WHO_GO_FOR_HELP(
            Subject.ENOUGH,
            2,
            "people",
            "so many go for help or care for the casualty while the others wait",
            Why.USUAL_TEACHING),
    USUAL_HEADS(Subject.ENOUGH, 4, "people", "a shelter for so many does for any small party", Why.JUDGEMENT),
    GRAVE_SEVERITY(
            Subject.ENOUGH,
            4,
            "of 5",
            "from this severity on one casualty's need counts, however rare it is",
            Why.JUDGEMENT),
    TRIP_ENDING_SEVERITY(
            Subject.ENOUGH, 3, "of 5", "from this severity on the outing ends for somebody", Why.JUDGEMENT),
    LARGE_PARTY(Subject.ENOUGH, 8, "people", "from so many people on two casualties are thought of", Why.CALIBRATED),
    PRICE_OF_A_KIND(
            Subject.ENOUGH,
            0.1,
            "nuisances met",
            "what one kind more must earn: a nuisance met on one outing of ten",
            Why.CALIBRATED + "; one more thing to find, to check and to replace"),
    LEAST_USE_WORTH(
            Subject.ENOUGH,
            2e-4,
            "nuisances met",
            "a further use worth less is left out of the choice",
            "Too rare to change a kit"),
    ASKED_ABOUT_CHANCE(
            Subject.ENOUGH,
            1e-5,
            "of outings",
            "what is asked for on fewer outings is not named as missing",
            Why.JUDGEMENT),
    NEXT_GRAMS(
            Subject.ENOUGH,
            100,
            "g",
            "the mat says what so much more would buy",
            "About one more pouch of small things"),
    ROOM_OVER_RECOMMENDED(
            Subject.ENOUGH,
            1.5,
            "times",
            "the scale for mass reaches so far beyond the recommended kit",
            Why.JUDGEMENT),
    WEAK_ANSWER(
            Subject.ENOUGH,
            0.6,
            "of the work",
            "a problem of which less is met is shown as weakly answered",
            Why.JUDGEMENT),

    // One event, one module
    TOLD_SEVERITY(
            Subject.EVENT,
            3,
            "of 5",
            "from this severity on it is told what a kit can do if it happens",
            Why.JUDGEMENT),
    STEP_SERVED(
            Subject.EVENT,
            0.5,
            "of the work",
            "a critical step of which less is served counts as lacking",
            Why.JUDGEMENT),
    LEAST_USE_CHANCE(
            Subject.EVENT,
            0.01,
            "of events",
            "a use rarer than this in one event is left out",
            "Too rare to carry for"),
    GRAMS_OF_A_KIND(
            Subject.EVENT, 2, "g", "in a module one kind less is worth so much weight", "One thing less to find"),
    FAR_HEAVIER(
            Subject.EVENT,
            3,
            "times",
            "a thing made for a grave step gives way to another only when it weighs so much more",
            Why.JUDGEMENT),
    SECOND_KIT(
            Subject.EVENT,
            300,
            "g",
            "of what is left out so much may make a second kit",
            "What a belt pouch carries comfortably"),

    // What surrounds a trip
    LONGEST_NIGHTS(
            Subject.TRIP,
            4,
            "days",
            "up to so many an outing is a few nights, beyond it a week or longer",
            Why.JUDGEMENT),
    NEAR_CARE(
            Subject.TRIP, 1, "hour to care", "up to so many the outing is taken to be near everything", Why.JUDGEMENT),
    SETTLED(
            Subject.TRIP,
            2,
            "hours to care",
            "up to so many a phone has signal and a village lies on the way of whoever rides or drives",
            Why.JUDGEMENT),
    VISITING_ADULT(Subject.TRIP, 40, "years", "whoever comes by and is grown up is so old", Why.JUDGEMENT),
    VISITING_ADULT_MASS(Subject.TRIP, 75, "kg", "and weighs so much", Why.JUDGEMENT),
    VISITING_CHILD(Subject.TRIP, 8, "years", "a child who comes by is so old", Why.JUDGEMENT),
    VISITING_CHILD_MASS(Subject.TRIP, 26, "kg", "and weighs so much", Why.JUDGEMENT),
    LEAST_LASTS(
            Subject.ENOUGH,
            0.25,
            "of the time",
            "until it is filled up the least count of a kit that stays lasts for so much",
            Why.JUDGEMENT),
    TRUSTED_AS_WEEKS(
            Subject.ENOUGH,
            8,
            "weeks",
            "what is expected of a kit that stays is trusted as if it had been seen for so long",
            Why.JUDGEMENT),
    HALF_DAYS_OF_A_VISIT(
            Subject.TRIP, 1, "half day", "whoever comes by where a kit stands stays for so long", Why.JUDGEMENT),
    ON_THE_BODY(
            Subject.TRIP,
            150,
            "g",
            "a kit up to so much is carried on the body",
            "What a pocket bears without being noticed"),
    YOUNGEST_HELPER(Subject.TRIP, 16, "years", "the youngest counted as somebody who helps a casualty", Why.JUDGEMENT),
    USUAL_AGE(Subject.TRIP, 35, "years", "a grown-up of whom nobody says the age is taken to be so old", Why.JUDGEMENT),
    INFANT_BELOW(
            Subject.TRIP,
            10,
            "kg",
            "a body below this, or under one year, takes an infant's size",
            "Usual size tables"),
    GROWN_FROM(Subject.TRIP, 40, "kg", "a body from this on takes a grown-up's size", "Usual size tables"),
    GROWN_FROM_AGE(
            Subject.TRIP,
            12,
            "years",
            "from this age on somebody takes a grown-up's size, and counts as one in first aid",
            Why.PUBERTY),
    // How long a hand takes to a thing
    PULL_TAB_SECONDS(Subject.REACH, 1, "s", "a tab is pulled in so long", Why.SHAKING),
    OPEN_FLAP_SECONDS(Subject.REACH, 2, "s", "a flap is opened in so long", Why.SHAKING),
    UNCLIP_SECONDS(Subject.REACH, 2, "s", "a clip is undone in so long", Why.SHAKING),
    UNZIP_SECONDS(Subject.REACH, 4, "s", "a zip is opened in so long", Why.SHAKING),
    UNROLL_SECONDS(Subject.REACH, 5, "s", "a roll is laid open in so long", Why.SHAKING),
    LIFT_LID_SECONDS(Subject.REACH, 3, "s", "a lid is lifted in so long", Why.SHAKING),
    LIFT_OUT_SECONDS(Subject.REACH, 3, "s", "a tray or bag is lifted out in so long", Why.SHAKING),
    OPEN_BAG_SECONDS(Subject.REACH, 5, "s", "a closed bag is opened in so long", Why.SHAKING),
    UNLOCK_SECONDS(Subject.REACH, 12, "s", "a lock is opened in so long, its key at hand", Why.SHAKING),
    DRILL_SECONDS(
            Subject.REACH, 60, "s", "a drill that is answered right within so long is known by heart", Why.JUDGEMENT),
    LIFE_SECOND(
            Subject.REACH,
            0.001,
            "of a second that decides",
            "what a second on the way costs where a life is fought for over minutes or hours",
            Why.JUDGEMENT),
    SPARE_SECOND(
            Subject.REACH,
            0.1,
            "of the first piece's",
            "what a second on the way to a spare costs, the first piece being at hand",
            Why.JUDGEMENT),
    LIMB_SECOND(
            Subject.REACH,
            0.0002,
            "of a second that decides",
            "the same where limb, organ or later health is at stake",
            Why.JUDGEMENT),

    TOGETHER_GRAMS(
            Subject.TRIP,
            25,
            "g",
            "keeping a kind with one carrier is worth so much unevenness",
            "One bag to open instead of two"),
    MODULE_GRAMS(
            Subject.TRIP,
            40,
            "g",
            "keeping a module with one carrier is worth so much unevenness",
            "What is used together lies together"),

    // What is learned
    WEAK_PRIOR(Subject.LEARNING, 500, "person-days", "experience behind a rate called weak", Why.PRIOR),
    FAIR_PRIOR(Subject.LEARNING, 2_000, "person-days", "experience behind a rate called fair", Why.PRIOR),
    STRONG_PRIOR(Subject.LEARNING, 10_000, "person-days", "experience behind a rate called strong", Why.PRIOR),
    TOLD_APART(
            Subject.LEARNING,
            0.004,
            "of coverage",
            "two kits nearer than this are called equal",
            "Half a per cent shows on no outing"),

    // Medicine
    CLOCKS_DIFFER(
            Subject.MEDICINE,
            10,
            "minutes",
            "a dose so far ahead may still be a device's clock that runs fast",
            Why.JUDGEMENT),
    NOTED_LATE(
            Subject.MEDICINE,
            7,
            "days",
            "a dose may be noted so long after it was given",
            "Older ones bear on no dose to come"),
    STANDS_FOR(
            Subject.MEDICINE,
            6,
            "hours",
            "a noted dose stands for the regular one that is not further off",
            "Half the gap of what is taken twice a day"),
    CHILDS_MASS_KEEPS(
            Subject.MEDICINE, 6, "months", "a child's mass is good for so long", "Children outgrow a dose by mass"),
    CHILDS_DIRECTION_KEEPS(
            Subject.MEDICINE,
            6,
            "months",
            "a direction by mass for a child is good for so long",
            "Children outgrow it"),
    DIRECTION_KEEPS(
            Subject.MEDICINE,
            12,
            "months",
            "any other direction is good for so long",
            "Prescriptions are renewed yearly"),
    TABLETS_FROM(
            Subject.MEDICINE,
            12,
            "years",
            "from this age on tablets are taken where there are tablets and syrup",
            Why.LABELS),
    CHILDS_PAIN_UNDER(
            Subject.MEDICINE, 12, "years", "under this age a child's medicine is preferred against pain", Why.LABELS),
    LEAST_RESERVE(
            Subject.MEDICINE,
            2,
            "days",
            "fewest days of regular medicine kept in reserve for delay",
            Why.USUAL_TEACHING),
    DAYS_A_RESERVE_DAY(
            Subject.MEDICINE,
            4,
            "days",
            "one day of reserve for so many days of an outing",
            "A quarter is what weather and injury cost"),
    MOST_PIECES_AT_ONCE(Subject.MEDICINE, 12, "pieces", "more at once in an own entry is asked about", Why.SLIP),
    MOST_MILLILITRES_AT_ONCE(Subject.MEDICINE, 60, "ml", "more at once in an own entry is asked about", Why.SLIP),
    LEAST_MILLILITRES(
            Subject.MEDICINE,
            0.2,
            "ml",
            "less at once in an own entry is asked about",
            "Small syringes measure no less"),
    FAR_OFF(Subject.MEDICINE, 1.5, "times", "a concentration so far from any that ships is asked about", Why.SLIP),
    COUNTRY_NOTE_KEEPS(
            Subject.MEDICINE,
            12,
            "months",
            "what was read of a country's rules is to be read again after so long",
            "Lists change yearly"),

    // Stock
    SOON(Subject.STOCK, 90, "days", "what expires within so long expires soon", "Time to use it up or to buy another"),
    DECANTED_KEEPS(
            Subject.STOCK,
            6,
            "months",
            "decanted things keep so long where no period after opening is known",
            Why.USUAL_TEACHING),
    CHARGED_EVERY(Subject.STOCK, 1, "month", "what runs on a battery is charged so often", Why.USUAL_TEACHING),
    LOOKED_AT_EVERY(
            Subject.STOCK, 3, "months", "what dries out, crumbles or leaks is looked at so often", Why.USUAL_TEACHING),
    ALL_EVERY(Subject.STOCK, 12, "months", "everything is looked over one by one so often", Why.USUAL_TEACHING),
    LOOK_HOLDS(Subject.STOCK, 28, "days", "a look at everything holds so long before an outing", Why.JUDGEMENT),
    SURELY_COUNTED(
            Subject.STOCK,
            0.25,
            "pieces",
            "a weighing further than this from a whole number is not sure",
            "Half of half a piece"),
    USE_LOOKS_BACK(
            Subject.STOCK,
            2,
            "years",
            "how often a thing is used is reckoned from so long back",
            "Two seasons of each kind"),
    WORTH_MOVING(
            Subject.STOCK,
            0.25,
            "of the currency",
            "a rotation is named when it saves so much in a year",
            "A walk with two boxes in hand for a few cents is no advice"),
    UNKNOWN_SHELF_LIFE(
            Subject.STOCK, 60, "months", "what is bought keeps so long where nothing typical is known", Why.JUDGEMENT),
    TEXT_LOOKED_AT(
            Subject.STOCK,
            3,
            "years",
            "an aid text is looked at again after so long",
            "Guidelines are renewed about every five years");

    /** What an assumption bears on, in the order of the page. */
    public enum Subject {
        ENOUGH("What is enough"),
        EVENT("One event, one module"),
        TRIP("People and what surrounds an outing"),
        LEARNING("What is learned"),
        MEDICINE("Medicine"),
        STOCK("Stock and checks"),
        REACH("How soon a thing is in the hand");

        private final String label;

        Subject(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    /** Reasons that several share. */
    private static final class Why {
        static final String JUDGEMENT = "Our judgement";
        static final String SHAKING =
                "Our judgement for a shaking hand with a thin glove; measure your own kit and it replaces this";
        static final String CALIBRATED = "Calibrated on kits that leaders laid out by hand";
        static final String USUAL_TEACHING = "Usual teaching of the craft";
        static final String PUBERTY = "Puberty, as resuscitation teaching draws the line, taken as 12 years";
        static final String PRIOR = "How fast a household's own log outweighs a rate that ships";
        static final String LABELS = "Where most labels draw the line between children and grown people";
        static final String SLIP = "More often a slip of the hand than a dose";
    }

    private final Subject subject;
    private final double value;
    private final String unit;
    private final String what;
    private final String because;

    PlanningAssumption(Subject subject, double value, String unit, String what, String because) {
        this.subject = subject;
        this.value = value;
        this.unit = unit;
        this.what = what;
        this.because = because;
    }

    public Subject subject() {
        return subject;
    }

    /** In {@link #unit()}, more than 0. */
    public double value() {
        return value;
    }

    /**
     * The same as a whole number.
     *
     * @throws ArithmeticException if it is none
     */
    public int whole() {
        int whole = (int) value;
        if (whole != value) {
            throw new ArithmeticException(name() + " is " + value + ", not a whole number.");
        }
        return whole;
    }

    /** The value as people read it, such as 2,000 or 0.0002. */
    public String figure() {
        return new DecimalFormat("#,##0.######", DecimalFormatSymbols.getInstance(Locale.ROOT)).format(value);
    }

    public String unit() {
        return unit;
    }

    /** One clause: what is assumed. */
    public String what() {
        return what;
    }

    /** Where the figure comes from. */
    public String because() {
        return because;
    }
}
