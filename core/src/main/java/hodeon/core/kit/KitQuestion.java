package hodeon.core.kit;

import hodeon.core.catalogue.Catalogue;
import hodeon.core.catalogue.Supply;
import hodeon.core.catalogue.Tier;
import hodeon.core.kit.Choice.Candidate;
import hodeon.core.kit.Choice.Floor;
import hodeon.core.kit.Choice.Service;
import hodeon.core.kit.Choice.Use;
import hodeon.core.need.Distribution;
import hodeon.core.need.Forecast;
import hodeon.core.need.ProblemForecast;
import hodeon.core.need.StepForecast;
import hodeon.core.trip.Trip;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * A trip's question turned into a {@link Choice}: every step of every problem that can happen becomes a use, every
 * supply a candidate. Excluded supplies are candidates of which none may come, so that numbering stays the same.
 *
 * @param steps the step behind each use of the choice, in the same order
 * @param exclusions why a supply may not come, by supply id
 * @param letGo floors that cannot be kept because too little of what would keep them may come
 */
public record KitQuestion(
        Trip trip,
        Catalogue catalogue,
        Choice choice,
        List<NeededStep> steps,
        Map<String, Exclusion> exclusions,
        List<Floor> letGo) {

    private static final double SENSIBLE_SHARE = 0.99;
    /** A k-th use worth less than this (a nuisance met for sure is worth 1) is left out of the choice. */
    private static final double LEAST_WORTH = 2e-4;

    /** A step of a problem as something a kit can serve. */
    public record NeededStep(ProblemForecast problem, StepForecast step) {}

    /** What a use of a step is worth if it is needed for sure and served by the thing made for it. */
    private static double worth(Trip trip, ProblemForecast problem, StepForecast step) {
        return problem.problem().worth()
                * trip.stance().multiplier(problem.problem().severity())
                * step.step().importance().weight();
    }

    public static KitQuestion of(Trip trip, Catalogue catalogue, Forecast forecast, Holds holds) {
        List<NeededStep> steps = new ArrayList<>();
        List<Use> uses = new ArrayList<>();
        Map<String, List<Integer>> byCapability = new HashMap<>();
        for (ProblemForecast problem : forecast.problems()) {
            for (StepForecast step : problem.steps()) {
                byCapability
                        .computeIfAbsent(step.capability().id(), c -> new ArrayList<>())
                        .add(uses.size());
                steps.add(new NeededStep(problem, step));
                double worth = worth(trip, problem, step);
                uses.add(
                        new Use(problem.problem().id() + "/" + step.capability().id(), worth, atLeast(step, worth)));
            }
        }
        Map<String, Exclusion> exclusions =
                new LinkedHashMap<>(new Exclusions(catalogue, trip.party(), byCapability.keySet()).byParty());
        holds.bans().forEach(id -> exclusions.putIfAbsent(id, new Exclusion.Banned()));
        Map<String, Integer> sensible = sensible(forecast);
        Floors floors = new Floors(trip, catalogue);
        floors.byCapability().forEach((capability, pieces) -> sensible.merge(capability, pieces, Math::max));
        List<Candidate> candidates = new ArrayList<>();
        for (Supply supply : catalogue.supplies()) {
            List<Service> serves = new ArrayList<>();
            supply.serves().forEach((capability, tier) -> byCapability
                    .getOrDefault(capability, List.of())
                    .forEach(use -> serves.add(new Service(use, tier.effect()))));
            serves.sort(java.util.Comparator.comparingInt(Service::use));
            int most = exclusions.containsKey(supply.id()) ? 0 : most(supply, sensible, trip);
            int pinned = exclusions.containsKey(supply.id()) ? 0 : holds.pins().getOrDefault(supply.id(), -1);
            candidates.add(new Candidate(
                    supply.id(),
                    supply.mass(),
                    Math.max(pinned, 0),
                    pinned < 0 ? most : pinned,
                    supply.usesPerPiece(),
                    supply.durable(),
                    serves));
        }
        List<Floor> letGo = new ArrayList<>();
        Choice choice = new Choice(candidates, uses, floors.keepable(candidates, letGo), trip.massLimit());
        return new KitQuestion(trip, catalogue, choice, List.copyOf(steps), Map.copyOf(exclusions), List.copyOf(letGo));
    }

    /** Pieces of each candidate for a kit given as pieces by supply id; unknown ids are ignored. */
    public int[] quantities(Map<String, Integer> kit) {
        return choice.candidates().stream()
                .mapToInt(c -> kit.getOrDefault(c.id(), 0))
                .toArray();
    }

    private static List<Double> atLeast(StepForecast step, double worth) {
        List<Double> atLeast = new ArrayList<>();
        for (int k = 1; step.onTrip().atLeast(k) * worth >= LEAST_WORTH; k++) {
            atLeast.add(step.onTrip().atLeast(k));
        }
        return atLeast;
    }

    /**
     * The most that is sensible of a supply: what suffices for all that it does well, over all problems together, and
     * what a floor asks for. Without this bound many rare needs would each set their own tablets aside. One durable
     * serves all.
     */
    private static int most(Supply supply, Map<String, Integer> sensible, Trip trip) {
        if (supply.durable()) {
            return Math.min(supply.most(), Math.max(1, supply.leastIfAny()));
        }
        int uses = supply.serves().entrySet().stream()
                .filter(s -> s.getValue() != Tier.IMPROVISED)
                .mapToInt(s -> sensible.getOrDefault(s.getKey(), 0))
                .sum();
        int pieces = Math.ceilDiv(uses, supply.usesPerPiece());
        int least = Math.max(supply.leastIfAny(), Exclusions.prescriptions(supply, trip.party()));
        return Math.clamp(pieces, least, Math.max(supply.most(), least));
    }

    /** Uses of each capability that suffice in 99 of 100 trips, and at least for one event of each of its problems. */
    private static Map<String, Integer> sensible(Forecast forecast) {
        Map<String, Distribution> pooled = new HashMap<>();
        Map<String, Integer> uses = new HashMap<>();
        forecast.problems().stream().flatMap(p -> p.steps().stream()).forEach(s -> {
            pooled.merge(s.capability().id(), s.onTrip(), Distribution::plus);
            uses.merge(s.capability().id(), s.perEvent().suffices(SENSIBLE_SHARE), Math::max);
        });
        pooled.forEach((capability, demand) -> uses.merge(capability, demand.suffices(SENSIBLE_SHARE), Math::max));
        return uses;
    }

    /** Supplies that may come and do a capability well, by index. */
    static List<Integer> doingWell(Catalogue catalogue, String capability) {
        List<Integer> indices = new ArrayList<>();
        for (int i = 0; i < catalogue.supplies().size(); i++) {
            Tier tier = catalogue.supplies().get(i).serves().get(capability);
            if (tier != null && tier != Tier.IMPROVISED) {
                indices.add(i);
            }
        }
        return indices;
    }

    /** Ids of the capabilities this trip asks for. */
    public Set<String> asked() {
        return steps.stream().map(s -> s.step().capability().id()).collect(Collectors.toUnmodifiableSet());
    }
}
