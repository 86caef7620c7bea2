package hodeon.core.plan.tradeoff;

import hodeon.core.catalogue.Capability;
import hodeon.core.catalogue.Importance;
import hodeon.core.catalogue.Supply;
import hodeon.core.catalogue.Tier;
import hodeon.core.choice.Candidate;
import hodeon.core.choice.Choice;
import hodeon.core.choice.Choice.Burden;
import hodeon.core.choice.Choice.Floor;
import hodeon.core.choice.Optimiser;
import hodeon.core.choice.Solution;
import hodeon.core.evidence.PlanningAssumption;
import hodeon.core.need.Distribution;
import hodeon.core.need.PiecesPerEvent;
import hodeon.core.plan.Backbone;
import hodeon.core.plan.Exclusion;
import hodeon.core.plan.Floors.Asked;
import hodeon.core.plan.KitQuestion;
import hodeon.core.plan.NeededStep;
import hodeon.core.plan.Planner;
import hodeon.core.plan.Scope;
import hodeon.core.units.Mass;
import java.time.Duration;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;

/**
 * The smallest module that does everything that matters about some problems: for each capability that a critical or helpful step of
 * them asks for, uses enough for nine events of ten and nine trips of ten, from things that do it well where any may come, and for the
 * critical steps of grave problems from those made for it where they are not far heavier. What a whole kit does once, such as calling,
 * is no part of it. It weighs least of all that do; each kind counts as much as {@link PlanningAssumption#GRAMS_OF_A_KIND} besides, and what
 * rides elsewhere weighs nothing.
 *
 * <p>Worked example, a test: for a tick attached, something that takes it off, a pouch for it and a wipe: three kinds, under 30 g.
 *
 * @param pieces by supply id, in catalogue order
 * @param needs what it is able to do, in the order of doing
 * @param lacking what nothing that may come does
 */
public record SmallestModule(Map<String, Integer> pieces, Mass mass, List<Need> needs, List<Capability> lacking) {

    /** One kind less is worth so much of weight to whoever must find and check it. */
    static final double GRAMS_OF_A_KIND = PlanningAssumption.GRAMS_OF_A_KIND.value();

    private static final double NINE_OF_TEN = PlanningAssumption.SUFFICIENT_TRIPS.value();
    private static final double EXACTLY = 1e-9;
    private static final int GRAVE = PlanningAssumption.GRAVE_SEVERITY.whole();
    private static final double FAR_HEAVIER = PlanningAssumption.FAR_HEAVIER.value();

    /**
     * Something the module is able to do.
     *
     * @param uses at least so many
     * @param by ids of what does it, in catalogue order
     */
    public record Need(Capability capability, int uses, List<String> by) {}

    /** Empty where what is asked for needs something beside it that may not come. */
    public static Optional<SmallestModule> of(KitQuestion question, Scope scope, Duration patience) {
        Map<Capability, Integer> uses = uses(question, scope);
        List<Capability> lacking = new ArrayList<>();
        List<Floor> floors = new ArrayList<>(
                question.choice().floors().stream().filter(Floor::orNone).toList());
        Map<Capability, Tier> tiers = new LinkedHashMap<>();
        int[] most = new int[question.choice().candidates().size()];
        uses.forEach((capability, least) -> {
            Optional<Tier> tier = tier(question, capability, isGrave(question, scope, capability));
            if (tier.isEmpty()) {
                lacking.add(capability);
                return;
            }
            tiers.put(capability, tier.get());
            for (Asked asked : question.forWhom().asked(Backbone.Rib.of(capability, least, tier.get()))) {
                floors.add(floor(question, asked, most));
            }
        });
        Choice choice = covering(question, floors, most);
        return new Optimiser(choice).prove(EXACTLY, patience) instanceof Solution.Found found
                ? Optional.of(of(question, new Planner(question).contents(found.quantities()), uses, tiers, lacking))
                : Optional.empty();
    }

    private static SmallestModule of(
            KitQuestion question,
            Map<String, Integer> pieces,
            Map<Capability, Integer> uses,
            Map<Capability, Tier> tiers,
            List<Capability> lacking) {
        Mass mass = Mass.ZERO;
        for (Supply supply : question.catalogue().supplies()) {
            mass = mass.plus(supply.mass().times(pieces.getOrDefault(supply.id(), 0)));
        }
        List<Need> needs = new ArrayList<>();
        tiers.forEach((capability, tier) -> needs.add(new Need(
                capability,
                uses.getOrDefault(capability, 1),
                question.catalogue().supplies().stream()
                        .filter(s -> pieces.containsKey(s.id()) && does(s, capability, tier))
                        .map(Supply::id)
                        .toList())));
        return new SmallestModule(pieces, mass, List.copyOf(needs), List.copyOf(lacking));
    }

    /** Uses of each capability in the scope, in the order of doing. */
    private static Map<Capability, Integer> uses(KitQuestion question, Scope scope) {
        Map<Capability, Integer> uses = new LinkedHashMap<>();
        Map<Capability, Distribution> onTrip = new LinkedHashMap<>();
        for (NeededStep needed : question.steps()) {
            Capability capability = needed.step().capability();
            boolean asked = scope.problems().contains(needed.problem().problem().id())
                    && needed.step().step().importance() != Importance.NICE
                    && (!capability.ofTheKit() || isFirst(needed));
            if (asked || scope.capabilities().contains(capability.id())) {
                Distribution one = PiecesPerEvent.untilHelp(
                        needed.step().step(), question.trip().hoursToCare());
                uses.merge(capability, Math.max(1, one.suffices(NINE_OF_TEN)), Math::max);
                onTrip.merge(capability, needed.step().onTrip(), Distribution::plus);
            }
        }
        onTrip.forEach((capability, all) -> uses.merge(capability, all.suffices(NINE_OF_TEN), Math::max));
        return uses;
    }

    /** Whether it is the first critical thing to do about its problem. */
    private static boolean isFirst(NeededStep needed) {
        return needed.problem().steps().stream()
                .filter(s -> s.step().importance() == Importance.CRITICAL)
                .findFirst()
                .filter(s -> s.capability().equals(needed.step().capability()))
                .isPresent();
    }

    /** Where life or limb hangs on it, the thing made for it. */
    private static boolean isGrave(KitQuestion question, Scope scope, Capability capability) {
        return question.steps().stream()
                .anyMatch(n -> n.step().capability().equals(capability)
                        && n.step().step().importance() == Importance.CRITICAL
                        && n.problem().problem().severity() >= GRAVE
                        && scope.problems().contains(n.problem().problem().id()));
    }

    /** Done well, if anything that may come does it well; of what is grave by what is made for it, unless that is far heavier. */
    private static Optional<Tier> tier(KitQuestion question, Capability capability, boolean grave) {
        OptionalDouble made = lightest(question, capability, Tier.MADE);
        OptionalDouble good = lightest(question, capability, Tier.GOOD);
        if (grave && made.isPresent() && made.getAsDouble() <= FAR_HEAVIER * good.orElse(made.getAsDouble())) {
            return Optional.of(Tier.MADE);
        }
        return good.isPresent()
                ? Optional.of(Tier.GOOD)
                : lightest(question, capability, Tier.IMPROVISED).isPresent()
                        ? Optional.of(Tier.IMPROVISED)
                        : Optional.empty();
    }

    /** Grams of the lightest piece that may come and does it at least so well. */
    private static OptionalDouble lightest(KitQuestion question, Capability capability, Tier least) {
        return question.catalogue().supplies().stream()
                .filter(s -> mayCome(question, s) && does(s, capability, least))
                .mapToDouble(s -> s.mass().grams())
                .min();
    }

    private static boolean mayCome(KitQuestion question, Supply supply) {
        Exclusion exclusion = question.exclusions().get(supply.id());
        return exclusion == null || exclusion instanceof Exclusion.RidesElsewhere;
    }

    private static boolean does(Supply supply, Capability capability, Tier least) {
        Tier tier = supply.serves().get(capability.id());
        return tier != null && tier.effect() >= least.effect();
    }

    /** The floor, and so many pieces allowed of each that counts for it. */
    private static Floor floor(KitQuestion question, Asked asked, int[] most) {
        List<Integer> doing = new ArrayList<>();
        List<Double> each = new ArrayList<>();
        for (int i = 0; i < most.length; i++) {
            Supply supply = question.supply(i);
            if (asked.ofAny().contains(supply) && mayCome(question, supply)) {
                doing.add(i);
                each.add(asked.each(supply));
                most[i] = Math.max(most[i], supply.servesAll() ? 1 : supply.piecesFor(asked.uses()));
            }
        }
        return new Floor(asked.reason(), doing, each, asked.uses(), false);
    }

    /** Everything that counts may come; what it needs beside it may too. */
    private static Choice covering(KitQuestion question, List<Floor> floors, int[] most) {
        List<Candidate> candidates = new ArrayList<>();
        List<Double> grams = new ArrayList<>();
        List<Double> perKind = new ArrayList<>();
        int supplies = question.catalogue().supplies().size();
        for (int i = 0; i < most.length; i++) {
            Candidate candidate = question.choice().candidates().get(i);
            boolean elsewhere = i >= supplies;
            int atMost = elsewhere
                    ? candidate.most()
                    : mayCome(question, question.supply(i)) ? Math.max(candidate.most(), most[i]) : 0;
            candidates.add(new Candidate(
                    candidate.id(),
                    elsewhere ? candidate.least() : 0,
                    question.exclusions().containsKey(candidate.id()) ? 0 : atMost,
                    candidate.usesPerPiece(),
                    candidate.durable(),
                    List.of()));
            grams.add(elsewhere ? 0 : question.supply(i).mass().grams());
            perKind.add(elsewhere ? 0 : GRAMS_OF_A_KIND);
        }
        return new Choice(
                candidates,
                List.of(),
                floors,
                List.of(),
                OptionalInt.empty(),
                new Burden(grams, perKind),
                question.choice().needs(),
                question.choice().alternatives());
    }
}
