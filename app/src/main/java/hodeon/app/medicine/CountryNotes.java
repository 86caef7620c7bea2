package hodeon.app.medicine;

import hodeon.app.shell.NotHere;
import hodeon.app.storage.RestoredRoom;
import hodeon.core.evidence.PlanningAssumption;
import hodeon.core.notice.Faults;
import java.time.Clock;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What a household wrote down of countries' rules. Hodeon knows no country's law. */
@Service
@Transactional
class CountryNotes implements RestoredRoom {

    private static final int MOST_NOTES = 300;
    private static final int STALE_MONTHS = PlanningAssumption.COUNTRY_NOTE_KEEPS.whole();

    private final CountryNoteRepository notes;
    private final Clock clock;

    CountryNotes(CountryNoteRepository notes, Clock clock) {
        this.notes = notes;
        this.clock = clock;
    }

    /** @param stale read so long ago that it should be read again */
    record Note(UUID id, String country, String note, String source, LocalDate readOn, boolean stale) {}

    @Transactional(readOnly = true)
    List<Note> of(UUID household) {
        LocalDate old = LocalDate.now(clock).minusMonths(STALE_MONTHS);
        return notes.findByHouseholdIdOrderByCountryAscReadOnDesc(household).stream()
                .map(n -> new Note(n.id, n.country, n.note, n.source, n.readOn, n.readOn.isBefore(old)))
                .toList();
    }

    void add(UUID household, String country, String note, String source, String readOn, Faults faults) {
        CountryNoteRow row = new CountryNoteRow();
        row.householdId = household;
        row.country = text("country", "the country", country, 80, faults);
        row.note = text("note", "what the rule says", note, 500, faults);
        row.source = text("source", "where you read it", source, 200, faults);
        try {
            row.readOn = LocalDate.parse(readOn.strip());
            if (row.readOn.isAfter(LocalDate.now(clock))) {
                throw new DateTimeException("ahead");
            }
        } catch (DateTimeException e) {
            faults.add(
                    "readOn",
                    readOn,
                    "the day you read it is written like 2026-03-09 and not ahead",
                    "Write year, month and day");
        }
        if (notes.countByHouseholdId(household) >= MOST_NOTES) {
            faults.add("country", country, "a household keeps at most " + MOST_NOTES + " notes", "Remove an old one");
        }
        if (faults.none()) {
            notes.save(row);
        }
    }

    private static String text(String field, String what, String typed, int most, Faults faults) {
        String text = typed.strip();
        if (text.isEmpty() || text.length() > most) {
            faults.add(
                    field,
                    text,
                    what + " has 1 to " + most + " characters",
                    text.isEmpty() ? "Fill it in" : "Shorten it");
        }
        return text;
    }

    void remove(UUID household, UUID id) {
        if (notes.deleteByIdAndHouseholdId(id, household) == 0) {
            throw new NotHere("note " + id);
        }
    }

    @Override
    @Transactional(readOnly = true)
    public void readAll(UUID household) {
        of(household);
    }
}
