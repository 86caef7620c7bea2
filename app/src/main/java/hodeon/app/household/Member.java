package hodeon.app.household;

import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.security.core.userdetails.User;

/**
 * Who is signed in, whose data they see, and what they may do there. Controllers take it and hand {@link #householdId()} to services;
 * which right an address needs is said by {@code household.door}.
 */
public final class Member extends User {

    /** Of an account that belongs to no household. */
    static final UUID NOWHERE = new UUID(0, 0);

    private static final long serialVersionUID = 2;

    private final UUID accountId;
    private final UUID householdId;
    private final String householdName;

    @Nullable
    private final Role role;

    Member(Account account) {
        this(account, NOWHERE, "", null, Set.of());
    }

    Member(Account account, Household household, Role role) {
        this(account, household.id(), household.name(), role, role.rights());
    }

    private Member(Account account, UUID householdId, String householdName, @Nullable Role role, Set<Right> rights) {
        super(
                account.signInName,
                account.password,
                rights.stream().map(r -> new SimpleGrantedAuthority(r.name())).toList());
        this.accountId = account.id;
        this.householdId = householdId;
        this.householdName = householdName;
        this.role = role;
    }

    private Member(Member of, Set<Right> rights) {
        super(
                of.getUsername(),
                "",
                rights.stream().map(r -> new SimpleGrantedAuthority(r.name())).toList());
        this.accountId = of.accountId;
        this.householdId = of.householdId;
        this.householdName = of.householdName;
        this.role = of.role;
    }

    public UUID accountId() {
        return accountId;
    }

    public UUID householdId() {
        return householdId;
    }

    public String householdName() {
        return householdName;
    }

    /** Empty for an account that belongs to no household. */
    public Optional<Role> role() {
        return Optional.ofNullable(role);
    }

    public boolean may(Right right) {
        return getAuthorities().contains(new SimpleGrantedAuthority(right.name()));
    }

    /** The same with no more rights than these: for a program that acts for them. */
    public Member only(Set<Right> rights) {
        return new Member(this, rights.stream().filter(this::may).collect(Collectors.toSet()));
    }

    /** Whether they are the same in the same household with the same role. */
    public boolean stillIs(Member now) {
        return accountId.equals(now.accountId) && householdId.equals(now.householdId) && role == now.role;
    }
}
