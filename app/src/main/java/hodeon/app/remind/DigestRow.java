package hodeon.app.remind;

import hodeon.app.storage.seal.SealedText;
import jakarta.persistence.Convert;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.LocalDate;
import java.util.UUID;
import org.hibernate.annotations.ColumnTransformer;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "mail_digest")
class DigestRow {

    @Id
    UUID householdId = new UUID(0, 0);

    @Convert(converter = SealedText.class)
    @ColumnTransformer(read = "'MAIL_DIGEST.ADDRESS:' || {@}.household_id || ' ' || address")
    String address = "";

    int everyDays = 7;

    @Nullable
    LocalDate lastSent;
}
