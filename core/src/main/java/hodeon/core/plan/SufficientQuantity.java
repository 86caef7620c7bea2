package hodeon.core.plan;

import hodeon.core.brief.Trip;
import hodeon.core.catalogue.Importance;
import hodeon.core.catalogue.Supply;
import hodeon.core.catalogue.Tier;
import hodeon.core.choice.Choice.Use;
import hodeon.core.evidence.PlanningAssumption;
import hodeon.core.medication.Suitability;
import hodeon.core.need.Distribution;
import hodeon.core.need.PiecesPerEvent;
import hodeon.core.need.StepForecast;
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
 * @param ofCasualties those of them that casualties of grave trouble need until help
 * @param suitability which medicine is not for whom: what is wrong for some is counted for the others alone
 */
record SufficientQuantity(
        Trip trip, Map<String, Integer> uses, Map<String, Integer> ofCasualties, Suitability suitability) {

    private static final double NINE_OF_TEN = PlanningAssumption.SUFFICIENT_TRIPS.value();
    private static final double NINETEEN_OF_TWENTY = PlanningAssumption.SUFFICIENT_GRAVE_TRIPS.value();

    private static final double ROUNDING = 1e-9;

    /** So many go for help or care for the casualty while the others wait. */
    private static final int WHO_GO_FOR_HELP = PlanningAssumption.WHO_GO_FOR_HELP.whole();

    /** A shelter for so many does for any small party. */
    private static final int USUAL_HEADS = PlanningAssumption.USUAL_HEADS.whole();

    /** From this severity on one casualty's need counts, however rare. */
    private static final int GRAVE = PlanningAssumption.GRAVE_SEVERITY.whole();

    private static final int ENDS_THE_TRIP = PlanningAssumption.TRIP_ENDING_SEVERITY.whole();

    /** From so many people on two casualties are thought of. */
    private static final int LARGE_PARTY = PlanningAssumption.LARGE_PARTY.whole();

    static SufficientQuantity of(Trip trip, List<NeededStep> steps, Suitability suitability) {
        Map<String, Distribution> common = new HashMap<>();
        Map<String, Distribution> ending = new HashMap<>();
        Map<String, Integer> ofOne = new HashMap<>();
        for (NeededStep needed : steps) {
            StepForecast step = needed.step();
            String capability = step.capability().id();
            int severity = needed.problem().problem().severity();
            if (severity >= GRAVE) {
                if (step.step().importance() != Importance.CRITICAL) {
                    continue;
                }
                Distribution untilHelp = PiecesPerEvent.untilHelp(step.step(), trip.hoursToCare());
                int one = untilHelp.suffices(NINE_OF_TEN);
                // One that is made for it, and what else the casualty needs from what is at hand.
                ofOne.merge(capability, needed.atHand().isPresent() ? Math.min(1, one) : one, Math::max);
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
        ofOne.replaceAll((capability, one) -> casualties * one);
        ofOne.forEach((capability, needed) -> uses.merge(capability, needed, Integer::sum));
        return new SufficientQuantity(trip, Map.copyOf(uses), Map.copyOf(ofOne), suitability);
    }

    /** The same uses, but beyond what is sensible for a capability no further one counts; what is worth most stays. */
    List<Use> counted(List<Use> all, List<NeededStep> steps) {
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

    /** Most pieces that are sensible, and why, beside so many that a floor asks for. */
    Cap most(Supply supply, int floorPieces) {
        if (supply.servesAll()) {
            return new Cap(Math.min(supply.most(), Math.max(1, supply.leastIfAny())), Cap.Bound.SERVES_ALL);
        }
        if (supply.fit().wholePack()) {
            return new Cap(supply.purchase().piecesPerPack(), Cap.Bound.WHOLE_PACK);
        }
        int prescribed = supply.each() * Exclusions.prescriptions(supply, trip.party());
        if (prescribed > 0 && supply.each() > 1) {
            return new Cap(prescribed, Cap.Bound.PRESCRIBED); // Somebody's own set, neither more nor fewer.
        }
        List<String> well = supply.serves().entrySet().stream()
                .filter(s -> s.getValue() != Tier.IMPROVISED)
                .map(Map.Entry::getKey)
                .toList();
        double may = 1.0
                * (trip.party().size()
                        - suitability.contraindicated(supply.id()).size())
                / trip.party().size();
        int wanted = well.stream()
                .mapToInt(c -> Math.max(1, (int) Math.ceil(may * uses.getOrDefault(c, 0) - ROUNDING)))
                .sum();
        int forCasualties =
                well.stream().mapToInt(c -> ofCasualties.getOrDefault(c, 0)).sum();
        int pieces = Math.max(supply.piecesFor(Math.max(1, wanted)), floorPieces);
        int least = Math.max(supply.leastIfAny(), prescribed);
        int heads = supply.fit().heads();
        int waiting = Math.max(1, trip.party().size() - WHO_GO_FOR_HELP);
        if (heads > 1 && (heads > Math.max(USUAL_HEADS, waiting) || 2 * heads < Math.min(waiting, 2 * USUAL_HEADS))) {
            return new Cap(0, Cap.Bound.HEADS); // A shelter of another size is the one for such a party.
        }
        int forAll = heads > 1 ? Math.ceilDiv(waiting, heads) : supply.most();
        int most = Math.max(Math.min(forAll, supply.most()), least);
        if (pieces > most) {
            return new Cap(most, heads > 1 ? Cap.Bound.HEADS : Cap.Bound.NEVER_MORE);
        }
        if (pieces < least) {
            return new Cap(least, Cap.Bound.NONE_OR_SO_MANY);
        }
        if (floorPieces > supply.piecesFor(Math.max(1, wanted))) {
            return new Cap(pieces, Cap.Bound.BACKBONE);
        }
        return new Cap(pieces, 2 * forCasualties > wanted ? Cap.Bound.CASUALTY : Cap.Bound.NINE_TRIPS);
    }
}
