package hodeon.app.household.member;

import hodeon.app.household.Role;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.LocalDateTime;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "invitation")
class Invitation {

    @Id
    UUID id = UUID.randomUUID();

    UUID householdId = new UUID(0, 0);

    @Enumerated(EnumType.STRING)
    Role role = Role.VIEWER;

    String hash = "";
    String madeBy = "";
    LocalDateTime madeAt = LocalDateTime.MIN;
    LocalDateTime until = LocalDateTime.MIN;

    @Nullable
    String usedBy;
}
