package hodeon.core.kit;

import hodeon.core.catalogue.AtHand;
import hodeon.core.catalogue.Catalogue;
import hodeon.core.catalogue.Supply;
import hodeon.core.catalogue.Tag;
import hodeon.core.catalogue.Tier;
import hodeon.core.kit.choice.Choice;
import hodeon.core.kit.choice.Choice.Burden;
import hodeon.core.kit.choice.Choice.Candidate;
import hodeon.core.kit.choice.Choice.Floor;
import hodeon.core.kit.choice.Choice.Limit;
import hodeon.core.kit.choice.Choice.Service;
import hodeon.core.kit.choice.Choice.Use;
import hodeon.core.medication.Suitability;
import hodeon.core.need.Drivers;
import hodeon.core.need.Exposure;
import hodeon.core.need.Forecast;
import hodeon.core.need.ProblemForecast;
import hodeon.core.need.StepForecast;
import hodeon.core.trip.Limits;
import hodeon.core.trip.Surroundings;
import hodeon.core.trip.Trip;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.ToDoubleFunction;
import java.util.stream.Collectors;
import java.util.stream.Stream;

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
    private static final double LEAST_WORTH = 2e-4;

    /**
     * What one kind more must earn: what meeting a nuisance on one trip of ten is worth. It is one more thing to find, to check and
     * to replace; the figure is an assumption.
     */
    static final double PRICE_OF_A_KIND = 0.1;

    /**
     * A step of a problem as something a kit can serve.
     *
     * @param atHand what does it without any kit, though less well than the thing made for it; empty if nothing does
     */
    public record NeededStep(ProblemForecast problem, StepForecast step, Optional<AtHand> atHand) {

        /** The share of the step that is done without any kit, 0 or more, below 1. */
        public double doneByHand() {
            return atHand.map(a -> a.tier().effect()).orElse(0.0);
        }

        /** What a thing adds to what is at hand, as a share of what the thing made for it adds. */
        double adds(Tier tier) {
            return Math.max(0, tier.effect() - doneByHand()) / (1 - doneByHand());
        }
    }

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
        Sensible sensible = Sensible.of(trip, steps, suitability);
        Map<String, Cap> caps = new HashMap<>();
        List<Candidate> candidates = new ArrayList<>();
        for (Supply supply : catalogue.supplies()) {
            Cap cap = sensible.most(supply, floors.pieces(supply));
            caps.put(supply.id(), cap);
            boolean excluded = exclusions.containsKey(supply.id());
            int pinned = excluded ? -1 : holds.pins().getOrDefault(supply.id(), -1);
            int most = excluded ? 0 : pinned >= 0 ? pinned : cap.pieces();
            candidates.add(candidate(supply.id(), supply, Math.max(pinned, 0), most, byCapability, steps, suitability));
        }
        for (Supply supply : catalogue.supplies()) {
            int pieces = holds.elsewhere().getOrDefault(supply.id(), 0);
            if (pieces > 0) {
                candidates.add(
                        candidate(ELSEWHERE + supply.id(), supply, pieces, pieces, byCapability, steps, suitability));
            }
        }
        List<Floor> letGo = new ArrayList<>();
        candidates =
                Company.without(catalogue, candidates, whereabouts, holds.pins().keySet());
        Company company = new Company(catalogue, candidates, whereabouts);
        Choice choice = new Choice(
                candidates,
                sensible.counted(uses, steps),
                floors.keepable(candidates, letGo),
                limits(trip.limits(), catalogue, candidates.size()),
                trip.limits().kinds(),
                burden(trip, catalogue, candidates.size()),
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

    ForWhom forWhom() {
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

    Optional<Floor> floorKeeping(int[] quantities, int candidate) {
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
        List<Candidate> inCompany = Company.without(catalogue, fewer, Drivers.whereabouts(trip), Set.of());
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
                .filter(p -> Cautions.fits(supply, p))
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

    private static Candidate candidate(
            String id,
            Supply supply,
            int least,
            int most,
            Map<String, List<Integer>> byCapability,
            List<NeededStep> steps,
            Suitability suitability) {
        Set<String> unsuited = suitability.contraindicated(supply.id()).keySet();
        List<Service> serves = new ArrayList<>();
        supply.serves().forEach((capability, tier) -> byCapability
                .getOrDefault(capability, List.of())
                .forEach(use -> {
                    double effect = steps.get(use).adds(tier)
                            * fit(supply, unsuited, steps.get(use).problem().exposure());
                    if (effect > 0) {
                        serves.add(new Service(use, effect));
                    }
                }));
        serves.sort(Comparator.comparingInt(Service::use));
        return new Candidate(id, least, most, supply.usesPerPiece(), supply.servesAll(), serves);
    }

    /**
     * The share of those who could have a problem whom a supply fits and who may have it: what comes in one size, and medicine that
     * is not for children, does its work for the others.
     */
    private static double fit(Supply supply, Set<String> unsuited, Exposure exposure) {
        if ((supply.sizes().isEmpty() && unsuited.isEmpty())
                || exposure.people().isEmpty()) {
            return 1;
        }
        double fitting = 0;
        double all = 0;
        for (Exposure.OfPerson person : exposure.people()) {
            all += person.factor();
            boolean may = Cautions.fits(supply, person.person())
                    && !unsuited.contains(person.person().name());
            fitting += may ? person.factor() : 0;
        }
        return all == 0 ? 1 : fitting / all;
    }

    /** A gram costs what its carriage makes it cost, a kind what finding, checking and replacing it is worth. */
    private static Burden burden(Trip trip, Catalogue catalogue, int candidates) {
        double thrift = trip.means().thrift().factor();
        double perGram = thrift * Surroundings.of(trip).carriage().pricePerGram();
        List<Double> perPiece = new ArrayList<>();
        List<Double> perKind = new ArrayList<>();
        for (int i = 0; i < candidates; i++) {
            boolean elsewhere = i >= catalogue.supplies().size();
            perPiece.add(
                    elsewhere ? 0 : perGram * catalogue.supplies().get(i).mass().grams());
            perKind.add(elsewhere ? 0 : thrift * PRICE_OF_A_KIND);
        }
        return new Burden(perPiece, perKind);
    }

    private static List<Limit> limits(Limits limits, Catalogue catalogue, int candidates) {
        List<Limit> all = new ArrayList<>();
        all.add(limit(
                "g", catalogue, candidates, s -> s.mass().grams(), limits.mass().grams()));
        limits.volume()
                .ifPresent(most -> all.add(limit(
                        "ml", catalogue, candidates, s -> 1000 * s.volume().litres(), 1000 * most.litres())));
        limits.price()
                .ifPresent(most -> all.add(limit(
                        "of money",
                        catalogue,
                        candidates,
                        s -> s.purchase().price().amount(),
                        most.amount())));
        return all;
    }

    /** What rides elsewhere, behind the supplies, takes nothing. */
    private static Limit limit(
            String what, Catalogue catalogue, int candidates, ToDoubleFunction<Supply> takes, double most) {
        List<Double> perPiece = Stream.concat(
                        catalogue.supplies().stream().map(takes::applyAsDouble),
                        Stream.generate(() -> 0.0)
                                .limit(candidates - catalogue.supplies().size()))
                .toList();
        return new Limit(what, perPiece, most);
    }
}
