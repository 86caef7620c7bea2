package hodeon.app.taken;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.LocalDateTime;
import java.util.UUID;

@Entity
@Table(name = "kit_code")
class KitCodeRow {

    @Id
    UUID kitId = new UUID(0, 0);

    UUID householdId = new UUID(0, 0);
    String secretHash = "";
    LocalDateTime madeAt = LocalDateTime.MIN;
}
