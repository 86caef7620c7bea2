package hodeon.app.household;

import hodeon.app.shell.NotHere;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Who belongs to a household, and as what. There is always a keeper. */
@Service
@Transactional
public class Memberships {

    /** As many a household has at most. */
    public static final int MOST_MEMBERS = 200;

    private final MembershipRepository memberships;
    private final HouseholdRepository households;
    private final Audit audit;

    Memberships(MembershipRepository memberships, HouseholdRepository households, Audit audit) {
        this.memberships = memberships;
        this.households = households;
        this.audit = audit;
    }

    /** @param id of the account */
    public record Belongs(UUID id, String name, Role role, LocalDate since) {}

    /** A household somebody belongs to. */
    public record Theirs(UUID id, String name, Role role) {}

    /** It would leave the household without a keeper. */
    public static final class LastKeeper extends RuntimeException {

        private static final long serialVersionUID = 1;
    }

    /** Who came first stands first. */
    @Transactional(readOnly = true)
    public List<Belongs> of(UUID household) {
        return memberships.findByHouseholdIdOrderBySince(household).stream()
                .map(m -> new Belongs(m.account.id, m.account.signInName, m.role, m.since.toLocalDate()))
                .toList();
    }

    @Transactional(readOnly = true)
    public List<Theirs> ofAccount(UUID account) {
        return memberships.findByAccountIdOrderBySince(account).stream()
                .map(m -> new Theirs(
                        m.householdId,
                        households.findById(m.householdId).map(Household::name).orElse(""),
                        m.role))
                .toList();
    }

    /** Gives somebody a role; throws {@link LastKeeper}. */
    public void role(Member by, UUID account, Role role) {
        inTurn(by);
        Membership row = row(by.householdId(), account);
        if (row.role == role) {
            return;
        }
        another(row);
        audit.note(by, Audit.Kind.ROLE, row.account.signInName + " is " + role.word() + ", was " + row.role.word());
        row.role = role;
    }

    /** Makes somebody else a keeper and oneself a member. */
    public void handOver(Member by, UUID account) {
        inTurn(by);
        if (!by.accountId().equals(account)) {
            role(by, account, Role.KEEPER);
            role(by, by.accountId(), Role.MEMBER);
        }
    }

    /** Somebody belongs to the household no longer; throws {@link LastKeeper}. What they did stays written under their name. */
    public void remove(Member by, UUID account) {
        inTurn(by);
        Membership row = row(by.householdId(), account);
        another(row);
        audit.note(
                by,
                Audit.Kind.ROLE,
                by.accountId().equals(account)
                        ? row.account.signInName + " left"
                        : row.account.signInName + " was removed");
        memberships.delete(row);
    }

    /** Two keepers who leave at the same moment would each see the other still there. */
    private void inTurn(Member by) {
        if (households.inTurn(by.householdId()).isEmpty()) {
            throw new NotHere("household " + by.householdId());
        }
    }

    private void another(Membership row) {
        if (row.role == Role.KEEPER && memberships.countByHouseholdIdAndRole(row.householdId, Role.KEEPER) == 1) {
            throw new LastKeeper();
        }
    }

    private Membership row(UUID household, UUID account) {
        return memberships
                .findByHouseholdIdAndAccountId(household, account)
                .orElseThrow(() -> new NotHere("member " + account));
    }
}
