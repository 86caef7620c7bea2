package hodeon.app.household;

import hodeon.app.shell.NotHere;
import java.time.Clock;
import java.time.LocalDateTime;
import java.util.Optional;
import java.util.UUID;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Households and the accounts that open them. */
@Service
@Transactional
public class HouseholdService implements UserDetailsService {

    private final AccountRepository accounts;
    private final HouseholdRepository households;
    private final MembershipRepository memberships;
    private final PasswordEncoder passwords;
    private final Clock clock;

    HouseholdService(
            AccountRepository accounts,
            HouseholdRepository households,
            MembershipRepository memberships,
            PasswordEncoder passwords,
            Clock clock) {
        this.accounts = accounts;
        this.households = households;
        this.memberships = memberships;
        this.passwords = passwords;
        this.clock = clock;
    }

    @Override
    @Transactional(readOnly = true)
    public Member loadUserByUsername(String signInName) {
        return accounts.findBySignInNameIgnoreCase(signInName)
                .map(this::member)
                .orElseThrow(() -> new UsernameNotFoundException(signInName));
    }

    /** As they stand now in the household they had open, or in another they belong to; empty if the account is gone. */
    @Transactional(readOnly = true)
    public Optional<Member> member(UUID account) {
        return accounts.findById(account).map(this::member);
    }

    /** As they stand now in one household; empty if they do not belong to it. */
    @Transactional(readOnly = true)
    public Optional<Member> member(UUID account, UUID household) {
        return memberships.findByHouseholdIdAndAccountId(household, account).map(this::member);
    }

    private Member member(Account account) {
        return Optional.ofNullable(account.openHouseholdId)
                .flatMap(open -> memberships.findByHouseholdIdAndAccountId(open, account.id))
                .or(() -> memberships.findByAccountIdOrderBySince(account.id).stream()
                        .findFirst())
                .map(this::member)
                .orElseGet(() -> new Member(account));
    }

    private Member member(Membership membership) {
        return new Member(
                membership.account,
                households.findById(membership.householdId).orElseThrow(() -> new NotHere("household")),
                membership.role);
    }

    @Transactional(readOnly = true)
    public boolean isEmpty() {
        return accounts.count() == 0;
    }

    /** Makes the first account; throws {@link DataIntegrityViolationException} when somebody else has just been first. */
    public void createFirst(String householdName, String signInName, String password) {
        UUID account = createAccount(signInName, password);
        found(account, householdName);
        accounts.flush();
        accounts.claimFirst(account);
    }

    /** Makes another household with its account and answers the household's id. */
    public UUID createAnother(String householdName, String signInName, String password) {
        return found(createAccount(signInName, password), householdName);
    }

    /** An account that belongs to no household yet; throws {@link DataIntegrityViolationException} for a name that is taken. */
    public UUID createAccount(String signInName, String password) {
        return accounts.saveAndFlush(new Account(signInName, encoded(password))).id;
    }

    /** Makes a household, with its first keeper, and opens it for them. */
    public UUID found(UUID account, String householdName) {
        Household household = households.save(new Household(householdName));
        join(account, household.id(), Role.KEEPER);
        return household.id();
    }

    /** Somebody belongs to a household from now on and has it open. Whoever belongs to it already keeps their role. */
    public void join(UUID account, UUID household, Role role) {
        Account who = account(account);
        who.openHouseholdId = household;
        if (memberships.findByHouseholdIdAndAccountId(household, account).isEmpty()) {
            memberships.save(new Membership(household, who, role, LocalDateTime.now(clock)));
        }
    }

    /** Opens another household that somebody belongs to. */
    public Member open(UUID account, UUID household) {
        Member there = member(account, household).orElseThrow(() -> new NotHere("household " + household));
        account(account).openHouseholdId = household;
        return there;
    }

    /** Throws {@link NotHere} for a household that is none. */
    @Transactional(readOnly = true)
    public String name(UUID household) {
        return households.findById(household).map(Household::name).orElseThrow(() -> new NotHere("household"));
    }

    private Account account(UUID id) {
        return accounts.findById(id).orElseThrow(() -> new NotHere("account"));
    }

    private String encoded(String password) {
        String hash = passwords.encode(password);
        if (hash == null) {
            throw new IllegalArgumentException("A password is needed.");
        }
        return hash;
    }
}
