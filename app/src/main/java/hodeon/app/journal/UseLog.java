package hodeon.app.journal;

import hodeon.app.brief.TripService;
import hodeon.app.brief.form.StoredTrip;
import hodeon.app.evidence.ExperienceLog;
import hodeon.app.people.PeopleService;
import hodeon.app.people.WholeWords;
import hodeon.app.shell.NotHere;
import hodeon.core.need.Learning.LoggedTrip;
import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.TreeMap;
import java.util.UUID;
import java.util.regex.Pattern;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What happened on trips, and from which of them the household learns. */
@Service
@Transactional
public class UseLog implements ExperienceLog {

    private final LogEntryRepository entries;
    private final LoggedTripRepository logged;
    private final TripService trips;
    private final ApplicationEventPublisher events;
    private final Clock clock;

    UseLog(
            LogEntryRepository entries,
            LoggedTripRepository logged,
            TripService trips,
            ApplicationEventPublisher events,
            Clock clock) {
        this.entries = entries;
        this.logged = logged;
        this.trips = trips;
        this.events = events;
        this.clock = clock;
    }

    /**
     * Something that happened.
     *
     * @param problem id
     * @param times 1 or more
     */
    public record Line(LocalDate on, String problem, int times, String note) {}

    /**
     * What else was noted on the trail.
     *
     * @param at on the clock on the wall
     * @param zone where that clock was; empty where it is not known
     * @param who a name of the party, “a stranger”, or empty
     * @param person who of the party it was; empty for a stranger, or where nobody said
     * @param used pieces by supply id
     * @param bodyPlace where on the body, of a tick or a burn
     * @param specimen whether the tick was kept
     * @param burnPercent of the body; a palm is about 1
     * @param moments what was done when, in the order it was pressed
     */
    public record Detail(
            Optional<LocalDateTime> at,
            String zone,
            String who,
            Optional<UUID> person,
            String place,
            Map<String, Integer> used,
            Optional<LocalDateTime> tourniquetAt,
            String bodyPlace,
            boolean specimen,
            OptionalInt burnPercent,
            List<Moment> moments) {

        /** Only to whom it happened. */
        public static Detail to(String who, Optional<UUID> person) {
            return new Detail(
                    Optional.empty(),
                    "",
                    who,
                    person,
                    "",
                    Map.of(),
                    Optional.empty(),
                    "",
                    false,
                    OptionalInt.empty(),
                    List.of());
        }

        Detail about(UUID somebody) {
            return new Detail(
                    at,
                    zone,
                    who,
                    Optional.of(somebody),
                    place,
                    used,
                    tourniquetAt,
                    bodyPlace,
                    specimen,
                    burnPercent,
                    moments);
        }
    }

    /** Something that was pressed while somebody was helped. @param at on the clock on the wall, to the second */
    public record Moment(LocalDateTime at, String what) {}

    /** A line that is kept. */
    public record Kept(UUID id, Line line, Detail detail) {}

    /** Told when a line was taken out of the log because it should not be there. */
    public record Removed(UUID householdId, UUID entryId) {}

    /** How a line that came from a device was taken. */
    public enum Taken {
        KEPT,
        /** It had come before; nothing was written twice. */
        ALREADY_THERE,
        /** Another note, of another trip, has this id; nothing was written. */
        ID_ELSEWHERE
    }

    /** Keeps a line under the id its device gave it, once, however often it is sent. */
    public Taken keep(UUID householdId, UUID tripId, UUID id, Line line, Detail detail) {
        trips.find(householdId, tripId);
        Optional<LogEntry> there = entries.findById(id);
        if (there.isPresent()) {
            return there.get().householdId.equals(householdId)
                            && there.get().tripId.equals(tripId)
                    ? Taken.ALREADY_THERE
                    : Taken.ID_ELSEWHERE;
        }
        entries.saveAndFlush(new LogEntry(householdId, tripId, line, id, detail));
        return Taken.KEPT;
    }

    @Transactional(readOnly = true)
    public List<Kept> of(UUID householdId, UUID tripId) {
        return entries.findByHouseholdIdAndTripIdOrderByHappenedOnAscProblemIdAsc(householdId, tripId).stream()
                .map(e -> new Kept(e.id, new Line(e.happenedOn, e.problemId, e.times, e.note), e.detail()))
                .toList();
    }

    /** All lines or none. */
    public void add(UUID householdId, UUID tripId, List<Line> lines) {
        trips.find(householdId, tripId);
        entries.saveAll(
                lines.stream().map(l -> new LogEntry(householdId, tripId, l)).toList());
    }

    public void remove(UUID householdId, UUID entryId) {
        if (entries.deleteByIdAndHouseholdId(entryId, householdId) == 0) {
            throw new NotHere("log entry " + entryId);
        }
        events.publishEvent(new Removed(householdId, entryId));
    }

    @Transactional(readOnly = true)
    public boolean learnsFrom(UUID householdId, UUID tripId) {
        return logged.findById(tripId)
                .filter(t -> t.householdId.equals(householdId))
                .isPresent();
    }

    /** Takes a complete log into account, or leaves it out again. */
    public void learn(UUID householdId, UUID tripId, boolean learn) {
        trips.find(householdId, tripId);
        if (learn) {
            logged.save(new LoggedTripRow(tripId, householdId));
        } else {
            logged.findById(tripId)
                    .filter(t -> t.householdId.equals(householdId))
                    .ifPresent(logged::delete);
        }
    }

    @Override
    @Transactional(readOnly = true)
    public Experience experience(UUID householdId) {
        List<LoggedTripRow> rows = logged.findByHouseholdIdOrderByTripId(householdId);
        if (rows.isEmpty()) {
            return new Experience(List.of(), "");
        }
        Map<UUID, Map<String, Integer>> events = new HashMap<>();
        for (LogEntry entry : entries.findByHouseholdIdOrderById(householdId)) {
            events.computeIfAbsent(entry.tripId, t -> new HashMap<>())
                    .merge(entry.problemId, entry.times, Integer::sum);
        }
        List<LoggedTrip> found = new ArrayList<>();
        StringBuilder signature = new StringBuilder();
        LocalDate today = LocalDate.now(clock);
        for (LoggedTripRow row : rows) {
            StoredTrip trip = trips.maybe(householdId, row.tripId).orElse(null);
            // What has not happened yet teaches nothing, whoever called its log complete, nor what lies in the bin.
            if (trip == null || trip.trip().end().isAfter(today)) {
                continue;
            }
            Map<String, Integer> happened = events.getOrDefault(row.tripId, Map.of());
            found.add(new LoggedTrip(trip.trip(), happened));
            signature.append(row.tripId).append(trip.version()).append(new TreeMap<>(happened));
        }
        return new Experience(found, signature.toString());
    }

    /** Who is called otherwise now is so in every log. */
    @EventListener
    void named(PeopleService.Named now) {
        entries.findByHouseholdIdAndPersonId(now.householdId(), now.personId()).forEach(e -> e.who = now.name());
    }

    /** Who was erased is no longer named in any log. */
    @EventListener
    void erased(PeopleService.Erased gone) {
        Pattern name = WholeWords.of(gone.name());
        for (LogEntry entry : entries.findByHouseholdIdOrderById(gone.householdId())) {
            if (entry.isAbout(gone.personId(), gone.name())) {
                entry.who = "";
                entry.personId = null;
            }
            entry.note = name.matcher(entry.note).replaceAll("somebody");
        }
    }
}
