package hodeon.app.simulated;

import hodeon.app.storage.SealedText;
import jakarta.persistence.Convert;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.LocalDateTime;
import java.util.UUID;

@Entity
@Table(name = "simulated_outbox")
class OutboxRow {

    @Id
    UUID id = UUID.randomUUID();

    UUID householdId = new UUID(0, 0);
    LocalDateTime sentAt = LocalDateTime.MIN;

    @Convert(converter = SealedText.class)
    String address = "";

    @Convert(converter = SealedText.class)
    String subject = "";

    @Convert(converter = SealedText.class)
    String body = "";
}
