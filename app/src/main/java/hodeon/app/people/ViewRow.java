package hodeon.app.people;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.LocalDateTime;
import java.util.UUID;

@Entity
@Table(name = "person_view")
class ViewRow {

    @Id
    UUID id = UUID.randomUUID();

    UUID householdId = new UUID(0, 0);
    UUID personId = new UUID(0, 0);
    String seenBy = "";
    String what = "";
    LocalDateTime seenAt = LocalDateTime.MIN;
}
