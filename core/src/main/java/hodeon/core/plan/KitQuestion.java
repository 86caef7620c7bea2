package hodeon.core.plan;

import hodeon.core.brief.Trip;
import hodeon.core.catalogue.Catalogue;
import hodeon.core.catalogue.Supply;
import hodeon.core.catalogue.Tag;
import hodeon.core.choice.Candidate;
import hodeon.core.choice.Choice;
import hodeon.core.choice.Choice.Floor;
import hodeon.core.choice.Choice.Use;
import hodeon.core.evidence.PlanningAssumption;
import hodeon.core.medication.Suitability;
import hodeon.core.need.Drivers;
import hodeon.core.need.Forecast;
import hodeon.core.need.ProblemForecast;
import hodeon.core.need.StepForecast;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * A trip's question turned into a {@link Choice}: every step of every problem that can happen becomes a use, every
 * supply a candidate. Excluded supplies are candidates of which none may come, so that numbering stays the same; behind
 * them stand, as candidates of their own, the pieces that ride elsewhere and take nothing.
 *
 * @param steps the step behind each use of the choice, in the same order
 * @param exclusions why a supply may not come, by supply id
 * @param letGo floors that cannot be kept because too little of what would keep them may come, the most needed first
 * @param everyUse the uses with all that could be needed, also beyond what is sensible to carry
 * @param suitability which medicine is not for whom of the party, and how much of it a dose takes
 * @param caps most pieces of each supply that are sensible, by its id, whether it may come or not
 */
public record KitQuestion(
        Trip trip,
        Catalogue catalogue,
        Choice choice,
        List<NeededStep> steps,
        Map<String, Exclusion> exclusions,
        List<Floor> letGo,
        List<Use> everyUse,
        Suitability suitability,
        Map<String, Cap> caps) {

    /** Before the id of a candidate that rides elsewhere. */
    static final String ELSEWHERE = "elsewhere:";

    /** A k-th use worth less than this (a nuisance met for sure is worth 1) is left out of the choice. */
    private static final double LEAST_WORTH = PlanningAssumption.LEAST_USE_WORTH.value();

    /** @param suitability which medicine is not for whom of the party, and how much of it a dose takes */
    public static KitQuestion of(
            Trip trip, Catalogue shipped, Forecast forecast, Holds holds, Suitability suitability) {
        Catalogue catalogue = shipped.withPiecesPerUse(suitability.meanPiecesPerDose());
        List<NeededStep> steps = new ArrayList<>();
        List<Use> uses = new ArrayList<>();
        Map<String, List<Integer>> byCapability = new HashMap<>();
        Set<Tag> whereabouts = Drivers.whereabouts(trip);
        for (ProblemForecast problem : forecast.problems()) {
            for (StepForecast step : problem.steps()) {
                if (step.capability().needless(whereabouts)) {
                    continue;
                }
                byCapability
                        .computeIfAbsent(step.capability().id(), c -> new ArrayList<>())
                        .add(uses.size());
                NeededStep needed =
                        new NeededStep(problem, step, step.capability().atHand(whereabouts));
                steps.add(needed);
                double worth = worth(trip, needed);
                uses.add(
                        new Use(problem.problem().id() + "/" + step.capability().id(), worth, atLeast(step, worth)));
            }
        }
        Map<String, Exclusion> exclusions = new LinkedHashMap<>(
                new Exclusions(catalogue, trip, suitability, byCapability.keySet(), Seldom.of(trip, forecast))
                        .byParty());
        holds.pins()
                .keySet()
                .forEach(id -> exclusions.computeIfPresent(id, (key, reason) -> reason.givesWay() ? null : reason));
        holds.elsewhere().forEach((id, pieces) -> exclusions.putIfAbsent(id, new Exclusion.RidesElsewhere(pieces)));
        holds.bans().forEach(id -> exclusions.putIfAbsent(id, new Exclusion.Banned()));
        Floors floors = new Floors(trip, catalogue, suitability, exclusions);
        SufficientQuantity sensible = SufficientQuantity.of(trip, steps, suitability);
        Map<String, Cap> caps = new HashMap<>();
        Candidates asked = new Candidates(byCapability, steps, suitability);
        List<Candidate> candidates = new ArrayList<>();
        for (Supply supply : catalogue.supplies()) {
            Cap cap = sensible.most(supply, floors.pieces(supply));
            caps.put(supply.id(), cap);
            boolean excluded = exclusions.containsKey(supply.id());
            int pinned = excluded ? -1 : holds.pins().getOrDefault(supply.id(), -1);
            int most = excluded ? 0 : pinned >= 0 ? pinned : cap.pieces();
            candidates.add(asked.candidate(supply.id(), supply, Math.max(pinned, 0), most));
        }
        for (Supply supply : catalogue.supplies()) {
            int pieces = holds.elsewhere().getOrDefault(supply.id(), 0);
            if (pieces > 0) {
                candidates.add(asked.candidate(ELSEWHERE + supply.id(), supply, pieces, pieces));
            }
        }
        List<Floor> letGo = new ArrayList<>();
        candidates = Together.without(
                catalogue, candidates, whereabouts, holds.pins().keySet());
        Together company = new Together(catalogue, candidates, whereabouts);
        Choice choice = new Choice(
                candidates,
                sensible.counted(uses, steps),
                floors.keepable(candidates, letGo),
                Costs.limits(trip.limits(), catalogue, candidates.size()),
                trip.limits().kinds(),
                Costs.burden(trip, catalogue, candidates.size()),
                company.needs(holds.pins().keySet()),
                company.alternatives(holds.pins().keySet()));
        return new KitQuestion(
                trip,
                catalogue,
                choice,
                List.copyOf(steps),
                Map.copyOf(exclusions),
                List.copyOf(letGo),
                List.copyOf(uses),
                suitability,
                Map.copyOf(caps));
    }

    /** Pieces of each candidate for a kit given as pieces by supply id; unknown ids are ignored. */
    public int[] quantities(Map<String, Integer> kit) {
        return choice.candidates().stream()
                .mapToInt(c -> c.id().startsWith(ELSEWHERE) ? c.least() : kit.getOrDefault(c.id(), 0))
                .toArray();
    }

    public ForWhom forWhom() {
        return new ForWhom(trip, catalogue, suitability, exclusions);
    }

    /** What one piece more of each supply costs beside a kit, in worth, by its id. */
    public Map<String, Double> costsOfOneMore(Map<String, Integer> kit) {
        Map<String, Double> costs = new HashMap<>();
        for (int i = 0; i < catalogue.supplies().size(); i++) {
            String id = catalogue.supplies().get(i).id();
            double newKind = kit.containsKey(id) ? 0 : choice.burden().ofKind(i);
            costs.put(id, choice.burden().ofPiece(i) + newKind);
        }
        return costs;
    }

    /** A floor that holds and would not with one piece less of a supply; empty if there is none. */
    public Optional<Floor> floorKeeping(Map<String, Integer> kit, String supply) {
        int candidate = catalogue.supplies().stream().map(Supply::id).toList().indexOf(supply);
        return candidate < 0 ? Optional.empty() : floorKeeping(quantities(kit), candidate);
    }

    public Optional<Floor> floorKeeping(int[] quantities, int candidate) {
        int[] fewer = quantities.clone();
        fewer[candidate]--;
        return choice.floors().stream()
                .filter(f -> f.holds(quantities) && !f.holds(fewer))
                .findFirst();
    }

    /** The same question with another limit of mass. */
    public KitQuestion withMassLimit(double grams) {
        return new KitQuestion(
                trip, catalogue, choice.withFirstLimit(grams), steps, exclusions, letGo, everyUse, suitability, caps);
    }

    /** The same question counting all that could be needed, to say what a kit will be used for. */
    public KitQuestion countingEveryUse() {
        return new KitQuestion(
                trip, catalogue, choice.withUses(everyUse), steps, exclusions, letGo, everyUse, suitability, caps);
    }

    /** The same question with no more of each supply than there is. Floors that cannot be kept from it are let go. */
    public KitQuestion within(Map<String, Integer> have) {
        List<Candidate> fewer = new ArrayList<>();
        for (Candidate c : choice.candidates()) {
            int most = c.id().startsWith(ELSEWHERE) ? c.most() : Math.min(c.most(), have.getOrDefault(c.id(), 0));
            fewer.add(c.within(Math.min(c.least(), most), most));
        }
        List<Candidate> inCompany = Together.without(catalogue, fewer, Drivers.whereabouts(trip), Set.of());
        List<Floor> without = new ArrayList<>(letGo);
        List<Floor> kept = new Floors(trip, catalogue, suitability, exclusions).keepable(inCompany, without);
        Choice smaller = choice.withCandidates(inCompany).withFloors(kept);
        return new KitQuestion(
                trip, catalogue, smaller, steps, exclusions, List.copyOf(without), everyUse, suitability, caps);
    }

    /** The problems that can happen, in the order of their steps. */
    public List<ProblemForecast> problems() {
        return steps.stream().map(NeededStep::problem).distinct().toList();
    }

    /** Ids of the capabilities this trip asks for. */
    public Set<String> asked() {
        return steps.stream().map(s -> s.step().capability().id()).collect(Collectors.toUnmodifiableSet());
    }

    /** The supply behind a candidate, whether it is in the kit or rides elsewhere. */
    public Supply supply(int candidate) {
        return supply(catalogue, choice.candidates(), candidate);
    }

    static Supply supply(Catalogue catalogue, List<Candidate> candidates, int candidate) {
        return candidate < catalogue.supplies().size()
                ? catalogue.supplies().get(candidate)
                : catalogue
                        .supply(candidates.get(candidate).id().substring(ELSEWHERE.length()))
                        .orElseThrow();
    }

    /** Whether a supply comes in the size of at least half of the party. */
    static boolean fitsHalf(Supply supply, Trip trip) {
        long fitting = trip.party().people().stream()
                .filter(p -> Contraindications.fits(supply, p))
                .count();
        return 2 * fitting >= trip.party().size();
    }

    /** What a use of a step is worth if it is needed for sure and served by the thing made for it, beyond what is at hand. */
    private static double worth(Trip trip, NeededStep needed) {
        return needed.problem().problem().worth()
                * trip.stance().multiplier(needed.problem().problem().severity())
                * needed.step().step().importance().weight()
                * (1 - needed.doneByHand());
    }

    private static List<Double> atLeast(StepForecast step, double worth) {
        List<Double> atLeast = new ArrayList<>();
        for (int k = 1; step.onTrip().atLeast(k) * worth >= LEAST_WORTH; k++) {
            atLeast.add(step.onTrip().atLeast(k));
        }
        return atLeast;
    }
}
