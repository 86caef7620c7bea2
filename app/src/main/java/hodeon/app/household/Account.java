package hodeon.app.household;

import hodeon.app.storage.seal.SealedText;
import jakarta.persistence.Convert;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.LocalDateTime;
import java.util.UUID;
import org.hibernate.annotations.ColumnTransformer;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "account")
class Account {

    @Id
    UUID id = UUID.randomUUID();

    String signInName = "";

    /** Hashed, never the password itself. */
    String password = "";

    /** The household they looked at last; nothing while they belong to none. */
    @Nullable
    UUID openHouseholdId;

    /** Secret of the second factor; empty without one. */
    @Convert(converter = SealedText.class)
    @ColumnTransformer(read = "'ACCOUNT.TOTP:' || {@}.id || ' ' || totp")
    String totp = "";

    /** Where a way back is sent; empty for nowhere. */
    @Convert(converter = SealedText.class)
    @ColumnTransformer(read = "'ACCOUNT.MAIL:' || {@}.id || ' ' || mail")
    String mail = "";

    @Nullable
    LocalDateTime passwordAt;

    protected Account() {}

    Account(String signInName, String hashedPassword) {
        this.signInName = signInName;
        this.password = hashedPassword;
    }
}
