package hodeon.app.brief.form;

import hodeon.app.people.PeopleService;
import hodeon.app.people.WholeWords;
import java.time.Clock;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.Optional;
import java.util.UUID;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/** Keeps what somebody has typed into a brief and not saved yet, one draft a trip. */
@Service
@Transactional
public class Drafts {

    private static final int LONGEST = 200_000;

    private final DraftRepository drafts;
    private final JsonMapper json;
    private final Clock clock;

    Drafts(DraftRepository drafts, JsonMapper json, Clock clock) {
        this.drafts = drafts;
        this.json = json;
        this.clock = clock;
    }

    /** @param openedVersion the version of the trip that was being changed; empty for a new trip */
    public record Draft(BriefForm form, String openedVersion, LocalDateTime savedAt) {}

    /** @param about the trip, or the household for a new one */
    public void keep(UUID householdId, UUID about, BriefForm form) {
        String text = json.writeValueAsString(form);
        if (text.length() > LONGEST) {
            return;
        }
        DraftRow row = drafts.findByHouseholdIdAndAbout(householdId, about).orElseGet(DraftRow::new);
        row.householdId = householdId;
        row.about = about;
        row.openedVersion = form.getVersion();
        row.savedAt = LocalDateTime.now(clock).truncatedTo(ChronoUnit.SECONDS);
        row.form = text;
        drafts.save(row);
    }

    @Transactional(readOnly = true)
    public Optional<Draft> find(UUID householdId, UUID about) {
        return drafts.findByHouseholdIdAndAbout(householdId, about).flatMap(row -> {
            try {
                BriefForm form = json.readValue(row.form, BriefForm.class);
                return Optional.of(new Draft(form, row.openedVersion, row.savedAt));
            } catch (JacksonException unreadable) {
                return Optional.empty();
            }
        });
    }

    public void drop(UUID householdId, UUID about) {
        drafts.deleteByHouseholdIdAndAbout(householdId, about);
    }

    /** A draft that names somebody who was erased goes too. */
    @EventListener
    void erased(PeopleService.Erased gone) {
        drafts.findByHouseholdId(gone.householdId()).stream()
                .filter(d -> d.form.contains(gone.personId().toString())
                        || WholeWords.of(gone.name()).matcher(d.form).find())
                .forEach(drafts::delete);
    }
}
