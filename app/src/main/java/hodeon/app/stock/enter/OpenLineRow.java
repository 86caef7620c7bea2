package hodeon.app.stock.enter;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.LocalDateTime;
import java.util.UUID;

/** A pasted line that is not placed yet. */
@Entity
@Table(name = "open_line")
class OpenLineRow {

    @Id
    UUID id = UUID.randomUUID();

    UUID householdId = new UUID(0, 0);
    String text = "";
    LocalDateTime keptAt = LocalDateTime.MIN;
}
