package hodeon.app.simulated;

import hodeon.app.post.Post;
import java.time.Clock;
import java.time.LocalDateTime;
import java.util.List;
import java.util.UUID;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps what would have been sent, to be read on the outbox page. */
@Service
@ConditionalOnProperty(name = "spring.mail.host", matchIfMissing = true, havingValue = "never set")
@Transactional
class SimulatedPost implements Post {

    private static final int SHOWN = 20;
    private static final int LONGEST_BODY = 100_000;

    private final OutboxRepository rows;
    private final Clock clock;

    SimulatedPost(OutboxRepository rows, Clock clock) {
        this.rows = rows;
        this.clock = clock;
    }

    @Override
    public void send(UUID household, String address, String subject, String text) {
        OutboxRow row = new OutboxRow();
        row.householdId = household;
        row.sentAt = LocalDateTime.now(clock);
        row.address = address;
        row.subject = subject;
        row.body = text.length() <= LONGEST_BODY ? text : text.substring(0, LONGEST_BODY);
        rows.save(row);
    }

    /** A mail that was not sent. */
    record Mail(LocalDateTime at, String address, String subject, String body) {}

    @Transactional(readOnly = true)
    List<Mail> latest(UUID household) {
        return rows.findByHouseholdIdOrderBySentAtDesc(household, Limit.of(SHOWN)).stream()
                .map(r -> new Mail(r.sentAt, r.address, r.subject, r.body))
                .toList();
    }
}
