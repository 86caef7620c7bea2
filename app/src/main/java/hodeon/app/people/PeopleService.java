package hodeon.app.people;

import hodeon.app.shell.NotHere;
import hodeon.app.storage.RestoredRoom;
import hodeon.core.medication.formulary.FormularyReader;
import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** A household's people. Whoever shows one of them says so with {@link #seen}. */
@Service
@Transactional
public class PeopleService implements RestoredRoom {

    static final int MOST_PEOPLE = 200;

    private final PeopleRepository people;
    private final ViewRepository views;
    private final ApplicationEventPublisher events;
    private final Clock clock;
    private final JsonMapper json =
            JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();

    PeopleService(PeopleRepository people, ViewRepository views, ApplicationEventPublisher events, Clock clock) {
        this.people = people;
        this.views = views;
        this.events = events;
        this.clock = clock;
    }

    /** Somebody as they are kept. */
    public record Known(UUID id, long version, Profile profile) {}

    /** Who looked at what of somebody, and when. */
    public record Seen(String by, String what, LocalDateTime at) {}

    /** Told when somebody is called otherwise than before. */
    public record Named(UUID householdId, UUID personId, String name) {}

    /** Told before somebody's data go, so that other rooms let theirs go too. */
    public record Erased(UUID householdId, UUID personId, String name) {}

    /** Somebody else saved a newer version meanwhile. */
    public static final class ChangedMeanwhile extends RuntimeException {

        private static final long serialVersionUID = 1;
    }

    /** By name, dogs last. */
    @Transactional(readOnly = true)
    public List<Known> all(UUID household) {
        return people.findByHouseholdId(household).stream()
                .flatMap(row -> readable(row).stream())
                .sorted(Comparator.comparing((Known k) -> k.profile().dog())
                        .thenComparing(k -> k.profile().name(), String.CASE_INSENSITIVE_ORDER))
                .toList();
    }

    @Transactional(readOnly = true)
    public Known find(UUID household, UUID id) {
        return known(row(household, id));
    }

    /** Empty for somebody who is not written down. */
    @Transactional(readOnly = true)
    public Optional<Known> maybe(UUID household, UUID id) {
        return people.findByIdAndHouseholdId(id, household).flatMap(this::readable);
    }

    @Transactional(readOnly = true)
    public Optional<Known> named(UUID household, String name) {
        return all(household).stream()
                .filter(k -> k.profile().name().equalsIgnoreCase(name.strip()))
                .findFirst();
    }

    public UUID add(UUID household, Profile profile) {
        return add(household, UUID.randomUUID(), profile);
    }

    /** @param id by which trips and logs know them already */
    public UUID add(UUID household, UUID id, Profile profile) {
        PersonProfileRow row = new PersonProfileRow();
        row.id = id;
        row.householdId = household;
        row.profile = json.writeValueAsString(profile);
        return people.save(row).id;
    }

    /** Saves over the version that was opened; throws {@link ChangedMeanwhile} if there is a newer one. */
    public void change(UUID household, UUID id, long openedVersion, Profile profile) {
        PersonProfileRow row = row(household, id);
        if (!Objects.equals(row.version, openedVersion)) {
            throw new ChangedMeanwhile();
        }
        boolean renamed = readable(row)
                .filter(k -> k.profile().name().equals(profile.name()))
                .isEmpty();
        row.profile = json.writeValueAsString(profile);
        people.saveAndFlush(row);
        if (renamed) {
            events.publishEvent(new Named(household, id, profile.name()));
        }
    }

    /** Everything written about somebody goes, here and in the rooms that listen. */
    public void erase(UUID household, UUID id) {
        Known gone = find(household, id);
        erase(household, id, gone.profile().name());
        people.deleteById(id);
    }

    /** The same of somebody who is not written down here. */
    public void erase(UUID household, UUID id, String name) {
        events.publishEvent(new Erased(household, id, name));
    }

    /** Notes that somebody looked at a person's data. */
    public void seen(UUID household, UUID id, String by, String what) {
        views.save(view(household, id, by, what));
    }

    /** The same of several at once. */
    public void seen(UUID household, List<Known> several, String by, String what) {
        views.saveAll(
                several.stream().map(k -> view(household, k.id(), by, what)).toList());
    }

    private ViewRow view(UUID household, UUID id, String by, String what) {
        ViewRow row = new ViewRow();
        row.householdId = household;
        row.personId = id;
        row.seenBy = by;
        row.what = what;
        row.seenAt = LocalDateTime.now(clock).truncatedTo(ChronoUnit.SECONDS);
        return row;
    }

    @Transactional(readOnly = true)
    public List<Seen> views(UUID household, UUID id, int most) {
        return views.findByHouseholdIdAndPersonIdOrderBySeenAtDesc(household, id, Limit.of(most)).stream()
                .map(v -> new Seen(v.seenBy, v.what, v.seenAt))
                .toList();
    }

    /** Makes others who write about this person wait until the caller's transaction is over. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void hold(UUID household, UUID id) {
        if (people.hold(id, household).isEmpty()) {
            throw new NotHere("person " + id);
        }
    }

    private Known known(PersonProfileRow row) {
        return readable(row).orElseThrow(() -> new NotHere("person " + row.id + " can be read"));
    }

    private Optional<Known> readable(PersonProfileRow row) {
        try {
            return Optional.of(new Known(
                    row.id, row.version == null ? 0 : row.version, json.readValue(row.profile, Profile.class)));
        } catch (JacksonException unreadable) {
            return Optional.empty();
        }
    }

    /** People of whom nothing can be read: their key is missing, or their row is damaged. */
    @Transactional(readOnly = true)
    public List<UUID> unreadable(UUID household) {
        return people.findByHouseholdId(household).stream()
                .filter(row -> readable(row).isEmpty())
                .map(row -> row.id)
                .toList();
    }

    /** Removes somebody of whom nothing can be read. */
    public void remove(UUID household, UUID id) {
        PersonProfileRow row = row(household, id);
        if (readable(row).isEmpty()) {
            people.delete(row);
        }
    }

    private PersonProfileRow row(UUID household, UUID id) {
        return people.findByIdAndHouseholdId(id, household).orElseThrow(() -> new NotHere("person " + id));
    }

    @Override
    @Transactional(readOnly = true)
    public void readAll(UUID household) {
        unreadable(household).stream().findFirst().ifPresent(id -> {
            throw new IllegalArgumentException("person " + id + ": the profile cannot be read");
        });
        // As the page shows them: an age or a mass out of its range would stop it.
        LocalDate today = LocalDate.now(clock);
        all(household).forEach(k -> {
            k.profile().person(k.id(), today);
            k.profile().patient(today, FormularyReader.shipped());
        });
    }
}
