package hodeon.app.care;

import hodeon.app.people.PeopleService;
import hodeon.app.shell.NotHere;
import hodeon.app.shell.Wording;
import hodeon.app.storage.RestoredRoom;
import java.time.LocalDateTime;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** Care diaries, and what helped whom before. */
@Service
@Transactional
public class CareBook implements RestoredRoom {

    private static final JsonMapper JSON = new JsonMapper();

    private final CareRepository rows;

    CareBook(CareRepository rows) {
        this.rows = rows;
    }

    public record Noted(UUID id, LocalDateTime at, CareNote note) {}

    /** @param helped so often, a little counting half, of so many times of which it is known */
    public record Before(String what, double helped, int times) {

        /** “helped 2 of 3 times”. */
        public String says() {
            long whole = (long) helped;
            return Wording.says("care.helped", times, helped > whole ? whole + "½" : String.valueOf(whole));
        }

        /** Between none and all of the times. */
        public double share() {
            return helped / times;
        }
    }

    /** The earliest first. */
    @Transactional(readOnly = true)
    public List<Noted> of(UUID household, UUID person) {
        return rows.findByHouseholdIdAndPersonIdOrderByNotedAt(household, person).stream()
                .map(CareBook::noted)
                .toList();
    }

    /** What was tried on somebody, what helped best first. */
    @Transactional(readOnly = true)
    public List<Before> before(UUID household, UUID person) {
        return before(of(household, person));
    }

    /** The same of everybody, by person. */
    @Transactional(readOnly = true)
    public Map<UUID, List<Before>> before(UUID household) {
        Map<UUID, List<Noted>> byPerson = rows.findByHouseholdId(household).stream()
                .collect(Collectors.groupingBy(
                        r -> r.personId, Collectors.mapping(CareBook::noted, Collectors.toList())));
        Map<UUID, List<Before>> before = new HashMap<>();
        byPerson.forEach((person, noted) -> before.put(person, before(noted)));
        return before;
    }

    private static Noted noted(CareRow row) {
        return new Noted(row.id, row.notedAt, JSON.readValue(row.note, CareNote.class));
    }

    private static List<Before> before(List<Noted> all) {
        Map<String, Before> tried = new LinkedHashMap<>();
        for (Noted noted : all) {
            CareNote note = noted.note();
            if (note.helped() != CareNote.Helped.NOT_KNOWN && !note.given().isBlank()) {
                double helped =
                        switch (note.helped()) {
                            case YES -> 1;
                            case SOME -> 0.5;
                            default -> 0;
                        };
                tried.merge(
                        note.given().toLowerCase(Locale.ROOT),
                        new Before(note.given(), helped, 1),
                        (a, b) -> new Before(a.what(), a.helped() + b.helped(), a.times() + b.times()));
            }
        }
        return tried.values().stream()
                .sorted(Comparator.comparingDouble((Before b) -> -b.share()).thenComparingInt(b -> -b.times()))
                .toList();
    }

    /** What is known of something under this name. */
    public static Optional<Before> of(List<Before> before, String name) {
        return before.stream().filter(b -> b.what().equalsIgnoreCase(name)).findFirst();
    }

    public void add(UUID household, UUID person, LocalDateTime at, CareNote note) {
        CareRow row = new CareRow();
        row.householdId = household;
        row.personId = person;
        row.notedAt = at;
        row.note = JSON.writeValueAsString(note);
        rows.save(row);
    }

    /** Whether it helped is known later. */
    public void helped(UUID household, UUID person, UUID id, CareNote.Helped helped) {
        CareRow row = row(household, person, id);
        CareNote note = JSON.readValue(row.note, CareNote.class);
        row.note = JSON.writeValueAsString(new CareNote(note.found(), note.given(), helped));
    }

    public void remove(UUID household, UUID person, UUID id) {
        rows.delete(row(household, person, id));
    }

    private CareRow row(UUID household, UUID person, UUID id) {
        return rows.findByIdAndHouseholdIdAndPersonId(id, household, person)
                .orElseThrow(() -> new NotHere("care note " + id));
    }

    @EventListener
    void erased(PeopleService.Erased gone) {
        rows.deleteAll(rows.findByHouseholdIdAndPersonIdOrderByNotedAt(gone.householdId(), gone.personId()));
    }

    @Override
    public void readAll(UUID household) {
        for (CareRow row : rows.findByHouseholdId(household)) {
            try {
                JSON.readValue(row.note, CareNote.class);
            } catch (RuntimeException wrong) {
                throw new IllegalArgumentException("care_note " + row.id + ": note cannot be read");
            }
        }
    }
}
