package hodeon.core.need;

import hodeon.core.brief.Leg;
import hodeon.core.brief.Season;
import hodeon.core.brief.Trip;
import hodeon.core.catalogue.Problem;
import hodeon.core.catalogue.Tag;
import hodeon.core.party.AgeBand;
import hodeon.core.party.Person;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.stream.DoubleStream;

/**
 * How much a trip exposes a party to one problem: adjusted person-days by trip day,
 * e_d = (Σ legs share of the day × leg factor) × factor of season and region × heads, where heads are Σ people person
 * factor + the strangers' share, or the dogs for a problem of dogs. For a kit that stays the sum is spread evenly over the days until
 * it is filled up.
 *
 * @param problem the problem
 * @param legs what each leg multiplies by
 * @param around what the season and facts about the region multiply by
 * @param people what each person multiplies by; nobody for a problem of dogs
 * @param others strangers or dogs, counted as so many heads
 * @param byDay adjusted person-days on each trip day, first day first
 * @param adjusted whether somebody changed a figure of this problem for this trip
 */
public record Exposure(
        Problem problem,
        List<OfLeg> legs,
        SortedMap<Tag, Double> around,
        List<OfPerson> people,
        double others,
        List<Double> byDay,
        boolean adjusted) {

    private static final Tag ALL_YEAR = Tag.of("season", Season.ALL_YEAR);
    private static final List<Tag> SEASONS =
            Season.OF_A_YEAR.stream().map(s -> Tag.of("season", s)).toList();

    /** The multipliers of one leg; an empty map with factor 0 means the problem cannot happen there. */
    public record OfLeg(Leg leg, SortedMap<Tag, Double> multipliers, double factor) {}

    /** The multipliers of one person; an empty map with factor 0 means this person cannot have the problem. */
    public record OfPerson(Person person, SortedMap<Tag, Double> multipliers, double factor) {}

    public static Exposure of(Problem problem, Trip trip) {
        Set<Tag> here = Drivers.around(trip);
        SortedMap<Tag, Double> around = multipliers(problem, here, trip);
        List<OfLeg> legs =
                trip.legs().stream().map(leg -> ofLeg(problem, leg, here, trip)).toList();
        List<OfPerson> people = problem.ofDogs()
                ? List.of()
                : trip.party().people().stream()
                        .map(p -> ofPerson(problem, p, trip))
                        .toList();
        double others = problem.ofDogs() ? trip.company().dogs() : strangers(problem, trip);
        double heads = others + people.stream().mapToDouble(OfPerson::factor).sum();
        return new Exposure(
                problem,
                legs,
                around,
                people,
                others,
                trip.standing().isPresent()
                        ? evenly(trip.days(), legs, product(around) * heads)
                        : byDay(trip.days(), legs, product(around) * heads),
                trip.adjustments().byProblem().containsKey(problem.id()));
    }

    /** A stranger is an ordinary adult, who does not have what only certain people can have. */
    private static double strangers(Problem problem, Trip trip) {
        return meets(problem, Set.of(Tag.of("age", AgeBand.ADULT)), true)
                ? trip.company().strangers()
                : 0;
    }

    /** Adjusted person-days over the whole trip. */
    public double personDays() {
        return byDay.stream().mapToDouble(Double::doubleValue).sum();
    }

    /** Adjusted person-days of one leg, counted from 0. */
    public double personDaysOfLeg(int leg) {
        return product(around)
                * heads()
                * legs.get(leg).leg().days()
                * legs.get(leg).factor();
    }

    /** Adjusted person-days of one person of the party; 0 for somebody who is not in it. */
    public double personDaysOf(String person) {
        double days =
                legs.stream().mapToDouble(l -> l.leg().days() * l.factor()).sum();
        return product(around)
                * days
                * people.stream()
                        .filter(p -> p.person().name().equals(person))
                        .mapToDouble(OfPerson::factor)
                        .sum();
    }

    /** How many ordinary adults the party counts as for this problem. */
    public double heads() {
        return others + people.stream().mapToDouble(OfPerson::factor).sum();
    }

    /** Nobody knows on which days of a usual week something happens. */
    private static List<Double> evenly(int days, List<OfLeg> legs, double perDay) {
        double all = legs.stream().mapToDouble(l -> l.leg().days() * l.factor()).sum() * perDay;
        return Collections.nCopies(days, all / days);
    }

    private static List<Double> byDay(int days, List<OfLeg> legs, double perDay) {
        double[] exposure = new double[days];
        int halfDay = 0;
        for (OfLeg leg : legs) {
            for (int i = 0; i < leg.leg().halfDays(); i++) {
                exposure[halfDay++ / 2] += leg.factor() / 2 * perDay;
            }
        }
        return DoubleStream.of(exposure).boxed().toList();
    }

    private static OfLeg ofLeg(Problem problem, Leg leg, Set<Tag> around, Trip trip) {
        Set<Tag> here = new HashSet<>(Drivers.of(leg));
        here.addAll(around);
        if (!meets(problem, here, false)) {
            return new OfLeg(leg, new TreeMap<>(), 0);
        }
        SortedMap<Tag, Double> multipliers = multipliers(problem, Drivers.of(leg), trip);
        return new OfLeg(leg, multipliers, product(multipliers));
    }

    private static OfPerson ofPerson(Problem problem, Person person, Trip trip) {
        Set<Tag> tags = Drivers.of(person);
        if (!meets(problem, tags, true)) {
            return new OfPerson(person, new TreeMap<>(), 0);
        }
        SortedMap<Tag, Double> multipliers = multipliers(problem, tags, trip);
        return new OfPerson(person, multipliers, product(multipliers));
    }

    private static boolean meets(Problem problem, Set<Tag> tags, boolean personal) {
        List<Set<Tag>> lines = new ArrayList<>(problem.needs());
        lines.removeIf(line -> line.stream().anyMatch(Drivers::isPersonal) != personal);
        return lines.stream().allMatch(line -> line.stream().anyMatch(tags::contains));
    }

    /** As the trip adjusts them, else as the reference data have them. */
    private static SortedMap<Tag, Double> multipliers(Problem problem, Set<Tag> tags, Trip trip) {
        SortedMap<Tag, Double> found = new TreeMap<>();
        for (Tag tag : tags) {
            factor(problem, tag)
                    .ifPresent(multiplier -> found.put(
                            tag,
                            trip.adjustments().of(problem.id(), tag.toString()).orElse(multiplier)));
        }
        return found;
    }

    /** As the reference data have it; for a whole year the mean of its seasons, if one of them changes anything. */
    private static Optional<Double> factor(Problem problem, Tag tag) {
        if (!tag.equals(ALL_YEAR)) {
            return Optional.ofNullable(problem.factors().get(tag));
        }
        return SEASONS.stream().anyMatch(problem.factors()::containsKey)
                ? Optional.of(SEASONS.stream()
                        .mapToDouble(season -> problem.factors().getOrDefault(season, 1.0))
                        .average()
                        .orElseThrow())
                : Optional.empty();
    }

    private static double product(Map<Tag, Double> multipliers) {
        return multipliers.values().stream().reduce(1.0, (a, b) -> a * b);
    }
}
