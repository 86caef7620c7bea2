package hodeon.core.kit;

import hodeon.core.catalogue.Capability;
import hodeon.core.catalogue.Catalogue;
import hodeon.core.catalogue.Supply;
import hodeon.core.catalogue.Tier;
import hodeon.core.kit.choice.Choice.Candidate;
import hodeon.core.kit.choice.Choice.Floor;
import hodeon.core.trip.Stance;
import hodeon.core.trip.Trip;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

/**
 * What must come whatever it earns: each person's rescue medicine; two pairs of gloves for each likely helper;
 * tourniquets none or two, because one may fail or not suffice; and by stance the means for the first minutes. Whoever
 * plans for the likely keeps the three things that nobody forgives lacking: pressure on a wound, warmth and the call, of
 * whatever tier, as long as the lightest of each takes no more than a tenth of the limit.
 */
final class Floors {

    private static final String GLOVES = "gloves";
    private static final int GLOVE_PAIRS_PER_HELPER = 2;
    private static final Map<Stance, Map<String, Integer>> BY_STANCE = Map.of(
            Stance.FIX_THE_LIKELY,
            Map.of(),
            Stance.HOLD_UNTIL_HELP,
            ordered("press-wound", 1, "keep-warm", 1, "mark-time", 1),
            Stance.FIRST_MINUTES,
            ordered(
                    "stop-limb-bleeding",
                    2,
                    "pack-wound",
                    1,
                    "press-wound",
                    1,
                    "keep-warm",
                    1,
                    "breathing-barrier",
                    1,
                    "cut-away",
                    1,
                    "mark-time",
                    1));

    /** What the stance “fix the likely” keeps, each with the capabilities any of which will do. */
    private static final Map<String, List<String>> LIKELY = Map.of(
            "Pressure on a wound", List.of("press-wound"),
            "Warmth", List.of("keep-warm"),
            "The call", List.of("call-far", "call-attention"));

    private static final double MOST_OF_LIMIT = 0.1;

    private final Trip trip;
    private final Catalogue catalogue;

    Floors(Trip trip, Catalogue catalogue) {
        this.trip = trip;
        this.catalogue = catalogue;
    }

    /** Fewest pieces that do a capability well, by capability id. */
    Map<String, Integer> byCapability() {
        Map<String, Integer> pieces = new LinkedHashMap<>();
        pieces.put(GLOVES, GLOVE_PAIRS_PER_HELPER * trip.party().likelyHelpers());
        pieces.putAll(BY_STANCE.getOrDefault(trip.stance(), Map.of()));
        return pieces;
    }

    /** Floors that can be kept; the others go to {@code letGo}, to be told. */
    List<Floor> keepable(List<Candidate> candidates, List<Floor> letGo) {
        List<Floor> kept = new ArrayList<>();
        for (Floor ofSupplies : all()) {
            Floor floor = withElsewhere(ofSupplies, candidates);
            if (LIKELY.containsKey(floor.reason()) && tooHeavy(ofSupplies, candidates)) {
                letGo.add(told(floor));
                continue;
            }
            int possible = floor.candidates().stream()
                    .mapToInt(i -> candidates.get(i).most())
                    .sum();
            int certain = floor.candidates().stream()
                    .mapToInt(i -> candidates.get(i).least())
                    .sum();
            if (possible >= floor.pieces() || (floor.orNone() && certain == 0)) {
                kept.add(told(floor));
            } else {
                letGo.add(told(floor));
            }
        }
        return kept;
    }

    /** The lightest that may come would eat a tight limit. */
    private boolean tooHeavy(Floor floor, List<Candidate> candidates) {
        return floor.candidates().stream()
                .filter(i -> candidates.get(i).most() > 0)
                .map(i -> catalogue.supplies().get(i).mass().grams())
                .min(Comparator.naturalOrder())
                .filter(grams -> grams <= MOST_OF_LIMIT * trip.limits().mass().grams())
                .isEmpty();
    }

    private Floor told(Floor floor) {
        return LIKELY.containsKey(floor.reason())
                ? new Floor(
                        floor.reason() + ": at least 1, also for the stance “"
                                + trip.stance().label() + "”",
                        floor.candidates(),
                        floor.pieces(),
                        floor.orNone())
                : floor;
    }

    /** What rides elsewhere counts for a floor too. */
    private Floor withElsewhere(Floor floor, List<Candidate> candidates) {
        List<Integer> together = new ArrayList<>(floor.candidates());
        for (int i = catalogue.supplies().size(); i < candidates.size(); i++) {
            String supply = candidates.get(i).id().substring(KitQuestion.ELSEWHERE.length());
            if (floor.candidates().stream()
                    .anyMatch(c -> catalogue.supplies().get(c).id().equals(supply))) {
                together.add(i);
            }
        }
        return new Floor(floor.reason(), together, floor.pieces(), floor.orNone());
    }

    private List<Floor> all() {
        List<Floor> floors = new ArrayList<>();
        for (int i = 0; i < catalogue.supplies().size(); i++) {
            Supply supply = catalogue.supplies().get(i);
            int prescriptions = Exclusions.prescriptions(supply, trip.party());
            if (prescriptions > 0) {
                floors.add(new Floor(
                        supply.name() + (supply.each() > 1 ? ", " + supply.each() + " each" : "")
                                + " for everybody it is prescribed to",
                        List.of(i),
                        supply.each() * prescriptions,
                        false));
            }
        }
        byCapability()
                .forEach((capability, pieces) -> floors.add(new Floor(
                        catalogue.capability(capability).name() + ": at least " + pieces + ", "
                                + (capability.equals(GLOVES)
                                        ? "two pairs for each of "
                                                + trip.party().likelyHelpers() + " likely helpers"
                                        : "because the stance is “"
                                                + trip.stance().label() + "”"),
                        KitQuestion.doingWell(catalogue, trip, capability),
                        pieces,
                        false)));
        if (trip.stance() == Stance.FIX_THE_LIKELY) {
            LIKELY.entrySet().stream()
                    .sorted(Map.Entry.comparingByKey())
                    .forEach(e -> floors.add(new Floor(e.getKey(), doing(e.getValue()), 1, false)));
        }
        Map<String, List<Integer>> together = new LinkedHashMap<>();
        for (int i = 0; i < catalogue.supplies().size(); i++) {
            Supply supply = catalogue.supplies().get(i);
            if (supply.leastIfAny() > 0) {
                together.computeIfAbsent(madeFor(supply), m -> new ArrayList<>())
                        .add(i);
            }
        }
        together.forEach((what, supplies) -> floors.add(noneOr(what, supplies)));
        return floors;
    }

    private List<Integer> doing(List<String> anyOf) {
        return IntStream.range(0, catalogue.supplies().size())
                .filter(i -> anyOf.stream()
                        .anyMatch(c -> catalogue.supplies().get(i).serves().containsKey(c)))
                .boxed()
                .toList();
    }

    /** What a supply does well, in words, or its own name: those that agree in it count together. */
    private String madeFor(Supply supply) {
        return catalogue.capabilities().stream()
                .filter(c -> supply.serves().getOrDefault(c.id(), Tier.IMPROVISED) != Tier.IMPROVISED)
                .findFirst()
                .map(Capability::name)
                .orElse(supply.name());
    }

    private Floor noneOr(String what, List<Integer> supplies) {
        int least = supplies.stream()
                .mapToInt(i -> catalogue.supplies().get(i).leastIfAny())
                .max()
                .orElseThrow();
        return new Floor(
                what + ": none or at least " + least + ", fewer may fail or not suffice", supplies, least, true);
    }

    private static Map<String, Integer> ordered(Object... pairs) {
        Map<String, Integer> map = new LinkedHashMap<>();
        for (int i = 0; i < pairs.length; i += 2) {
            map.put((String) pairs[i], (Integer) pairs[i + 1]);
        }
        return map;
    }
}
