package hodeon.app.brief.form;

import hodeon.app.shell.FieldReader;
import hodeon.core.brief.Activity;
import hodeon.core.brief.Carriage;
import hodeon.core.brief.Company;
import hodeon.core.brief.Environment;
import hodeon.core.brief.Leg;
import hodeon.core.brief.Limits;
import hodeon.core.brief.Means;
import hodeon.core.brief.Passage;
import hodeon.core.brief.Reach;
import hodeon.core.brief.Region;
import hodeon.core.brief.Season;
import hodeon.core.brief.Stance;
import hodeon.core.brief.Thrift;
import hodeon.core.brief.Trip;
import hodeon.core.notice.Fault;
import hodeon.core.notice.Faults;
import hodeon.core.party.Age;
import hodeon.core.party.Allergy;
import hodeon.core.party.Condition;
import hodeon.core.party.Party;
import hodeon.core.party.Person;
import hodeon.core.party.RescueMedicine;
import hodeon.core.party.Training;
import hodeon.core.units.Mass;
import hodeon.core.units.Money;
import hodeon.core.units.Volume;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;

/**
 * Turns a typed brief into a trip, or into everything that is wrong with it: field, value, limit and remedy each.
 * Fields are named as the form names them, such as {@code people[2].years}.
 */
public final class BriefConverter {

    private static final int LONGEST_NAME = 80;
    private static final BigDecimal LEAST_LIMIT_GRAMS = BigDecimal.TEN;
    private static final BigDecimal MOST_LIMIT_GRAMS = BigDecimal.valueOf(50_000);
    private static final BigDecimal LEAST_LITRES = new BigDecimal("0.05");
    private static final BigDecimal MOST_LITRES = BigDecimal.valueOf(200);
    private static final BigDecimal MOST_PRICE = BigDecimal.valueOf(100_000);
    private static final BigDecimal MOST_KINDS = BigDecimal.valueOf(500);
    private static final BigDecimal LEAST_KILOGRAMS = BigDecimal.ONE;
    private static final BigDecimal MOST_KILOGRAMS = BigDecimal.valueOf(300);

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
        String name = read.line("name", form.getName(), "A trip's name", LONGEST_NAME);
        Optional<LocalDate> start = read.date("start", form.getStart(), "The first day");
        Optional<LocalDate> end = read.date("end", form.getEnd(), "The last day");
        long days = days(start, end);
        Season season = read.choice("season", form.getSeason(), "The season", Season.class);
        int hours = read.whole("hoursToCare", form.getHoursToCare(), 0, Trip.MOST_HOURS_TO_CARE, "Hours to care");
        Stance stance = read.choice("stance", form.getStance(), "The stance", Stance.class);
        Optional<BigDecimal> limit = read.optional(
                "massLimit",
                form.getMassLimit(),
                LEAST_LIMIT_GRAMS,
                MOST_LIMIT_GRAMS,
                "The mass limit in grams",
                0,
                "g");
        Optional<BigDecimal> litres = read.optional(
                "volumeLimit", form.getVolumeLimit(), LEAST_LITRES, MOST_LITRES, "The volume limit in litres", 2, "l");
        Optional<BigDecimal> price =
                read.optional("priceLimit", form.getPriceLimit(), BigDecimal.ONE, MOST_PRICE, "The price limit", 2, "");
        Optional<BigDecimal> kinds = read.optional(
                "kindsLimit",
                form.getKindsLimit(),
                BigDecimal.ONE,
                MOST_KINDS,
                "The most kinds of supplies",
                0,
                "kinds");
        int dogs = form.getDogs().isBlank()
                ? 0
                : read.whole("dogs", form.getDogs(), 0, Company.MOST_DOGS, "The number of dogs");
        int strangers = form.getStrangers().isBlank()
                ? 0
                : read.whole("strangers", form.getStrangers(), 0, 100, "The strangers' share in %");
        Set<Region> region = read.choices("region", form.getRegion(), "A fact about the region", Region.class);
        Set<Passage> passage = read.choices("passage", form.getPassage(), "A way the kit travels", Passage.class);
        Means means = means();
        List<Leg> legs = legs(days);
        List<People> people = people();
        if (!faults.none()) {
            return Optional.empty();
        }
        Party party = new Party(People.everybody(people));
        Limits limits = new Limits(
                limit.map(Mass::ofGrams).orElse(Limits.UNLIMITED),
                litres.map(l -> Volume.ofMillilitres(l.movePointRight(3))),
                price.map(Money::of),
                kinds.isPresent() ? OptionalInt.of(kinds.get().intValueExact()) : OptionalInt.empty());
        Trip trip = new Trip(
                name,
                start.orElseThrow(),
                end.orElseThrow(),
                season,
                legs,
                party,
                hours,
                region,
                passage,
                new Company(dogs, strangers / 100.0),
                stance,
                limits);
        return Optional.of(new Brief(trip.withStove(form.getNoStove().isBlank()).withMeans(means), people));
    }

    private Means means() {
        Optional<Carriage> carriage = form.getCarriage().isBlank()
                ? Optional.empty()
                : Optional.of(read.choice("carriage", form.getCarriage(), "How the kit travels", Carriage.class));
        Set<Reach> reach = read.choices("reach", form.getReach(), "What is at hand", Reach.class);
        Thrift thrift = form.getThrift().isBlank()
                ? Thrift.USUAL
                : read.choice("thrift", form.getThrift(), "How much is enough", Thrift.class);
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
                    "the last day lies before the first day, " + start.get(),
                    "Swap the dates or correct one");
            return 0;
        }
        if (days > Trip.MOST_DAYS) {
            faults.add(
                    "end",
                    form.getEnd(),
                    "that makes " + days + " days; a trip has at most " + Trip.MOST_DAYS,
                    "Split it into several trips");
            return 0;
        }
        return days;
    }

    private List<Leg> legs(long days) {
        List<Leg> legs = new ArrayList<>();
        List<LegForm> rows = form.getLegs();
        if (rows.isEmpty() || rows.size() > BriefForm.MOST_LEGS) {
            faults.add(
                    "legs",
                    rows.size() + " legs",
                    "a trip has 1 to " + BriefForm.MOST_LEGS + " legs",
                    rows.isEmpty() ? "Add a leg" : "Join legs that are alike");
            return legs;
        }
        int before = faults.all().size();
        for (int i = 0; i < rows.size(); i++) {
            String at = "legs[" + i + "].";
            String ofLeg = " of leg " + (i + 1);
            Activity activity =
                    read.choice(at + "activity", rows.get(i).getActivity(), "The activity" + ofLeg, Activity.class);
            Environment environment = read.choice(
                    at + "environment", rows.get(i).getEnvironment(), "The environment" + ofLeg, Environment.class);
            BigDecimal length = read.decimal(
                    at + "days",
                    rows.get(i).getDays(),
                    new BigDecimal("0.5"),
                    BigDecimal.valueOf(Trip.MOST_DAYS),
                    "The number of days" + ofLeg,
                    1,
                    "days");
            BigDecimal halfDays = length.multiply(BigDecimal.TWO).stripTrailingZeros();
            if (halfDays.scale() > 0) {
                faults.add(
                        at + "days",
                        rows.get(i).getDays(),
                        "legs are counted in half days",
                        "Write 0.5, 1, 1.5 and so on");
            }
            if (faults.all().size() == before) {
                legs.add(new Leg(activity, environment, halfDays.intValueExact()));
            }
        }
        if (faults.all().size() == before && days > 0 && !Trip.fills(legs, days)) {
            double sum = legs.stream().mapToDouble(Leg::days).sum();
            faults.add(
                    "legs[" + (rows.size() - 1) + "].days",
                    rows.getLast().getDays(),
                    "the legs add up to " + plain(sum) + " days, the dates make " + days,
                    "Change a leg's days or the dates; the last day may be half");
        }
        return legs;
    }

    private List<People> people() {
        List<People> people = new ArrayList<>();
        List<PersonForm> rows = form.getPeople();
        if (rows.isEmpty()) {
            faults.add("people", "0 people", "a party has 1 to " + Party.MOST_PEOPLE + " people", "Add a person");
        }
        int sum = 0;
        Set<String> names = new HashSet<>();
        for (int i = 0; i < rows.size(); i++) {
            PersonForm row = rows.get(i);
            String at = "people[" + i + "].";
            String of = " of person " + (i + 1);
            int before = faults.all().size();
            String name = read.line(at + "name", row.getName(), "The name" + of, LONGEST_NAME);
            if (!name.isEmpty() && !names.add(name)) {
                faults.add(
                        at + "name",
                        name,
                        "somebody of that name is already in the party",
                        "Tell them apart, so that notes reach the right one");
            }
            int alike = read.whole(at + "alike", row.getAlike(), 1, Party.MOST_PEOPLE, "The number alike" + of);
            sum += alike;
            Age age = age(at + "years", row.getYears(), of);
            BigDecimal kilograms = read.decimal(
                    at + "kilograms",
                    row.getKilograms(),
                    LEAST_KILOGRAMS,
                    MOST_KILOGRAMS,
                    "The body mass in kg" + of,
                    1,
                    "kg");
            Optional<LocalDate> weighedOn = weighedOn(at + "weighedOn", row.getWeighedOn(), of);
            Training training = read.choice(at + "training", row.getTraining(), "The training" + of, Training.class);
            Set<Allergy> allergies =
                    read.choices(at + "allergies", row.getAllergies(), "An allergy" + of, Allergy.class);
            Set<Condition> conditions =
                    read.choices(at + "conditions", row.getConditions(), "A condition" + of, Condition.class);
            Set<RescueMedicine> rescue =
                    read.choices(at + "rescue", row.getRescue(), "A rescue medicine" + of, RescueMedicine.class);
            if (faults.all().size() == before) {
                Mass mass = Mass.ofGrams(kilograms.movePointRight(3));
                people.add(new People(
                        new Person(name, age, mass, weighedOn, training, allergies, conditions, rescue), alike));
            }
        }
        if (sum > Party.MOST_PEOPLE) {
            faults.add(
                    "people",
                    sum + " people",
                    "a party has at most " + Party.MOST_PEOPLE + " people",
                    "Split the party into several trips");
        }
        return people;
    }

    /** Below two years months matter, so they can be said; a bare number is years. */
    private Age age(String field, String typed, String of) {
        return Age.parse(typed).orElseGet(() -> {
            faults.add(
                    field,
                    typed.strip(),
                    "The age" + of + " is in years from 0 to " + Age.OLDEST_YEARS + ", or in months like “16 m”",
                    "Write 9, or 16 m");
            return Age.ofYears(0);
        });
    }

    /** Nothing typed is weighed today. */
    private Optional<LocalDate> weighedOn(String field, String typed, String of) {
        if (typed.isBlank()) {
            return Optional.of(today);
        }
        Optional<LocalDate> day = read.date(field, typed, "The day of the mass" + of);
        if (day.filter(d -> d.isAfter(today)).isPresent()) {
            faults.add(field, typed, "The day of the mass" + of + " lies in the past", "Correct it, or leave it empty");
        }
        return day;
    }

    private static String plain(double days) {
        return BigDecimal.valueOf(days).stripTrailingZeros().toPlainString();
    }
}
