package hodeon.app.journal;

import hodeon.app.dose.LoggedDoses;
import hodeon.app.people.PeopleService;
import hodeon.app.shell.Wording;
import java.util.List;
import java.util.UUID;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps a note of the trail with the doses that were given, all of it or nothing. */
@Service
@Transactional
class TrailNotes {

    private final UseLog log;
    private final LoggedDoses doses;
    private final PeopleService people;

    TrailNotes(UseLog log, LoggedDoses doses, PeopleService people) {
        this.people = people;
        this.log = log;
        this.doses = doses;
    }

    /** Something speaks against a dose, and nobody said that it was given all the same. */
    static final class DoseStopped extends RuntimeException {

        private static final long serialVersionUID = 1;

        private final transient List<String> against;

        private DoseStopped(List<String> against) {
            super(String.join(" ", against));
            this.against = against;
        }

        List<String> against() {
            return against;
        }
    }

    /** @param counted what the dose clocks now count of it, each a sentence */
    record Kept(UseLog.Taken taken, List<String> counted) {}

    @EventListener
    void removed(UseLog.Removed gone) {
        doses.removed(gone.householdId(), gone.entryId());
    }

    /** Whether a note is in the log of this trip. */
    @Transactional(readOnly = true)
    public boolean isKept(UUID household, UUID trip, UUID id) {
        return log.of(household, trip).stream().anyMatch(k -> k.id().equals(id));
    }

    /** A dog, or somebody who joined on the way, is known by the name they are written down under. */
    Kept keep(UUID household, UUID trip, TrailEntry.Checked note, String by) {
        UseLog.Detail detail = note.detail().person().isPresent()
                ? note.detail()
                : people.named(household, note.detail().who())
                        .map(known -> note.detail().about(known.id()))
                        .orElse(note.detail());
        UseLog.Taken taken = log.keep(household, trip, note.id(), note.line(), detail);
        if (taken != UseLog.Taken.KEPT) {
            return new Kept(taken, List.of());
        }
        LoggedDoses.Outcome given = doses.take(
                household,
                new LoggedDoses.Note(
                        note.id(),
                        detail.who(),
                        detail.person(),
                        detail.used(),
                        note.moment(),
                        Wording.says("trailNotes.onTheTrail", by),
                        note.over()));
        if (!given.against().isEmpty()) {
            throw new DoseStopped(given.against());
        }
        return new Kept(taken, given.counted());
    }
}
