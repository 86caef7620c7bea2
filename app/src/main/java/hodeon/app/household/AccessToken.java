package hodeon.app.household;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.Table;
import java.time.LocalDateTime;
import java.util.UUID;

/** Lets a program act for an account; kept as a hash. */
@Entity
@Table(name = "access_token")
class AccessToken {

    @Id
    private UUID id = UUID.randomUUID();

    private UUID householdId = new UUID(0, 0);

    @ManyToOne(optional = false)
    private Account account = new Account();

    private String name = "";
    private String hash = "";
    private LocalDateTime madeAt = LocalDateTime.MIN;

    protected AccessToken() {}

    AccessToken(Account account, String name, String hash, LocalDateTime madeAt) {
        this.householdId = account.household().id();
        this.account = account;
        this.name = name;
        this.hash = hash;
        this.madeAt = madeAt;
    }

    UUID id() {
        return id;
    }

    UUID householdId() {
        return householdId;
    }

    Account account() {
        return account;
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
