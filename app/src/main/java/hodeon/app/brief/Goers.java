package hodeon.app.brief;

import hodeon.app.brief.form.People;
import hodeon.app.people.OnTripsOnly;
import hodeon.app.people.PeopleService;
import hodeon.app.shell.Wording;
import hodeon.app.storage.seal.Seal;
import hodeon.core.party.Person;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Who goes along, by id: somebody of the household, or somebody who is typed on trips only and has an id all the same. */
@Component
@Transactional
class Goers implements OnTripsOnly {

    private final TripRepository trips;
    private final PeopleService people;

    Goers(TripRepository trips, PeopleService people) {
        this.trips = trips;
        this.people = people;
    }

    /**
     * What was typed, with everybody's id. A name of the household's people is that person, whoever stood in the row before, since
     * nobody may be dosed by somebody else's mass; so it is with whoever of the trips goes by that name. Another name in the row of
     * somebody who goes on this trip alone is theirs; over the name of somebody of other trips too, it is somebody new.
     */
    List<People> known(UUID household, UUID trip, List<People> typed) {
        Map<UUID, String> written = names(household);
        List<UUID> locked = people.unreadable(household);
        List<TripRow> rows = rows(household);
        Map<UUID, String> onTrips = new LinkedHashMap<>();
        of(rows, written.keySet(), locked).forEach(s -> onTrips.put(s.id(), s.name()));
        Set<UUID> elsewhere = rows.stream()
                .filter(r -> !r.id.equals(trip))
                .flatMap(r -> r.people.stream().map(PersonRow::id))
                .collect(Collectors.toSet());
        Set<UUID> taken = new HashSet<>();
        List<People> known = new ArrayList<>();
        for (People row : typed) {
            Person person = row.person();
            UUID id = called(written, person.name())
                    .or(() -> Optional.of(person.id()).filter(locked::contains))
                    .or(() -> called(onTrips, person.name()))
                    .or(() -> Optional.of(person.id()).filter(i -> onTrips.containsKey(i) && !elsewhere.contains(i)))
                    .filter(taken::add)
                    .orElseGet(UUID::randomUUID);
            known.add(new People(person.as(id), row.alike()));
        }
        return known;
    }

    private static Optional<UUID> called(Map<UUID, String> names, String name) {
        return names.entrySet().stream()
                .filter(known -> known.getValue().equalsIgnoreCase(name))
                .map(Map.Entry::getKey)
                .findFirst();
    }

    private Map<UUID, String> names(UUID household) {
        return people.all(household).stream().collect(Collectors.toMap(PeopleService.Known::id, k -> k.profile()
                .name()));
    }

    /** All trips, also those in the bin; the latest first. */
    private List<TripRow> rows(UUID household) {
        return Stream.concat(trips.withPeople(household).stream(), trips.binned(household).stream())
                .toList();
    }

    @Override
    @Transactional(readOnly = true)
    public List<Somebody> of(UUID household) {
        return of(rows(household), names(household).keySet(), people.unreadable(household));
    }

    /** Whoever is written down and cannot be read is no stranger, nor is a name that cannot be read anybody's. */
    private static List<Somebody> of(List<TripRow> rows, Set<UUID> written, List<UUID> locked) {
        Map<UUID, Somebody> found = new LinkedHashMap<>();
        for (TripRow trip : rows) {
            String called = trip.deletedAt == null ? trip.name : Wording.says("goers.inTheBin", trip.name);
            for (PersonRow row : trip.people) {
                if (row.personId != null
                        && !written.contains(row.personId)
                        && !locked.contains(row.personId)
                        && !row.name.equals(Seal.UNREADABLE)) {
                    found.merge(row.personId, new Somebody(row.personId, row.name, List.of(called)), Somebody::and);
                }
            }
        }
        return List.copyOf(found.values());
    }

    /** Who is called otherwise now is so on every trip. */
    @EventListener
    void named(PeopleService.Named now) {
        for (TripRow trip : rows(now.householdId())) {
            for (PersonRow row : trip.people) {
                if (row.id().equals(now.personId())) {
                    row.name = now.name();
                }
            }
        }
    }

    /** Who was erased goes along in past, coming and binned trips without a name; age and mass stay, for the odds. */
    @EventListener
    void erased(PeopleService.Erased gone) {
        for (TripRow row : rows(gone.householdId())) {
            for (int i = 0; i < row.people.size(); i++) {
                PersonRow person = row.people.get(i);
                if (person.id().equals(gone.personId())
                        || person.knownByNameOnly() && person.name.equalsIgnoreCase(gone.name())) {
                    row.people.set(i, person.nameless(Wording.says("goers.somebody", i + 1)));
                }
            }
        }
    }
}
