package hodeon.app.household;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.Table;
import java.time.LocalDateTime;
import java.util.UUID;

@Entity
@Table(name = "membership")
class Membership {

    @Id
    UUID id = UUID.randomUUID();

    UUID householdId = new UUID(0, 0);

    @ManyToOne(optional = false)
    Account account = new Account();

    @Enumerated(EnumType.STRING)
    Role role = Role.VIEWER;

    LocalDateTime since = LocalDateTime.MIN;

    protected Membership() {}

    Membership(UUID household, Account account, Role role, LocalDateTime since) {
        this.householdId = household;
        this.account = account;
        this.role = role;
        this.since = since;
    }
}
