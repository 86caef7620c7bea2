package hodeon.core.kit;

import hodeon.core.catalogue.Supply;
import hodeon.core.catalogue.Tier;
import hodeon.core.need.Distribution;
import hodeon.core.need.Forecast;
import hodeon.core.trip.Trip;
import java.util.HashMap;
import java.util.Map;

/**
 * How many pieces of a supply are sensible at most: what suffices in 99 of 100 trips for all that it does well, over all
 * problems together, and what a floor asks for. Without this bound many rare needs would each set their own tablets aside.
 *
 * @param trip whose people it is for
 * @param uses of each capability that are sensible, by capability id
 */
record Sensible(Trip trip, Map<String, Integer> uses) {

    private static final double SHARE = 0.99;

    static Sensible of(Trip trip, Forecast forecast, Floors floors) {
        Map<String, Distribution> pooled = new HashMap<>();
        Map<String, Integer> uses = new HashMap<>();
        forecast.problems().stream().flatMap(p -> p.steps().stream()).forEach(s -> {
            pooled.merge(s.capability().id(), s.onTrip(), Distribution::plus);
            uses.merge(s.capability().id(), s.perEvent().suffices(SHARE), Math::max);
        });
        pooled.forEach((capability, demand) -> uses.merge(capability, demand.suffices(SHARE), Math::max));
        floors.byCapability().forEach((capability, pieces) -> uses.merge(capability, pieces, Math::max));
        return new Sensible(trip, Map.copyOf(uses));
    }

    /** One durable serves all. */
    int most(Supply supply) {
        if (supply.durable()) {
            return Math.min(supply.most(), Math.max(1, supply.leastIfAny()));
        }
        int wanted = supply.serves().entrySet().stream()
                .filter(s -> s.getValue() != Tier.IMPROVISED)
                .mapToInt(s -> uses.getOrDefault(s.getKey(), 0))
                .sum();
        int pieces = supply.piecesFor(wanted);
        int least = Math.max(supply.leastIfAny(), supply.each() * Exclusions.prescriptions(supply, trip.party()));
        return Math.clamp(pieces, least, Math.max(supply.most(), least));
    }
}
