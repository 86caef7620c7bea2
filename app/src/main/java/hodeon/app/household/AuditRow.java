package hodeon.app.household;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.LocalDateTime;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "audit")
class AuditRow {

    @Id
    UUID id = UUID.randomUUID();

    @Nullable
    UUID householdId;

    LocalDateTime at = LocalDateTime.MIN;
    String who = "";

    @Enumerated(EnumType.STRING)
    Audit.Kind kind = Audit.Kind.SIGN_IN;

    String what = "";
}
