package hodeon.core.plan;

import hodeon.core.brief.Trip;
import hodeon.core.catalogue.Capability;
import hodeon.core.catalogue.Catalogue;
import hodeon.core.catalogue.Supply;
import hodeon.core.catalogue.Tag;
import hodeon.core.catalogue.Tier;
import hodeon.core.choice.Candidate;
import hodeon.core.choice.Choice.Floor;
import hodeon.core.medication.Suitability;
import hodeon.core.need.Drivers;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.IntStream;

/**
 * What must come whatever it earns: each person's rescue medicine; the {@link Backbone} of the place and the school, from the most
 * needed down as far as the limits reach; what serves nothing and comes anyway; tourniquets none or two, because one may fail or not suffice.
 */
public final class Floors {

    private static final double ROUNDING = 1e-9;

    private final Trip trip;
    private final Catalogue catalogue;
    private final List<Asked> asked;
    private final Set<String> excluded;

    /**
     * @param suitability which medicine is not for whom of the party
     * @param exclusions why a supply may not come, by supply id
     */
    Floors(Trip trip, Catalogue catalogue, Suitability suitability, Map<String, Exclusion> exclusions) {
        this.trip = trip;
        this.catalogue = catalogue;
        this.excluded = exclusions.keySet();
        Set<Tag> here = Drivers.whereabouts(trip);
        ForWhom forWhom = new ForWhom(trip, catalogue, suitability, exclusions);
        this.asked = Backbone.shipped().ribs().stream()
                .filter(rib -> rib.holds(here) && rib.uses(trip) > 0)
                .filter(rib -> rib.does().stream()
                        .anyMatch(c -> !catalogue.capability(c).needless(here)))
                .flatMap(rib -> forWhom.asked(rib).stream())
                .toList();
    }

    /** So many uses of any of these supplies. */
    public record Asked(String reason, String why, int uses, boolean heads, List<Supply> ofAny) {

        /** What one piece counts. */
        public double each(Supply supply) {
            return supply.servesAll() ? uses : heads ? supply.fit().heads() : supply.usesPerPiece();
        }

        /** Pieces of one supply that would keep it alone. */
        int alone(Supply supply) {
            return (int) Math.ceil(uses / each(supply) - ROUNDING);
        }
    }

    /** Most pieces of a supply that any rib asks for. */
    int pieces(Supply supply) {
        return asked.stream()
                .filter(a -> a.ofAny().contains(supply))
                .mapToInt(a -> a.alone(supply))
                .max()
                .orElse(0);
    }

    /** Floors that can be kept; the others go to {@code letGo}, to be told, those most needed first. */
    List<Floor> keepable(List<Candidate> candidates, List<Floor> letGo) {
        List<Floor> kept = new ArrayList<>();
        LightKit light = new LightKit(catalogue, candidates, trip.limits());
        for (Floor ofSupplies : prescribed()) {
            Floor floor = withElsewhere(ofSupplies, candidates);
            if (possible(floor, candidates)) {
                kept.add(floor);
                light.take(floor);
            } else {
                letGo.add(floor);
            }
        }
        for (Asked one : asked) {
            Floor floor = withElsewhere(floor(one), candidates);
            if (possible(floor, candidates) && light.take(floor)) {
                kept.add(floor);
            } else if (!floor.candidates().isEmpty()) {
                letGo.add(floor);
            }
        }
        for (Floor floor : anyway(candidates)) {
            (light.take(floor) ? kept : letGo).add(floor);
        }
        for (Floor ofSupplies : pairs()) {
            Floor floor = withElsewhere(ofSupplies, candidates);
            double certain = floor.sum(i -> candidates.get(i).least());
            (possible(floor, candidates) || certain == 0 ? kept : letGo).add(floor);
        }
        return kept;
    }

    private static boolean possible(Floor floor, List<Candidate> candidates) {
        return floor.sum(i -> candidates.get(i).most()) >= floor.pieces() - 1e-9;
    }

    private Floor floor(Asked asked) {
        List<Integer> doing = new ArrayList<>();
        List<Double> each = new ArrayList<>();
        for (int i = 0; i < catalogue.supplies().size(); i++) {
            Supply supply = catalogue.supplies().get(i);
            if (asked.ofAny().contains(supply)) {
                doing.add(i);
                each.add(asked.each(supply));
            }
        }
        return new Floor(asked.reason(), asked.why(), doing, each, asked.uses(), false);
    }

    /** What rides elsewhere counts for a floor too. */
    private Floor withElsewhere(Floor floor, List<Candidate> candidates) {
        List<Integer> together = new ArrayList<>(floor.candidates());
        List<Double> each = new ArrayList<>(floor.each());
        for (int i = catalogue.supplies().size(); i < candidates.size(); i++) {
            String supply = candidates.get(i).id().substring(KitQuestion.ELSEWHERE.length());
            for (int c = 0; c < floor.candidates().size(); c++) {
                if (catalogue.supplies().get(floor.candidates().get(c)).id().equals(supply)) {
                    together.add(i);
                    each.add(floor.each().get(c));
                }
            }
        }
        return floor.over(together, each);
    }

    private List<Floor> prescribed() {
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
        return floors;
    }

    /** What serves nothing and comes all the same, unless somebody left it out. */
    private List<Floor> anyway(List<Candidate> candidates) {
        return IntStream.range(0, catalogue.supplies().size())
                .filter(i -> catalogue.supplies().get(i).comesAnyway()
                        && !excluded.contains(catalogue.supplies().get(i).id())
                        && candidates.get(i).most() > 0)
                .mapToObj(i -> new Floor(catalogue.supplies().get(i).name() + " comes anyway", List.of(i), 1, false))
                .toList();
    }

    private List<Floor> pairs() {
        Map<String, List<Integer>> together = new LinkedHashMap<>();
        for (int i = 0; i < catalogue.supplies().size(); i++) {
            Supply supply = catalogue.supplies().get(i);
            if (supply.fit().wholePack()) {
                together.put(supply.name(), List.of(i));
            } else if (supply.leastIfAny() > 0) {
                together.computeIfAbsent(madeFor(supply), m -> new ArrayList<>())
                        .add(i);
            }
        }
        List<Floor> floors = new ArrayList<>();
        together.forEach((what, supplies) -> floors.add(noneOr(what, supplies)));
        return floors;
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
        Supply first = catalogue.supplies().get(supplies.getFirst());
        if (first.fit().wholePack()) {
            int pack = first.purchase().piecesPerPack();
            return new Floor(
                    what + ": none or all " + pack + " " + first.piece() + " of the pack", supplies, pack, true);
        }
        int least = supplies.stream()
                .mapToInt(i -> catalogue.supplies().get(i).leastIfAny())
                .max()
                .orElseThrow();
        return new Floor(
                what + ": none or at least " + least + ", fewer may fail or not suffice", supplies, least, true);
    }
}
