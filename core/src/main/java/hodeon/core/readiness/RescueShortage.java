package hodeon.core.readiness;

import hodeon.core.catalogue.Supply;
import hodeon.core.catalogue.Tag;
import hodeon.core.party.Person;
import hodeon.core.party.RescueMedicine;
import hodeon.core.stock.Held;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * Rescue medicine prescribed to people of a party of which a kit holds too little in date. It is never bought: whoever prescribed it
 * does so again.
 *
 * <p>Worked example, a test: two people carry auto-injectors, two each, and three lie in the kit in date: one is missing.
 *
 * @param people whose it is, in the order of the party
 * @param supplies ids of what holds it
 * @param wanted pieces for all of them
 * @param there pieces that outlast the return day and the margin
 */
public record RescueShortage(
        RescueMedicine medicine, List<String> people, Set<String> supplies, int wanted, int there) {

    public int missing() {
        return wanted - there;
    }

    /**
     * Empty when everybody's is there.
     *
     * @param known supplies of the catalogue
     * @param back the return day
     */
    public static List<RescueShortage> of(
            List<Person> party, Collection<Supply> known, List<Held> held, LocalDate back, int marginDays) {
        Map<RescueMedicine, List<String>> needed = new EnumMap<>(RescueMedicine.class);
        party.forEach(person -> person.rescue()
                .forEach(m -> needed.computeIfAbsent(m, r -> new ArrayList<>()).add(person.name())));
        List<RescueShortage> found = new ArrayList<>();
        needed.forEach((medicine, people) -> {
            List<Supply> holding = known.stream()
                    .filter(s -> s.prescribed()
                            .filter(t -> t.value().equals(Tag.idOf(medicine)))
                            .isPresent())
                    .toList();
            Set<String> ids = holding.stream().map(Supply::id).collect(Collectors.toSet());
            int wanted = people.size()
                    * holding.stream().mapToInt(Supply::each).max().orElse(1);
            int there = held.stream()
                    .filter(h -> ids.contains(h.lot().supply()) && h.outlasts(back, marginDays))
                    .mapToInt(Held::pieces)
                    .sum();
            if (there < wanted) {
                found.add(new RescueShortage(medicine, people, ids, wanted, there));
            }
        });
        return found;
    }
}
