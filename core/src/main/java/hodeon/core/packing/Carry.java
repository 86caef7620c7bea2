package hodeon.core.packing;

import hodeon.core.catalogue.Supply;
import hodeon.core.catalogue.Tag;
import hodeon.core.catalogue.Tier;
import hodeon.core.choice.Loads;
import hodeon.core.evidence.PlanningAssumption;
import hodeon.core.need.Drivers;
import hodeon.core.plan.Backbone;
import hodeon.core.plan.KitQuestion;
import hodeon.core.plan.NeededStep;
import java.time.Duration;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.TreeMap;

/**
 * Who carries what: each group of supplies is a module that stays together where it can, nobody is over their limit if that can be, loads
 * are even, and every group that may separate from the others keeps what guards life and what no kit goes without. One person alone is
 * one group, whatever they carry it in.
 *
 * @param carriers pieces by supply id for each carrier
 * @param tooFew what guards life but is there too few times for every group
 * @param single what no kit goes without, and only some of the groups can have
 * @param without what guards life and a group lacks because somebody gave it to another by hand
 * @param gap how far the loads may be from the best way, in grams
 */
public record Carry(
        List<Map<String, Integer>> carriers,
        List<String> tooFew,
        List<String> single,
        List<Without> without,
        double gap) {

    private static final Loads.Together TOGETHER =
            new Loads.Together(PlanningAssumption.TOGETHER_GRAMS.value(), PlanningAssumption.MODULE_GRAMS.value());

    /** Worth more than any evenness, and less than what guards a life. */
    private static final Loads.Together WHOLE = new Loads.Together(PlanningAssumption.TOGETHER_GRAMS.value(), 10_000);

    /** @param group carriers of the same number stay together @param most in grams */
    public record Carrier(int group, OptionalDouble most) {}

    /** Pieces that somebody gave to a carrier, by its number from 0. */
    public record Given(String supply, int carrier, int pieces) {}

    public record Without(String what, int group) {}

    /**
     * Throws {@link IllegalStateException} if nothing is found in that time.
     *
     * @param whole whether a module is split only where a group would lack what guards life
     */
    public static Carry of(
            KitQuestion question,
            Map<String, Integer> kit,
            List<Carrier> carriers,
            List<Given> given,
            boolean whole,
            Duration patience) {
        boolean alone = question.trip().party().size() == 1;
        List<Supply> supplies = question.catalogue().supplies().stream()
                .filter(s -> kit.getOrDefault(s.id(), 0) > 0)
                .toList();
        List<Loads.Item> items = supplies.stream()
                .map(s -> new Loads.Item(
                        s.id(),
                        s.mass().grams(),
                        kit.getOrDefault(s.id(), 0),
                        s.group().label()))
                .toList();
        List<Loads.Carrier> loaded = carriers.stream()
                .map(c -> new Loads.Carrier(alone ? 0 : c.group(), c.most().orElse(Double.POSITIVE_INFINITY)))
                .toList();
        List<Loads.Fixed> fixed = given.stream()
                .filter(g -> index(supplies, g.supply()) >= 0 && g.carrier() < carriers.size())
                .map(g -> new Loads.Fixed(index(supplies, g.supply()), g.carrier(), g.pieces()))
                .toList();
        List<Loads.Must> lives = lives(question, supplies);
        List<Loads.Must> backbone = backbone(question, supplies);
        Loads loads = new Loads(items, loaded, both(lives, backbone), fixed, whole ? WHOLE : TOGETHER);
        Loads.Shared shared = loads.share(patience);
        List<Map<String, Integer>> loadsOf = new ArrayList<>();
        for (List<Integer> pieces : shared.piecesByCarrier()) {
            Map<String, Integer> carried = new LinkedHashMap<>();
            for (int i = 0; i < supplies.size(); i++) {
                if (pieces.get(i) > 0) {
                    carried.put(supplies.get(i).id(), pieces.get(i));
                }
            }
            loadsOf.add(carried);
        }
        return new Carry(
                loadsOf,
                named(lives, shared.tooFew()),
                named(backbone, shared.tooFew()),
                without(loads, lives, shared),
                shared.gap());
    }

    private static int index(List<Supply> supplies, String id) {
        for (int i = 0; i < supplies.size(); i++) {
            if (supplies.get(i).id().equals(id)) {
                return i;
            }
        }
        return -1;
    }

    private static List<Loads.Must> both(List<Loads.Must> one, List<Loads.Must> other) {
        List<Loads.Must> both = new ArrayList<>(one);
        both.addAll(other);
        return both;
    }

    private static List<String> named(List<Loads.Must> musts, List<String> among) {
        return musts.stream()
                .map(Loads.Must::reason)
                .filter(among::contains)
                .distinct()
                .toList();
    }

    private static List<Without> without(Loads loads, List<Loads.Must> musts, Loads.Shared shared) {
        List<Without> without = new ArrayList<>();
        List<Integer> groups =
                loads.carriers().stream().map(Loads.Carrier::group).distinct().toList();
        for (Loads.Must must : musts) {
            if (shared.tooFew().contains(must.reason())) {
                continue;
            }
            for (int group : groups) {
                int there = 0;
                for (int c = 0; c < loads.carriers().size(); c++) {
                    if (loads.carriers().get(c).group() == group) {
                        List<Integer> carried = shared.piecesByCarrier().get(c);
                        there += must.items().stream().mapToInt(carried::get).sum();
                    }
                }
                if (there == 0) {
                    without.add(new Without(must.reason(), group));
                }
            }
        }
        return without;
    }

    /** What decides a threat to life and is in the kit at all. */
    private static List<Loads.Must> lives(KitQuestion question, List<Supply> supplies) {
        Map<String, Loads.Must> byCapability = new TreeMap<>();
        for (NeededStep step : question.steps()) {
            if (step.decidesALife()) {
                String capability = step.capability().id();
                List<Integer> able = able(supplies, Set.of(capability), Tier.GOOD);
                if (!able.isEmpty()) {
                    byCapability.put(
                            capability, new Loads.Must(step.capability().name(), able));
                }
            }
        }
        return List.copyOf(byCapability.values());
    }

    /** What every group must be able to do whatever the odds say, as far as the kit can do it. */
    private static List<Loads.Must> backbone(KitQuestion question, List<Supply> supplies) {
        Set<Tag> here = Drivers.whereabouts(question.trip());
        return Backbone.shipped().ribs().stream()
                .filter(rib -> rib.holds(here) && rib.uses(question.trip()) > 0)
                .map(rib -> new Loads.Must(rib.name(), able(supplies, rib.does(), rib.tier())))
                .filter(must -> !must.items().isEmpty())
                .toList();
    }

    private static List<Integer> able(List<Supply> supplies, Set<String> does, Tier least) {
        List<Integer> able = new ArrayList<>();
        for (int i = 0; i < supplies.size(); i++) {
            Map<String, Tier> serves = supplies.get(i).serves();
            if (does.stream()
                    .anyMatch(c -> serves.containsKey(c) && serves.get(c).compareTo(least) <= 0)) {
                able.add(i);
            }
        }
        return able;
    }
}
