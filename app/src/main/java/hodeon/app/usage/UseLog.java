package hodeon.app.usage;

import hodeon.app.shell.NotHere;
import hodeon.app.trip.StoredTrip;
import hodeon.app.trip.TripService;
import hodeon.core.need.Learning.LoggedTrip;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What happened on trips, and from which of them the household learns. */
@Service
@Transactional
public class UseLog {

    private final LogEntryRepository entries;
    private final LoggedTripRepository logged;
    private final TripService trips;

    UseLog(LogEntryRepository entries, LoggedTripRepository logged, TripService trips) {
        this.entries = entries;
        this.logged = logged;
        this.trips = trips;
    }

    /**
     * Something that happened.
     *
     * @param problem id
     * @param times 1 or more
     */
    public record Line(LocalDate on, String problem, int times, String note) {}

    /** A line that is kept. */
    record Kept(UUID id, Line line) {}

    @Transactional(readOnly = true)
    List<Kept> of(UUID householdId, UUID tripId) {
        return entries.findByHouseholdIdAndTripIdOrderByHappenedOnAscProblemIdAsc(householdId, tripId).stream()
                .map(e -> new Kept(e.id, new Line(e.happenedOn, e.problemId, e.times, e.note)))
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

    /**
     * Everything the household learns from.
     *
     * @param signature differs whenever it does
     */
    record Experience(List<LoggedTrip> trips, String signature) {}

    @Transactional(readOnly = true)
    Experience experience(UUID householdId) {
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
        for (LoggedTripRow row : rows) {
            StoredTrip trip = trips.find(householdId, row.tripId);
            Map<String, Integer> happened = events.getOrDefault(row.tripId, Map.of());
            found.add(new LoggedTrip(trip.trip(), happened));
            signature.append(row.tripId).append(trip.version()).append(new java.util.TreeMap<>(happened));
        }
        return new Experience(found, signature.toString());
    }
}
