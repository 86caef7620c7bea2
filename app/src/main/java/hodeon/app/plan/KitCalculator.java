package hodeon.app.plan;

import hodeon.app.evidence.Known;
import hodeon.core.catalogue.Supply;
import hodeon.core.choice.Choice.Floor;
import hodeon.core.choice.Marginal;
import hodeon.core.evidence.PlanningAssumption;
import hodeon.core.packing.Carry;
import hodeon.core.plan.Cap;
import hodeon.core.plan.Exclusion;
import hodeon.core.plan.Holds;
import hodeon.core.plan.KitQuestion;
import hodeon.core.plan.Plan;
import hodeon.core.plan.Planner;
import hodeon.core.plan.Scope;
import hodeon.core.plan.tradeoff.Absence;
import hodeon.core.plan.tradeoff.Curve;
import hodeon.core.plan.tradeoff.IfItHappens;
import hodeon.core.plan.tradeoff.NextGrams;
import hodeon.core.plan.tradeoff.Prune;
import hodeon.core.plan.tradeoff.Rehearsal;
import hodeon.core.plan.tradeoff.RehearsalResult;
import hodeon.core.plan.tradeoff.SmallestModule;
import hodeon.core.plan.tradeoff.Sorting;
import hodeon.core.units.Mass;
import java.time.Duration;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.cache.annotation.Cacheable;
import org.springframework.stereotype.Service;

/** Asks the core, and remembers its answers while the same trip and contents are being looked at. */
@Service
public class KitCalculator {

    /** Grams of which the mat says what they would buy. */
    public static final int NEXT_GRAMS = PlanningAssumption.NEXT_GRAMS.whole();

    private final Questions questions;
    private final Recommendations recommendations;
    private final Duration patience;

    KitCalculator(
            Questions questions, Recommendations recommendations, @Value("${hodeon.patience}") Duration patience) {
        this.questions = questions;
        this.recommendations = recommendations;
        this.patience = patience;
    }

    /**
     * A kit weighed.
     *
     * @param marginals what one piece more or less changes, for each supply that could come
     * @param floors what keeps one piece less from being allowed, for each supply that a floor keeps
     * @param next what the next {@link #NEXT_GRAMS} g would buy
     * @param ifItHappens what it can do about one event of each grave problem, the worst unanswered first
     * @param absences what a leader would ask about and not find
     * @param caps most pieces of each supply that are sensible
     * @param costs what one piece more of each supply costs, in worth
     */
    public record Weighing(
            Plan plan,
            Map<String, Marginal> marginals,
            Map<String, Floor> floors,
            NextGrams next,
            List<IfItHappens> ifItHappens,
            List<Absence> absences,
            Map<String, Cap> caps,
            Map<String, Double> costs) {

        /** Whether one piece more of anything would earn what it costs. */
        public boolean anyEarns() {
            return marginals.entrySet().stream()
                    .anyMatch(m -> earns(m.getKey(), m.getValue().oneMore()));
        }

        public boolean earns(String supply, double gain) {
            return gain > costs.getOrDefault(supply, 0.0);
        }
    }

    public Recommendation recommend(TripCase of, Holds holds) {
        return recommendations.of(of, holds);
    }

    @Cacheable(cacheNames = "weighings", sync = true)
    public Weighing weigh(TripCase of, Holds holds, Map<String, Integer> pieces) {
        KitQuestion question = question(of, holds);
        Planner planner = new Planner(question);
        Function<String, Marginal> marginal = planner.marginals(pieces);
        Map<String, Marginal> marginals = of.known().catalogue().supplies().parallelStream()
                .map(Supply::id)
                .filter(id -> !question.exclusions().containsKey(id))
                .collect(Collectors.toConcurrentMap(id -> id, marginal));
        Map<String, Floor> floors = new LinkedHashMap<>();
        pieces.keySet().forEach(id -> question.floorKeeping(pieces, id).ifPresent(floor -> floors.put(id, floor)));
        return new Weighing(
                planner.weigh(pieces),
                marginals,
                floors,
                NextGrams.of(question, pieces, marginals, NEXT_GRAMS),
                IfItHappens.of(question, pieces, IfItHappens.GRAVE),
                Absence.of(question, pieces),
                question.caps(),
                question.costsOfOneMore(pieces));
    }

    @Cacheable(cacheNames = "exclusions", sync = true)
    public Map<String, Exclusion> exclusions(TripCase of, Holds holds) {
        return question(of, holds).exclusions();
    }

    @Cacheable(cacheNames = "balances", sync = true)
    public Curve curve(TripCase of, Holds holds, Map<String, Integer> recommended) {
        return Curve.of(question(of, holds), Curve.POINTS, recommended, patience);
    }

    /** Pieces of each supply that the trip is expected to use up, only those more than 0. */
    @Cacheable(cacheNames = "balances", sync = true)
    public Map<String, Double> expectedUse(TripCase of, Map<String, Integer> pieces) {
        KitQuestion question = question(of, Holds.NONE).countingEveryUse();
        Plan plan = new Planner(question).weigh(pieces);
        Map<String, Double> used = new LinkedHashMap<>();
        question.catalogue().supplies().forEach(s -> {
            double expected = plan.expectedUsed(s);
            if (expected > 0) {
                used.put(s.id(), expected);
            }
        });
        return used;
    }

    /** What to prune from a kit, and what could stand in. */
    public Prune prune(TripCase of, Holds holds, Map<String, Integer> pieces) {
        return new Prune(question(of, holds), pieces);
    }

    @Cacheable(cacheNames = "balances", sync = true)
    public RehearsalResult rehearse(TripCase of, Holds holds, Map<String, Integer> pieces, long seed) {
        return rehearsal(of, holds, pieces).run(Rehearsal.TRIPS, seed);
    }

    public Rehearsal rehearsal(TripCase of, Holds holds, Map<String, Integer> pieces) {
        return Rehearsal.of(question(of, holds), pieces);
    }

    public Sorting sort(TripCase of, Holds holds, Map<String, Integer> have, double secondGrams) {
        return Sorting.of(question(of, holds), have, secondGrams, patience);
    }

    public Optional<SmallestModule> module(KitQuestion question, Scope scope) {
        return SmallestModule.of(question, scope, patience);
    }

    public Carry carry(
            TripCase of,
            Holds holds,
            Map<String, Integer> pieces,
            List<Carry.Carrier> carriers,
            List<Carry.Given> given,
            boolean whole,
            Duration atMost) {
        return Carry.of(question(of, holds), pieces, carriers, given, whole, atMost);
    }

    public KitQuestion question(TripCase of, Holds holds) {
        return questions.of(of, holds);
    }

    public static Mass mass(Known known, Map<String, Integer> pieces) {
        return known.catalogue().supplies().stream()
                .map(s -> s.mass().times(pieces.getOrDefault(s.id(), 0)))
                .reduce(Mass.ZERO, Mass::plus);
    }
}
