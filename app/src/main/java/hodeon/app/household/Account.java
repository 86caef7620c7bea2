package hodeon.app.household;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.Table;
import java.util.UUID;

@Entity
@Table(name = "account")
class Account {

    @Id
    private UUID id = UUID.randomUUID();

    @ManyToOne(optional = false)
    private Household household = new Household();

    private String signInName = "";

    /** Hashed, never the password itself. */
    private String password = "";

    protected Account() {}

    Account(Household household, String signInName, String hashedPassword) {
        this.household = household;
        this.signInName = signInName;
        this.password = hashedPassword;
    }

    UUID id() {
        return id;
    }

    Household household() {
        return household;
    }

    String signInName() {
        return signInName;
    }

    String password() {
        return password;
    }
}
