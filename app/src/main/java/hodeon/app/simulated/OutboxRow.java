package hodeon.app.simulated;

import hodeon.app.storage.seal.SealedText;
import jakarta.persistence.Convert;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.LocalDateTime;
import java.util.UUID;
import org.hibernate.annotations.ColumnTransformer;

@Entity
@Table(name = "simulated_outbox")
class OutboxRow {

    @Id
    UUID id = UUID.randomUUID();

    UUID householdId = new UUID(0, 0);
    LocalDateTime sentAt = LocalDateTime.MIN;

    @Convert(converter = SealedText.class)
    @ColumnTransformer(read = "'SIMULATED_OUTBOX.ADDRESS:' || {@}.id || ' ' || address")
    String address = "";

    @Convert(converter = SealedText.class)
    @ColumnTransformer(read = "'SIMULATED_OUTBOX.SUBJECT:' || {@}.id || ' ' || subject")
    String subject = "";

    @Convert(converter = SealedText.class)
    @ColumnTransformer(read = "'SIMULATED_OUTBOX.BODY:' || {@}.id || ' ' || body")
    String body = "";
}
