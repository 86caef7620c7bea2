package hodeon.app.brief.form;

import hodeon.app.shell.FieldReader;
import hodeon.app.shell.Wording;
import hodeon.core.brief.Adjustments;
import hodeon.core.brief.Carriage;
import hodeon.core.brief.Company;
import hodeon.core.brief.Leg;
import hodeon.core.brief.Limits;
import hodeon.core.brief.Means;
import hodeon.core.brief.Passage;
import hodeon.core.brief.Reach;
import hodeon.core.brief.Region;
import hodeon.core.brief.Season;
import hodeon.core.brief.Stance;
import hodeon.core.brief.Standing;
import hodeon.core.brief.Thrift;
import hodeon.core.brief.Trip;
import hodeon.core.notice.Fault;
import hodeon.core.notice.Faults;
import hodeon.core.party.Party;
import hodeon.core.units.Mass;
import hodeon.core.units.Money;
import hodeon.core.units.Volume;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;

/**
 * Turns a typed brief into a trip, or into everything that is wrong with it: field, value, limit and remedy each.
 * Fields are named as the form names them, such as {@code people[2].years}.
 */
public final class BriefConverter {

    public static final int LONGEST_NAME = 80;
    private static final BigDecimal LEAST_LIMIT_GRAMS = BigDecimal.TEN;
    private static final BigDecimal MOST_LIMIT_GRAMS = BigDecimal.valueOf(50_000);
    private static final BigDecimal LEAST_LITRES = new BigDecimal("0.05");
    private static final BigDecimal MOST_LITRES = BigDecimal.valueOf(200);
    private static final BigDecimal MOST_PRICE = BigDecimal.valueOf(100_000);
    private static final BigDecimal MOST_KINDS = BigDecimal.valueOf(500);

    private final BriefForm form;
    private final LocalDate today;
    private final Faults faults = new Faults();
    private final FieldReader read = new FieldReader(faults);

    /** @param today the day on which a mass without a date was taken */
    public BriefConverter(BriefForm form, LocalDate today) {
        this.form = form;
        this.today = today;
    }

    public List<Fault> faults() {
        return faults.all();
    }

    /** The brief, or nothing if there are faults. */
    public Optional<Brief> convert() {
        String name = read.line("name", form.getName(), Wording.says("briefConverter.anOutingsName"), LONGEST_NAME);
        StandingForm stays = form.getStanding();
        Optional<LocalDate> start = stays.stays()
                ? Optional.of(today)
                : read.date("start", form.getStart(), Wording.says("briefConverter.theFirstDay"));
        Optional<LocalDate> end =
                stays.stays() ? start : read.date("end", form.getEnd(), Wording.says("briefConverter.theLastDay"));
        long days = days(start, end);
        Season season = read.choice("season", form.getSeason(), Wording.says("briefConverter.theSeason"), Season.class);
        int hours = read.whole(
                "hoursToCare",
                form.getHoursToCare(),
                0,
                Trip.MOST_HOURS_TO_CARE,
                Wording.says("briefConverter.hoursToCare"));
        Stance stance = read.choice("stance", form.getStance(), Wording.says("briefConverter.theStance"), Stance.class);
        Optional<BigDecimal> limit = read.optional(
                "massLimit",
                form.getMassLimit(),
                LEAST_LIMIT_GRAMS,
                MOST_LIMIT_GRAMS,
                Wording.says("briefConverter.theMassLimit"),
                0,
                "g");
        Optional<BigDecimal> litres = read.optional(
                "volumeLimit",
                form.getVolumeLimit(),
                LEAST_LITRES,
                MOST_LITRES,
                Wording.says("briefConverter.theVolumeLimit"),
                2,
                "l");
        Optional<BigDecimal> price = read.optional(
                "priceLimit",
                form.getPriceLimit(),
                BigDecimal.ONE,
                MOST_PRICE,
                Wording.says("briefConverter.thePriceLimit"),
                2,
                "");
        Optional<BigDecimal> kinds = read.optional(
                "kindsLimit",
                form.getKindsLimit(),
                BigDecimal.ONE,
                MOST_KINDS,
                Wording.says("briefConverter.theMostKindsOfSupplies"),
                0,
                "kinds");
        int dogs = form.getDogs().isBlank()
                ? 0
                : read.whole(
                        "dogs", form.getDogs(), 0, Company.MOST_DOGS, Wording.says("briefConverter.theNumberOfDogs"));
        int strangers = form.getStrangers().isBlank()
                ? 0
                : read.whole(
                        "strangers", form.getStrangers(), 0, 100, Wording.says("briefConverter.theStrangersShareIn"));
        Set<Region> region = read.choices(
                "region", form.getRegion(), Wording.says("briefConverter.aFactAboutTheRegion"), Region.class);
        Set<Passage> passage = read.choices(
                "passage", form.getPassage(), Wording.says("briefConverter.aWayTheKitTravels"), Passage.class);
        Means means = means();
        List<Leg> legs = new LegsReader(faults, read).read(form.getLegs(), stays.stays() ? 0 : days);
        StandingReader standing = new StandingReader(stays, faults, read);
        Standing.Visitors visitors = standing.visitors();
        int refillDays = standing.refillDays();
        List<People> people = stays.stays() && stays.forVisitors()
                ? Visiting.of(visitors, standing.training())
                : new PartyReader(today, faults, read).read(form.getPeople());
        if (stays.stays()) {
            standing.check(legs);
        }
        if (!faults.none()) {
            return Optional.empty();
        }
        Optional<Standing> use =
                stays.stays() ? Optional.of(new Standing(legs, refillDays, visitors)) : Optional.empty();
        Party party = new Party(People.everybody(people));
        Limits limits = new Limits(
                limit.map(Mass::ofGrams).orElse(Limits.UNLIMITED),
                litres.map(l -> Volume.ofMillilitres(l.movePointRight(3))),
                price.map(Money::of),
                kinds.isPresent() ? OptionalInt.of(kinds.get().intValueExact()) : OptionalInt.empty());
        Trip trip = new Trip(
                name,
                start.orElseThrow(),
                use.map(u -> u.end(today)).orElse(end.orElseThrow()),
                season,
                use.map(Standing::legs).orElse(legs),
                party,
                hours,
                region,
                passage,
                new Company(dogs, strangers / 100.0),
                stance,
                limits,
                form.getNoStove().isBlank(),
                Adjustments.NONE,
                means,
                use);
        return Optional.of(new Brief(trip, people));
    }

    private Means means() {
        Optional<Carriage> carriage = form.getCarriage().isBlank()
                ? Optional.empty()
                : Optional.of(read.choice(
                        "carriage",
                        form.getCarriage(),
                        Wording.says("briefConverter.howTheKitTravels"),
                        Carriage.class));
        Set<Reach> reach =
                read.choices("reach", form.getReach(), Wording.says("briefConverter.whatIsAtHand"), Reach.class);
        Thrift thrift = form.getThrift().isBlank()
                ? Thrift.USUAL
                : read.choice("thrift", form.getThrift(), Wording.says("briefConverter.howMuchIsEnough"), Thrift.class);
        return new Means(
                carriage,
                form.getReachSaid().isBlank() ? Optional.empty() : Optional.of(reach),
                thrift,
                !form.getComfort().isBlank());
    }

    private long days(Optional<LocalDate> start, Optional<LocalDate> end) {
        if (start.isEmpty() || end.isEmpty()) {
            return 0;
        }
        long days = Trip.daysBetween(start.get(), end.get());
        if (days < 1) {
            faults.add(
                    "end",
                    form.getEnd(),
                    Wording.says("briefConverter.theLastDayLiesBeforeTheFirst", start.get()),
                    Wording.says("briefConverter.swapTheDatesOrCorrectOne"));
            return 0;
        }
        if (days > Trip.MOST_DAYS) {
            faults.add(
                    "end",
                    form.getEnd(),
                    Wording.says("briefConverter.thatMakesDaysAnOutingHasAt", days, Trip.MOST_DAYS),
                    Wording.says("briefConverter.splitItIntoSeveralOutings"));
            return 0;
        }
        return days;
    }
}
