package hodeon.app.aid;

import hodeon.app.brief.form.StoredTrip;
import hodeon.app.kits.list.ListService;
import hodeon.app.kits.list.StoredList;
import hodeon.app.mat.MatService;
import hodeon.app.people.PartyPatients;
import hodeon.app.people.PartyPatients.Going;
import hodeon.app.people.Profile;
import hodeon.app.shell.Wording;
import hodeon.app.stock.StockService;
import hodeon.app.stock.ledger.Stock;
import hodeon.app.stock.place.Place;
import hodeon.core.catalogue.Supply;
import hodeon.core.catalogue.Tag;
import hodeon.core.party.Person;
import hodeon.core.party.RescueMedicine;
import hodeon.core.stock.Held;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The kit that is at hand: what lies in its place, or on a trip as it is planned while it lies nowhere. */
@Service
@Transactional(readOnly = true)
public class KitAtHand {

    /** Where what is only planned lies. */
    private static final String NOT_PACKED = "not packed yet";

    private final ListService lists;
    private final MatService mats;
    private final StockService stock;
    private final PartyPatients patients;

    KitAtHand(ListService lists, MatService mats, StockService stock, PartyPatients patients) {
        this.patients = patients;
        this.lists = lists;
        this.mats = mats;
        this.stock = stock;
    }

    /**
     * A supply that is at hand.
     *
     * @param pieces of it in the kit; 0 for rescue medicine that somebody carries
     * @param where names of the places it lies in, with the pieces if there are several; who carries it, and where
     */
    public record Lying(Supply supply, int pieces, String where) {}

    public Optional<Place> place(StoredTrip trip, Stock all) {
        return lists.ofTrip(trip.householdId(), trip.id()).flatMap(k -> k.place(all));
    }

    /** In catalogue order; behind it the rescue medicine that people of the party carry. */
    public List<Lying> of(StoredTrip trip) {
        Stock all = stock.of(trip.householdId());
        return Stream.concat(kit(trip, all).stream(), carried(trip, all).stream())
                .toList();
    }

    /** Whoever is prescribed something has it on them, whatever lies in the kit. */
    private List<Lying> carried(StoredTrip trip, Stock all) {
        List<Lying> carried = new ArrayList<>();
        List<Person> party = trip.trip().party().people();
        List<Going> going = patients.of(trip.householdId(), party);
        for (int i = 0; i < party.size(); i++) {
            Map<RescueMedicine, String> places =
                    going.get(i).profile().map(Profile::rescue).orElse(Map.of());
            Set<RescueMedicine> has = new LinkedHashSet<>(party.get(i).rescue());
            has.addAll(places.keySet());
            String name = party.get(i).name();
            has.forEach(medicine -> {
                String place = places.getOrDefault(medicine, "");
                all.supplies().values().stream()
                        .filter(s -> s.prescribed()
                                .filter(t -> t.value().equals(Tag.idOf(medicine)))
                                .isPresent())
                        .forEach(s -> carried.add(new Lying(
                                s,
                                0,
                                Wording.says(
                                        "kitAtHand.of",
                                        name,
                                        (place.isBlank() ? Wording.says("kitAtHand.onThem") : ", " + place)))));
            });
        }
        return carried;
    }

    private List<Lying> kit(StoredTrip trip, Stock all) {
        Optional<Place> place = place(trip, all);
        if (place.isPresent()) {
            return in(all, place.get().id());
        }
        Optional<StoredList> saved = lists.ofTrip(trip.householdId(), trip.id());
        return planned(all, saved.map(StoredList::pieces).orElseGet(() -> mats.onMat(trip.householdId(), trip)
                .pieces()));
    }

    private static List<Lying> planned(Stock all, Map<String, Integer> pieces) {
        return all.supplies().values().stream()
                .filter(s -> pieces.getOrDefault(s.id(), 0) > 0)
                .map(s -> new Lying(s, pieces.getOrDefault(s.id(), 0), NOT_PACKED))
                .toList();
    }

    /** What lies in a kit or a module. */
    public List<Lying> of(UUID household, UUID place) {
        return in(stock.at(household, place), place);
    }

    private static List<Lying> in(Stock all, UUID kit) {
        Map<String, Map<String, Integer>> bySupply = new LinkedHashMap<>();
        for (Held held : all.inKit(kit)) {
            bySupply.computeIfAbsent(held.lot().supply(), s -> new LinkedHashMap<>())
                    .merge(all.where(held.place(), held.lot().supply()), held.pieces(), Integer::sum);
        }
        return all.supplies().values().stream()
                .filter(s -> bySupply.containsKey(s.id()))
                .map(s -> lying(s, bySupply.getOrDefault(s.id(), Map.of())))
                .toList();
    }

    private static Lying lying(Supply supply, Map<String, Integer> byPlace) {
        return new Lying(
                supply,
                byPlace.values().stream().mapToInt(Integer::intValue).sum(),
                byPlace.size() == 1
                        ? byPlace.keySet().iterator().next()
                        : byPlace.entrySet().stream()
                                .map(e -> e.getKey() + " (" + e.getValue() + ")")
                                .collect(Collectors.joining(", ")));
    }
}
