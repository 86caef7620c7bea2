package hodeon.app.household.member;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.LocalDateTime;
import java.util.UUID;

@Entity
@Table(name = "farewell")
class Farewell {

    @Id
    UUID householdId = new UUID(0, 0);

    UUID askedBy = new UUID(0, 0);
    LocalDateTime askedAt = LocalDateTime.MIN;
}
