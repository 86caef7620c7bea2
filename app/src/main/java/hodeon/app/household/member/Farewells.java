package hodeon.app.household.member;

import hodeon.app.household.Audit;
import hodeon.app.household.Member;
import hodeon.app.household.Memberships;
import hodeon.app.household.Role;
import hodeon.app.storage.Erasure;
import java.time.Clock;
import java.time.LocalDateTime;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * The end of a household: one keeper asks, having taken a backup within the day, and another agrees. A household with one keeper waits
 * {@link #ALONE_DAYS} days in place of the second. What was asked lapses after {@link #LAPSES_DAYS} days.
 */
@Service
@Transactional
class Farewells {

    static final int ALONE_DAYS = 3;
    static final int LAPSES_DAYS = 14;
    private static final int BACKUP_HOURS = 24;

    private final FarewellRepository rows;
    private final Memberships memberships;
    private final Audit audit;
    private final Erasure erasure;
    private final Clock clock;

    Farewells(FarewellRepository rows, Memberships memberships, Audit audit, Erasure erasure, Clock clock) {
        this.rows = rows;
        this.memberships = memberships;
        this.audit = audit;
        this.erasure = erasure;
        this.clock = clock;
    }

    /**
     * How far it has come.
     *
     * @param askedBy name of who asked; empty while nobody did
     * @param backup whether whoever looks has taken a backup within the day
     * @param agrees whether whoever looks can agree now
     * @param from when they can, if they have to wait for it
     */
    record State(String askedBy, boolean byMe, boolean backup, boolean agrees, Optional<LocalDateTime> from) {}

    @Transactional(readOnly = true)
    State state(Member member) {
        Optional<Farewell> asked = asked(member);
        boolean backup = backup(member);
        if (asked.isEmpty()) {
            return new State("", false, backup, false, Optional.empty());
        }
        boolean byMe = asked.get().askedBy.equals(member.accountId());
        String name = memberships.of(member.householdId()).stream()
                .filter(m -> m.id().equals(asked.get().askedBy))
                .map(Memberships.Belongs::name)
                .findFirst()
                .orElse("");
        Optional<LocalDateTime> from = Optional.of(asked.get().askedAt.plusDays(ALONE_DAYS))
                .filter(f -> byMe && keepers(member) == 1)
                .filter(f -> f.isAfter(LocalDateTime.now(clock)));
        boolean agrees = byMe ? keepers(member) == 1 && from.isEmpty() : true;
        return new State(name, byMe, backup, agrees, from);
    }

    private Optional<Farewell> asked(Member member) {
        return rows.findById(member.householdId())
                .filter(f -> f.askedAt.plusDays(LAPSES_DAYS).isAfter(LocalDateTime.now(clock)));
    }

    private long keepers(Member member) {
        return memberships.of(member.householdId()).stream()
                .filter(m -> m.role() == Role.KEEPER)
                .count();
    }

    private boolean backup(Member member) {
        return audit.did(member, Audit.Kind.EXPORT, LocalDateTime.now(clock).minusHours(BACKUP_HOURS));
    }

    /** Answers whether it was asked: a backup comes first. */
    boolean ask(Member member) {
        if (!backup(member)) {
            return false;
        }
        Farewell row = new Farewell();
        row.householdId = member.householdId();
        row.askedBy = member.accountId();
        row.askedAt = LocalDateTime.now(clock);
        rows.save(row);
        audit.note(member, Audit.Kind.ERASURE, "asked to erase the household");
        return true;
    }

    void takeBack(Member member) {
        asked(member).ifPresent(f -> {
            rows.delete(f);
            audit.note(member, Audit.Kind.ERASURE, "the household stays");
        });
    }

    /** Everything of the household goes; answers false where it takes somebody else, or more days. */
    boolean agree(Member member) {
        if (!state(member).agrees()) {
            return false;
        }
        erasure.erase(member.householdId());
        return true;
    }
}
