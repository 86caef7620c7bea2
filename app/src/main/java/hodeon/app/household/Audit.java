package hodeon.app.household;

import java.time.Clock;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.UUID;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Who came in, who may do what, what left the house and what was erased: kept for {@link #KEPT_DAYS} days. */
@Service
@Transactional
public class Audit {

    static final int KEPT_DAYS = 400;
    private static final int LONGEST = 400;

    private final AuditRepository rows;
    private final ApplicationEventPublisher events;
    private final Clock clock;

    Audit(AuditRepository rows, ApplicationEventPublisher events, Clock clock) {
        this.rows = rows;
        this.events = events;
        this.clock = clock;
    }

    public enum Kind {
        SIGN_IN("sign-in"),
        ACCOUNT("account"),
        ROLE("role"),
        EXPORT("export"),
        ERASURE("erasure"),
        TOKEN("token");

        private final String word;

        Kind(String word) {
            this.word = word;
        }

        public String word() {
            return word;
        }
    }

    public record Noted(LocalDateTime at, String who, Kind kind, String what) {}

    /** Told when what opens an account, or where a way back is sent, has changed. */
    public record AccountChanged(UUID account, UUID household, String who, String what) {}

    public void note(Member by, Kind kind, String what) {
        AuditRow row = new AuditRow();
        row.householdId = by.role().isEmpty() ? null : by.householdId();
        row.at = LocalDateTime.now(clock).truncatedTo(ChronoUnit.SECONDS);
        row.who = by.getUsername();
        row.kind = kind;
        row.what = what.length() > LONGEST ? what.substring(0, LONGEST) : what;
        rows.save(row);
        rows.deleteByAtBefore(row.at.minusDays(KEPT_DAYS));
        if (kind == Kind.ACCOUNT) {
            events.publishEvent(new AccountChanged(by.accountId(), by.householdId(), row.who, row.what));
        }
    }

    /** Whether somebody did such a thing in the household since a time. */
    @Transactional(readOnly = true)
    public boolean did(Member who, Kind kind, LocalDateTime since) {
        return rows.existsByHouseholdIdAndWhoAndKindAndAtAfter(who.householdId(), who.getUsername(), kind, since);
    }

    /** The latest first. */
    @Transactional(readOnly = true)
    public List<Noted> latest(UUID household, int most) {
        return rows.findByHouseholdIdOrderByAtDesc(household, Limit.of(most)).stream()
                .map(r -> new Noted(r.at, r.who, r.kind, r.what))
                .toList();
    }
}
