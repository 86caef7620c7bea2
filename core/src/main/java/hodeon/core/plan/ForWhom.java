package hodeon.core.plan;

import hodeon.core.brief.Trip;
import hodeon.core.catalogue.Catalogue;
import hodeon.core.catalogue.Supply;
import hodeon.core.catalogue.Tag;
import hodeon.core.catalogue.Tier;
import hodeon.core.medication.Suitability;
import hodeon.core.party.Person;
import hodeon.core.plan.Backbone.Rib;
import hodeon.core.plan.Floors.Asked;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What counts for a rib of the backbone: what does it and is wrong for nobody. Where nothing is right for everybody, each has a share
 * of what is right for them, so that what is wrong for one is never the party's only one.
 *
 * <p>Worked example, a test: of two people one may not have paracetamol and the other no anti-inflammatory. Two doses for pain are then
 * one of each.
 */
public final class ForWhom {

    private final Trip trip;
    private final Catalogue catalogue;
    private final Suitability suitability;
    private final Map<String, Exclusion> exclusions;

    ForWhom(Trip trip, Catalogue catalogue, Suitability suitability, Map<String, Exclusion> exclusions) {
        this.trip = trip;
        this.catalogue = catalogue;
        this.suitability = suitability;
        this.exclusions = exclusions;
    }

    /** What a rib asks for: once, or once for each set of people who may have the same. */
    public List<Asked> asked(Rib rib) {
        int uses = rib.uses(trip);
        List<Supply> doing = doing(rib, rib.tier());
        List<Person> people = trip.party().people().stream()
                .filter(p -> rib.fits().isEmpty() || rib.fits().get().equals(Tag.of("size", p.size())))
                .toList();
        List<Supply> forAll = doing.stream()
                .filter(s -> people.stream().allMatch(p -> right(s, p)))
                .toList();
        if (people.isEmpty() || forAll.stream().anyMatch(this::mayCome)) {
            return List.of(
                    new Asked(reason(rib, "", uses), rib.why(), uses, rib.heads(), forAll.isEmpty() ? doing : forAll));
        }
        Map<List<Supply>, List<String>> bySet = new LinkedHashMap<>();
        for (Person person : people) {
            bySet.computeIfAbsent(rightFor(person, doing, rib), s -> new ArrayList<>())
                    .add(person.name());
        }
        List<Asked> asked = new ArrayList<>();
        bySet.forEach((supplies, names) -> {
            int share = Math.ceilDiv(uses * names.size(), people.size());
            asked.add(new Asked(
                    reason(rib, " that " + String.join(", ", names) + " may have", share),
                    rib.why(),
                    share,
                    rib.heads(),
                    supplies));
        });
        return asked;
    }

    /** What does it less well counts for whoever may have nothing that does it as well as the rib asks. */
    private List<Supply> rightFor(Person person, List<Supply> doing, Rib rib) {
        List<Supply> right = doing.stream().filter(s -> right(s, person)).toList();
        return !right.isEmpty()
                ? right
                : doing(rib, Tier.IMPROVISED).stream()
                        .filter(s -> right(s, person))
                        .toList();
    }

    private static String reason(Rib rib, String whose, int uses) {
        return rib.name() + whose + ": at least " + uses;
    }

    private boolean right(Supply supply, Person person) {
        return !suitability.contraindicated(supply.id()).containsKey(person.name());
    }

    /** What rides elsewhere is there, and what somebody left out could come. */
    private boolean mayCome(Supply supply) {
        Exclusion exclusion = exclusions.get(supply.id());
        return exclusion == null
                || exclusion instanceof Exclusion.RidesElsewhere
                || exclusion instanceof Exclusion.Banned;
    }

    private List<Supply> doing(Rib rib, Tier least) {
        return catalogue.supplies().stream()
                .filter(s -> rib.does().stream()
                        .flatMap(c -> Optional.ofNullable(s.serves().get(c)).stream())
                        .anyMatch(tier -> tier.effect() >= least.effect()))
                .filter(s -> rib.fits()
                        .map(size -> s.sizes().isEmpty() || s.sizes().contains(size))
                        .orElseGet(() -> KitQuestion.fitsHalf(s, trip)))
                .toList();
    }
}
