package hodeon.app.household.token;

import hodeon.app.household.Member;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.LocalDateTime;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** Lets a program act for an account; kept as a hash. */
@Entity
@Table(name = "access_token")
class AccessToken {

    @Id
    private UUID id = UUID.randomUUID();

    private UUID householdId = new UUID(0, 0);

    private UUID accountId = new UUID(0, 0);
    private String name = "";
    private String hash = "";
    private LocalDateTime madeAt = LocalDateTime.MIN;
    String scopes = "";
    LocalDateTime until = LocalDateTime.MIN;

    @Nullable
    LocalDateTime lastUsed;

    protected AccessToken() {}

    AccessToken(
            Member of, String name, Set<TokenScope> scopes, String hash, LocalDateTime madeAt, LocalDateTime until) {
        this.householdId = of.householdId();
        this.accountId = of.accountId();
        this.name = name;
        this.hash = hash;
        this.madeAt = madeAt;
        this.scopes = TokenScope.written(scopes);
        this.until = until;
    }

    UUID id() {
        return id;
    }

    UUID householdId() {
        return householdId;
    }

    UUID accountId() {
        return accountId;
    }

    String name() {
        return name;
    }

    String hash() {
        return hash;
    }

    LocalDateTime madeAt() {
        return madeAt;
    }
}
