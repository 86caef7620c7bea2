package hodeon.core.plan.tradeoff;

import hodeon.core.catalogue.AtHand;
import hodeon.core.catalogue.Capability;
import hodeon.core.catalogue.Supply;
import hodeon.core.catalogue.Tag;
import hodeon.core.evidence.PlanningAssumption;
import hodeon.core.need.Drivers;
import hodeon.core.need.PooledNeed;
import hodeon.core.party.Training;
import hodeon.core.plan.Backbone;
import hodeon.core.plan.Backbone.Rib;
import hodeon.core.plan.Exclusion;
import hodeon.core.plan.KitQuestion;
import hodeon.core.plan.NeededStep;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;

/**
 * What a leader would ask about and not find in a kit, and why it stays out.
 *
 * @param capability that nothing in the kit does; its {@link Capability#askedAbout()} is there
 * @param chance that the trip needs it, 0 to 1
 */
public record Absence(Capability capability, double chance, Because because) {

    /** What is asked for on fewer trips nobody asks about. */
    private static final double LEAST_CHANCE = PlanningAssumption.ASKED_ABOUT_CHANCE.value();

    /** Why a thing stays out. */
    public sealed interface Because {

        /** Something else does it without any kit. */
        record SomethingElse(AtHand atHand) implements Because {}

        /** Nobody here may use what does it. */
        record Untrained(Training needed) implements Because {}

        /** @param why as a leader would say it */
        record NothingAsksForIt(String why) implements Because {}

        /** @param tags of place and travel, each of which is enough, in their order */
        record OfThePlace(Set<Tag> tags) implements Because {}

        /** It is prescribed to nobody who comes along. */
        record NotPrescribed() implements Because {}

        /** It would not earn its grams and its place. */
        record TooSeldom() implements Because {}
    }

    /** Everything that is asked about, may be needed and is missing, in the order of the capabilities; what a limit cut off is told elsewhere. */
    public static List<Absence> of(KitQuestion question, Map<String, Integer> kit) {
        Set<Tag> here = Drivers.whereabouts(question.trip());
        List<Absence> absences = new ArrayList<>();
        for (Capability capability : question.catalogue().capabilities()) {
            if (capability.askedAbout().isPresent() && !isDone(question, kit, capability)) {
                because(question, capability, here)
                        .map(because -> new Absence(capability, chance(question, capability), because))
                        .filter(a -> a.because() instanceof Because.SomethingElse || a.chance() >= LEAST_CHANCE)
                        .ifPresent(absences::add);
            }
        }
        return List.copyOf(absences);
    }

    private static boolean isDone(KitQuestion question, Map<String, Integer> kit, Capability capability) {
        int[] quantities = question.quantities(kit);
        for (int i = 0; i < quantities.length; i++) {
            if (quantities[i] > 0 && question.supply(i).serves().containsKey(capability.id())) {
                return true;
            }
        }
        return false;
    }

    /** Empty where it stays out for want of room. */
    private static Optional<Because> because(KitQuestion question, Capability capability, Set<Tag> here) {
        Optional<AtHand> atHand = capability.atHand(here);
        if (capability.needless(here)) {
            return atHand.map(Because.SomethingElse::new);
        }
        List<Supply> doing = question.catalogue().supplies().stream()
                .filter(s -> PooledNeed.doesWell(s).contains(capability.id()))
                .toList();
        List<Exclusion> exclusions = doing.stream()
                .flatMap(s -> Optional.ofNullable(question.exclusions().get(s.id())).stream())
                .toList();
        if (!doing.isEmpty() && doing.stream().allMatch(s -> s.prescribed().isPresent())) {
            return Optional.of(new Because.NotPrescribed());
        }
        List<Rib> ribs = Backbone.shipped().ribs().stream()
                .filter(rib -> rib.does().contains(capability.id()))
                .toList();
        if (ribs.stream().anyMatch(rib -> rib.holds(here) && rib.uses(question.trip()) > 0)) {
            return untrained(exclusions, doing);
        }
        return Optional.of(ribs.stream()
                .flatMap(rib -> ofRib(rib, here).stream())
                .findFirst()
                .or(() -> untrained(exclusions, doing))
                .or(() -> atHand.map(Because.SomethingElse::new))
                .orElseGet(Because.TooSeldom::new));
    }

    private static Optional<Because> ofRib(Rib rib, Set<Tag> here) {
        Set<Tag> held = new TreeSet<>(rib.notWhere());
        held.retainAll(here);
        if (!held.isEmpty()) {
            return Optional.of(new Because.OfThePlace(held));
        }
        return rib.elseBecause().isEmpty()
                ? Optional.empty()
                : Optional.of(new Because.NothingAsksForIt(rib.elseBecause()));
    }

    private static Optional<Because> untrained(List<Exclusion> exclusions, List<Supply> doing) {
        if (doing.isEmpty() || exclusions.size() < doing.size()) {
            return Optional.empty();
        }
        return exclusions.stream()
                .flatMap(e -> e instanceof Exclusion.AboveTraining(Training needed, Training partyHas)
                        ? Optional.of(needed).stream()
                        : Optional.<Training>empty().stream())
                .min(Comparator.naturalOrder())
                .map(Because.Untrained::new);
    }

    private static double chance(KitQuestion question, Capability capability) {
        double never = 1;
        for (NeededStep needed : question.steps()) {
            if (needed.step().capability().equals(capability)) {
                never *= 1 - needed.step().onTrip().atLeast(1);
            }
        }
        return 1 - never;
    }
}
