package hodeon.app.household;

import java.util.List;
import java.util.UUID;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.security.core.userdetails.User;

/** Who is signed in, and whose data they may see. Controllers take it and hand {@link #householdId()} to services. */
public final class Member extends User {

    private static final long serialVersionUID = 1;

    private final UUID householdId;
    private final String householdName;

    Member(Account account) {
        super(account.signInName(), account.password(), List.of(new SimpleGrantedAuthority("ROLE_MEMBER")));
        this.householdId = account.household().id();
        this.householdName = account.household().name();
    }

    public UUID householdId() {
        return householdId;
    }

    public String householdName() {
        return householdName;
    }
}
