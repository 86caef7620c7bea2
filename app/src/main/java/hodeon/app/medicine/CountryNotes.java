package hodeon.app.medicine;

import hodeon.app.shell.FieldReader;
import hodeon.app.shell.NotHere;
import hodeon.app.shell.Texts;
import hodeon.app.shell.Wording;
import hodeon.app.storage.RestoredRoom;
import hodeon.core.evidence.PlanningAssumption;
import hodeon.core.notice.Faults;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What a household wrote down of countries' rules. Hodeon knows no country's law. */
@Service
@Transactional
class CountryNotes implements RestoredRoom {

    private static final int MOST_NOTES = 300;
    private static final int LONGEST_COUNTRY = 80;
    private static final int LONGEST_NOTE = 500;
    private static final int LONGEST_SOURCE = 200;
    private static final LocalDate EARLIEST = LocalDate.of(2000, 1, 1);
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
        return notes.findByHouseholdId(household).stream()
                .sorted(Comparator.comparing((CountryNoteRow n) -> n.country, String.CASE_INSENSITIVE_ORDER)
                        .thenComparing(n -> n.readOn, Comparator.reverseOrder()))
                .map(n -> new Note(n.id, n.country, n.note, n.source, n.readOn, n.readOn.isBefore(old)))
                .toList();
    }

    /** A note as typed. */
    record Form(String country, String note, String source, String readOn) {

        Form {
            country = Texts.given(country);
            note = Texts.given(note);
            source = Texts.given(source);
            readOn = Texts.given(readOn);
        }
    }

    void add(UUID household, Form typed, Faults faults) {
        LocalDate today = LocalDate.now(clock);
        FieldReader read = new FieldReader(faults);
        CountryNoteRow row = new CountryNoteRow();
        row.householdId = household;
        row.country = read.line("country", typed.country(), Wording.says("countryNotes.theCountry"), LONGEST_COUNTRY);
        row.note = read.line("note", typed.note(), Wording.says("countryNotes.whatTheRuleSays"), LONGEST_NOTE);
        row.source = read.line("source", typed.source(), "where you read it", LONGEST_SOURCE);
        row.readOn = read.past("readOn", typed.readOn(), Wording.says("countryNotes.theDayYouReadIt"), EARLIEST, today)
                .orElse(today);
        if (notes.countByHouseholdId(household) >= MOST_NOTES) {
            faults.add(
                    "country",
                    typed.country(),
                    Wording.says("countryNotes.aHouseholdKeepsAtMostNotes", MOST_NOTES),
                    Wording.says("countryNotes.removeAnOldOne"));
        }
        if (faults.none()) {
            notes.save(row);
        }
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
