package hodeon.app.kit;

import hodeon.app.need.Forecasts;
import hodeon.core.catalogue.Catalogue;
import hodeon.core.catalogue.Supply;
import hodeon.core.kit.Exclusion;
import hodeon.core.kit.Holds;
import hodeon.core.kit.KitQuestion;
import hodeon.core.kit.Plan;
import hodeon.core.kit.Planner;
import hodeon.core.kit.choice.Marginal;
import hodeon.core.kit.choice.Solution;
import hodeon.core.trip.Trip;
import hodeon.core.units.Mass;
import java.time.Duration;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.cache.annotation.Cacheable;
import org.springframework.stereotype.Service;

/** Asks the core, and remembers its answers while the same trip and contents are being looked at. */
@Service
class KitCalculator {

    private final Catalogue catalogue;
    private final Forecasts forecasts;
    private final Duration patience;

    KitCalculator(Catalogue catalogue, Forecasts forecasts, @Value("${hodeon.patience}") Duration patience) {
        this.catalogue = catalogue;
        this.forecasts = forecasts;
        this.patience = patience;
    }

    /** The best kit: its pieces, and how near the proven best it is (1 below means out of reach of the limit). */
    record Recommendation(Map<String, Integer> pieces, Solution solution) {}

    /** A kit weighed, and for each supply that could come but is not there, what one piece would add. */
    record Weighing(Plan plan, Map<String, Double> gains) {}

    @Cacheable(cacheNames = "recommendations", sync = true)
    public Recommendation recommend(Trip trip, Holds holds) {
        Planner planner = planner(trip, holds);
        Solution solution = planner.recommend(patience);
        return switch (solution) {
            case Solution.Found found -> new Recommendation(planner.contents(found.quantities()), found);
            case Solution.TooTight tight -> new Recommendation(planner.contents(tight.lightest()), tight);
        };
    }

    @Cacheable(cacheNames = "weighings", sync = true)
    public Weighing weigh(Trip trip, Holds holds, Map<String, Integer> pieces) {
        KitQuestion question = question(trip, holds);
        Planner planner = new Planner(question);
        Function<String, Marginal> marginal = planner.marginals(pieces);
        Map<String, Double> gains = new LinkedHashMap<>();
        catalogue.supplies().stream()
                .map(Supply::id)
                .filter(id -> !pieces.containsKey(id) && !question.exclusions().containsKey(id))
                .forEach(id -> gains.put(id, marginal.apply(id).oneMore()));
        return new Weighing(planner.weigh(pieces), gains);
    }

    /** Empty for a supply that may not come. */
    Optional<Marginal> marginal(Trip trip, Holds holds, Map<String, Integer> pieces, String supply) {
        KitQuestion question = question(trip, holds);
        return question.exclusions().containsKey(supply)
                ? Optional.empty()
                : Optional.of(new Planner(question).marginals(pieces).apply(supply));
    }

    @Cacheable(cacheNames = "exclusions", sync = true)
    public Map<String, Exclusion> exclusions(Trip trip, Holds holds) {
        return question(trip, holds).exclusions();
    }

    Mass mass(Map<String, Integer> pieces) {
        return catalogue.supplies().stream()
                .map(s -> s.mass().times(pieces.getOrDefault(s.id(), 0)))
                .reduce(Mass.ZERO, Mass::plus);
    }

    private Planner planner(Trip trip, Holds holds) {
        return new Planner(question(trip, holds));
    }

    private KitQuestion question(Trip trip, Holds holds) {
        return KitQuestion.of(trip, catalogue, forecasts.of(trip), holds);
    }
}
