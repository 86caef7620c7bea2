package hodeon.app.household.member;

import hodeon.app.household.Audit;
import hodeon.app.household.HouseholdService;
import hodeon.app.household.Member;
import hodeon.app.household.Role;
import hodeon.app.shell.NotHere;
import hodeon.app.shell.Secret;
import java.time.Clock;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Codes that let somebody join a household: each opens once, and for three days. A code is shown once, when it is made. */
@Service
@Transactional
class Invitations {

    static final int DAYS = 3;
    static final int MOST_OPEN = 50;

    /** Sixteen letters and digits are 79 bits: nobody guesses them in three days. */
    private static final int LENGTH = 16;

    private static final int GROUP = 4;

    private final InvitationRepository rows;
    private final HouseholdService households;
    private final Audit audit;
    private final Clock clock;

    Invitations(InvitationRepository rows, HouseholdService households, Audit audit, Clock clock) {
        this.rows = rows;
        this.households = households;
        this.audit = audit;
        this.clock = clock;
    }

    /** One that nobody has used yet. */
    record Open(UUID id, Role role, String madeBy, LocalDateTime until) {}

    /** Where a code leads. */
    record Leads(UUID household, String name, Role role) {}

    /** Answers the code, in groups of four. */
    String make(Member by, Role role) {
        String code = Secret.code(LENGTH, GROUP);
        Invitation row = new Invitation();
        row.householdId = by.householdId();
        row.role = role;
        row.hash = Secret.digest(plain(code));
        row.madeBy = by.getUsername();
        row.madeAt = LocalDateTime.now(clock);
        row.until = row.madeAt.plusDays(DAYS);
        rows.save(row);
        audit.note(by, Audit.Kind.ROLE, "invited a " + role.word());
        return code;
    }

    private static String plain(String code) {
        return code.replaceAll("[^A-Za-z0-9]", "").toUpperCase(Locale.ROOT);
    }

    @Transactional(readOnly = true)
    List<Open> open(UUID household) {
        return rows
                .findByHouseholdIdAndUsedByIsNullAndUntilAfterOrderByMadeAt(household, LocalDateTime.now(clock))
                .stream()
                .map(i -> new Open(i.id, i.role, i.madeBy, i.until))
                .toList();
    }

    void revoke(Member by, UUID id) {
        if (rows.deleteByIdAndHouseholdId(id, by.householdId()) == 0) {
            throw new NotHere("invitation " + id);
        }
        audit.note(by, Audit.Kind.ROLE, "took an invitation back");
    }

    /** Empty for a code that is unknown, used or over: which of them is nobody's business. */
    @Transactional(readOnly = true)
    Optional<Leads> leads(String code) {
        return rows.findByHash(Secret.digest(plain(code)))
                .filter(this::opens)
                .map(i -> new Leads(i.householdId, households.name(i.householdId), i.role));
    }

    private boolean opens(Invitation invitation) {
        return invitation.usedBy == null && invitation.until.isAfter(LocalDateTime.now(clock));
    }

    /** Lets an account in; empty for a code that no longer opens. */
    Optional<Member> use(String code, UUID account) {
        return rows.held(Secret.digest(plain(code))).filter(this::opens).flatMap(i -> {
            households.join(account, i.householdId, i.role);
            Optional<Member> member = households.member(account, i.householdId);
            member.ifPresent(m -> {
                i.usedBy = m.getUsername();
                audit.note(m, Audit.Kind.ROLE, "joined as " + i.role.word() + ", invited by " + i.madeBy);
            });
            return member;
        });
    }
}
