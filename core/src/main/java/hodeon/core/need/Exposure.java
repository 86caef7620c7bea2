package hodeon.core.need;

import hodeon.core.catalogue.Problem;
import hodeon.core.catalogue.Tag;
import hodeon.core.party.Person;
import hodeon.core.trip.Leg;
import hodeon.core.trip.Season;
import hodeon.core.trip.Trip;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.stream.DoubleStream;

/**
 * How much a trip exposes a party to one problem: adjusted person-days by trip day,
 * e_d = (Σ legs share of the day × leg factor) × season factor × Σ people person factor.
 *
 * @param problem the problem
 * @param legs what each leg multiplies by
 * @param season what the season multiplies by
 * @param people what each person multiplies by
 * @param byDay adjusted person-days on each trip day, first day first
 */
public record Exposure(Problem problem, List<OfLeg> legs, double season, List<OfPerson> people, List<Double> byDay) {

    /** The multipliers of one leg; an empty map with factor 0 means the problem cannot happen there. */
    public record OfLeg(Leg leg, SortedMap<Tag, Double> multipliers, double factor) {}

    /** The multipliers of one person; an empty map with factor 0 means this person cannot have the problem. */
    public record OfPerson(Person person, SortedMap<Tag, Double> multipliers, double factor) {}

    public static Exposure of(Problem problem, Trip trip) {
        Tag seasonTag = Drivers.of(trip.season());
        double season = problem.factors().getOrDefault(seasonTag, 1.0);
        List<OfLeg> legs = trip.legs().stream()
                .map(leg -> ofLeg(problem, leg, trip.season()))
                .toList();
        List<OfPerson> people =
                trip.party().people().stream().map(p -> ofPerson(problem, p)).toList();
        double heads = people.stream().mapToDouble(OfPerson::factor).sum();
        return new Exposure(problem, legs, season, people, byDay(trip.days(), legs, season * heads));
    }

    /** Adjusted person-days over the whole trip. */
    public double personDays() {
        return byDay.stream().mapToDouble(Double::doubleValue).sum();
    }

    /** How many ordinary adults the party counts as for this problem. */
    public double heads() {
        return people.stream().mapToDouble(OfPerson::factor).sum();
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

    private static OfLeg ofLeg(Problem problem, Leg leg, Season season) {
        Set<Tag> here = new java.util.HashSet<>(Drivers.of(leg));
        here.add(Drivers.of(season));
        if (!meets(problem, here, false)) {
            return new OfLeg(leg, new TreeMap<>(), 0);
        }
        SortedMap<Tag, Double> multipliers = multipliers(problem, Drivers.of(leg));
        return new OfLeg(leg, multipliers, product(multipliers));
    }

    private static OfPerson ofPerson(Problem problem, Person person) {
        Set<Tag> tags = Drivers.of(person);
        if (!meets(problem, tags, true)) {
            return new OfPerson(person, new TreeMap<>(), 0);
        }
        SortedMap<Tag, Double> multipliers = multipliers(problem, tags);
        return new OfPerson(person, multipliers, product(multipliers));
    }

    private static boolean meets(Problem problem, Set<Tag> tags, boolean personal) {
        List<Set<Tag>> lines = new ArrayList<>(problem.needs());
        lines.removeIf(line -> line.stream().anyMatch(Drivers::isPersonal) != personal);
        return lines.stream().allMatch(line -> line.stream().anyMatch(tags::contains));
    }

    private static SortedMap<Tag, Double> multipliers(Problem problem, Set<Tag> tags) {
        SortedMap<Tag, Double> found = new TreeMap<>();
        for (Tag tag : tags) {
            Double multiplier = problem.factors().get(tag);
            if (multiplier != null) {
                found.put(tag, multiplier);
            }
        }
        return found;
    }

    private static double product(Map<Tag, Double> multipliers) {
        return multipliers.values().stream().reduce(1.0, (a, b) -> a * b);
    }
}
