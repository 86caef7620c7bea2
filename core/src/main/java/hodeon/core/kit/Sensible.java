package hodeon.core.kit;

import hodeon.core.catalogue.Importance;
import hodeon.core.catalogue.Supply;
import hodeon.core.catalogue.Tier;
import hodeon.core.kit.choice.Choice.Use;
import hodeon.core.need.Distribution;
import hodeon.core.need.StepForecast;
import hodeon.core.trip.Trip;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * How much is enough: for what ends no trip, what suffices in nine trips of ten, over all problems together; for the grave, what
 * must be done for one casualty until help, however rare it is, and in a large party for two. What is beyond counts nothing, so that many rare needs
 * do not each set their own tablets aside.
 *
 * @param trip whose people it is for
 * @param uses of each capability that are sensible, by capability id
 */
record Sensible(Trip trip, Map<String, Integer> uses) {

    private static final double NINE_OF_TEN = 0.9;
    private static final double NINETEEN_OF_TWENTY = 0.95;

    /** From this severity on one casualty's need counts, however rare. */
    private static final int GRAVE = 4;

    private static final int ENDS_THE_TRIP = 3;

    /** From so many people on two casualties are thought of. */
    private static final int LARGE_PARTY = 8;

    static Sensible of(Trip trip, List<KitQuestion.NeededStep> steps) {
        Map<String, Distribution> common = new HashMap<>();
        Map<String, Distribution> ending = new HashMap<>();
        Map<String, Integer> ofOne = new HashMap<>();
        for (KitQuestion.NeededStep needed : steps) {
            StepForecast step = needed.step();
            String capability = step.capability().id();
            int severity = needed.problem().problem().severity();
            if (severity >= GRAVE) {
                if (step.step().importance() != Importance.CRITICAL) {
                    continue;
                }
                ofOne.merge(capability, step.perEvent().suffices(NINE_OF_TEN), Math::max);
            } else {
                common.merge(capability, step.onTrip(), Distribution::plus);
                if (severity == ENDS_THE_TRIP) {
                    ending.merge(capability, step.onTrip(), Distribution::plus);
                }
            }
        }
        Map<String, Integer> uses = new HashMap<>();
        common.forEach((capability, demand) -> uses.put(capability, demand.suffices(NINE_OF_TEN)));
        ending.forEach((capability, demand) -> uses.merge(capability, demand.suffices(NINETEEN_OF_TWENTY), Math::max));
        int casualties = trip.party().size() >= LARGE_PARTY ? 2 : 1;
        ofOne.forEach((capability, one) -> uses.merge(capability, casualties * one, Integer::sum));
        return new Sensible(trip, Map.copyOf(uses));
    }

    /** The same uses, but beyond what is sensible for a capability no further one counts; what is worth most stays. */
    List<Use> counted(List<Use> all, List<KitQuestion.NeededStep> steps) {
        Map<String, List<Slot>> slots = new HashMap<>();
        for (int u = 0; u < all.size(); u++) {
            String capability = steps.get(u).step().capability().id();
            for (int k = 0; k < all.get(u).atLeast().size(); k++) {
                slots.computeIfAbsent(capability, c -> new ArrayList<>())
                        .add(new Slot(u, all.get(u).worthOf(k)));
            }
        }
        int[] counted = new int[all.size()];
        slots.forEach((capability, of) -> of.stream()
                .sorted(Comparator.comparingDouble(Slot::worth).reversed())
                .limit(Math.max(1, uses.getOrDefault(capability, 0)))
                .forEach(s -> counted[s.use()]++));
        List<Use> enough = new ArrayList<>();
        for (int u = 0; u < all.size(); u++) {
            Use use = all.get(u);
            enough.add(new Use(use.id(), use.worth(), use.atLeast().subList(0, counted[u]), use.floor()));
        }
        return enough;
    }

    private record Slot(int use, double worth) {}

    /** Most pieces that are sensible, beside what a floor of so many uses asks of it. */
    int most(Supply supply, int floorUses) {
        if (supply.servesAll()) {
            return Math.min(supply.most(), Math.max(1, supply.leastIfAny()));
        }
        int wanted = supply.serves().entrySet().stream()
                .filter(s -> s.getValue() != Tier.IMPROVISED)
                .mapToInt(s -> Math.max(1, uses.getOrDefault(s.getKey(), 0)))
                .sum();
        int pieces = supply.piecesFor(Math.max(1, Math.max(wanted, floorUses)));
        int prescribed = supply.each() * Exclusions.prescriptions(supply, trip.party());
        if (prescribed > 0 && supply.each() > 1) {
            return prescribed; // Somebody's own set, neither more nor fewer.
        }
        int least = Math.max(supply.leastIfAny(), prescribed);
        return Math.clamp(pieces, least, Math.max(supply.most(), least));
    }
}
