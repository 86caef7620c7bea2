package hodeon.core.plan;

import hodeon.core.brief.Passage;
import hodeon.core.brief.Trip;
import hodeon.core.catalogue.Capability;
import hodeon.core.catalogue.Catalogue;
import hodeon.core.catalogue.Crossing;
import hodeon.core.catalogue.Fit;
import hodeon.core.catalogue.Supply;
import hodeon.core.catalogue.Tag;
import hodeon.core.catalogue.Tier;
import hodeon.core.medication.Suitability;
import hodeon.core.medication.finding.WhyNot;
import hodeon.core.need.Drivers;
import hodeon.core.party.Party;
import hodeon.core.party.Person;
import hodeon.core.party.RescueMedicine;
import hodeon.core.party.Training;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Decides which supplies stay out for a party. A supply with an allergen stays out only where something without any of
 * the party's allergens does each of its asked-for works well; otherwise it stays, with a caution for the person.
 */
final class Exclusions {

    private final Catalogue catalogue;
    private final Party party;
    private final Trip trip;
    private final Suitability suitability;
    private final Set<String> asked;
    private final Map<String, Double> seldom;
    private final Set<Tag> whereabouts;

    /**
     * @param asked ids of the capabilities this trip asks for
     * @param seldom those of them that are too seldom needed to be planned for, with the chance of it
     */
    Exclusions(Catalogue catalogue, Trip trip, Suitability suitability, Set<String> asked, Map<String, Double> seldom) {
        this.catalogue = catalogue;
        this.suitability = suitability;
        this.trip = trip;
        this.party = trip.party();
        this.asked = asked;
        this.seldom = seldom;
        this.whereabouts = Drivers.whereabouts(trip);
    }

    /** Reasons by supply id, in catalogue order; supplies that may come are missing. */
    Map<String, Exclusion> byParty() {
        Map<String, Exclusion> reasons = new LinkedHashMap<>();
        for (Supply supply : catalogue.supplies()) {
            Stream.of(
                            superseded(supply),
                            notNeeded(supply),
                            aboveTraining(supply),
                            notPrescribed(supply),
                            contraindicated(supply),
                            forNobody(supply),
                            wrongSize(supply),
                            onTheWay(supply),
                            outOfPlace(supply),
                            tooRare(supply))
                    .flatMap(Optional::stream)
                    .findFirst()
                    .ifPresent(reason -> reasons.put(supply.id(), reason));
        }
        List<Supply> harmless = catalogue.supplies().stream()
                .filter(s -> !reasons.containsKey(s.id()) && allergens(s).isEmpty())
                .toList();
        for (Supply supply : catalogue.supplies()) {
            if (!reasons.containsKey(supply.id()) && !allergens(supply).isEmpty() && replaceable(supply, harmless)) {
                Tag substance = allergens(supply).getFirst();
                reasons.put(supply.id(), new Exclusion.Allergen(substance, allergic(substance)));
            }
        }
        for (Supply supply : catalogue.supplies()) {
            supply.fit()
                    .onRequest()
                    .filter(why -> !(why.equals(Fit.COMFORT) && trip.means().comfort()))
                    .ifPresent(why -> reasons.putIfAbsent(supply.id(), new Exclusion.OnRequest(why)));
        }
        return reasons;
    }

    /** People of the party it is prescribed to. */
    static int prescriptions(Supply supply, Party party) {
        return supply.prescribed()
                .map(tag -> Stream.of(RescueMedicine.values())
                        .filter(m -> Tag.idOf(m).equals(tag.value()))
                        .mapToInt(m -> party.prescribed(m).size())
                        .sum())
                .orElse(0);
    }

    private Optional<Exclusion> notNeeded(Supply supply) {
        boolean prescribed = prescriptions(supply, party) > 0;
        return !prescribed
                        && !supply.comesAnyway()
                        && supply.serves().keySet().stream().noneMatch(asked::contains)
                ? Optional.of(new Exclusion.NotNeeded())
                : Optional.empty();
    }

    /** Judged by what a supply does well, or by what it does at all if it does nothing well. */
    private Optional<Exclusion> tooRare(Supply supply) {
        List<String> does =
                supply.serves().keySet().stream().filter(asked::contains).toList();
        List<String> well = does.stream()
                .filter(c -> supply.serves().get(c) != Tier.IMPROVISED)
                .toList();
        List<String> judged = well.isEmpty() ? does : well;
        return judged.isEmpty() || !seldom.keySet().containsAll(judged)
                ? Optional.empty()
                : Optional.of(new Exclusion.TooRare(
                        judged.stream().mapToDouble(seldom::get).max().orElse(0)));
    }

    private Optional<Exclusion> aboveTraining(Supply supply) {
        Training needed = Stream.of(Training.values())
                .filter(t -> Tag.idOf(t).equals(supply.training().value()))
                .findFirst()
                .orElseThrow();
        return needed.compareTo(party.training()) > 0
                ? Optional.of(new Exclusion.AboveTraining(needed, party.training()))
                : Optional.empty();
    }

    private Optional<Exclusion> notPrescribed(Supply supply) {
        return supply.prescribed().isPresent() && prescriptions(supply, party) == 0
                ? Optional.of(new Exclusion.NotPrescribed())
                : Optional.empty();
    }

    private Optional<Exclusion> contraindicated(Supply supply) {
        Map<String, WhyNot> people = suitability.contraindicated(supply.id());
        boolean everybody = party.people().stream().allMatch(p -> people.containsKey(p.name()));
        return everybody ? Optional.of(new Exclusion.Contraindicated(people)) : Optional.empty();
    }

    private Optional<Exclusion> forNobody(Supply supply) {
        Map<String, List<Tag>> people = Contraindications.notFor(supply, party);
        boolean everybody = party.people().stream().allMatch(p -> people.containsKey(p.name()));
        return everybody
                ? Optional.of(new Exclusion.ForNobody(people.values().stream()
                        .flatMap(List::stream)
                        .distinct()
                        .sorted()
                        .toList()))
                : Optional.empty();
    }

    private static Optional<Exclusion> superseded(Supply supply) {
        return supply.superseded() ? Optional.of(new Exclusion.Superseded()) : Optional.empty();
    }

    private Optional<Exclusion> outOfPlace(Supply supply) {
        if (prescriptions(supply, party) > 0) {
            return Optional.empty();
        }
        return supply.fit().belongs(whereabouts)
                ? Optional.empty()
                : Optional.of(new Exclusion.OutOfPlace(supply.fit().notWhere().stream()
                        .filter(whereabouts::contains)
                        .collect(Collectors.toUnmodifiableSet())));
    }

    private Optional<Exclusion> wrongSize(Supply supply) {
        return party.people().stream().noneMatch(p -> Contraindications.fits(supply, p))
                ? Optional.of(new Exclusion.WrongSize(supply.sizes()))
                : Optional.empty();
    }

    private Optional<Exclusion> onTheWay(Supply supply) {
        if (trip.passage().contains(Passage.BORDER) && supply.crossing().border() == Crossing.Border.RESTRICTED) {
            return Optional.of(new Exclusion.AtBorder());
        }
        return trip.passage().contains(Passage.CABIN) && supply.crossing().cabin() == Crossing.Cabin.HOLD
                ? Optional.of(new Exclusion.InCabin())
                : Optional.empty();
    }

    private List<Tag> allergens(Supply supply) {
        return supply.contains().stream()
                .filter(t -> !allergic(t).isEmpty())
                .sorted()
                .toList();
    }

    private List<String> allergic(Tag substance) {
        return party.people().stream()
                .filter(p -> Drivers.of(p).contains(substance))
                .map(Person::name)
                .collect(Collectors.toCollection(ArrayList::new));
    }

    private boolean replaceable(Supply supply, List<Supply> harmless) {
        return catalogue.capabilities().stream()
                .map(Capability::id)
                .filter(c -> supply.serves().containsKey(c) && asked.contains(c))
                .filter(c -> supply.serves().get(c) != Tier.IMPROVISED)
                .allMatch(c -> harmless.stream()
                        .anyMatch(s -> s.serves().getOrDefault(c, Tier.IMPROVISED) != Tier.IMPROVISED));
    }
}
