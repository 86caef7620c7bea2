package hodeon.app.remind;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.LocalDateTime;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "calendar_feed")
class FeedRow {

    @Id
    UUID householdId = new UUID(0, 0);

    String secretHash = "";
    LocalDateTime madeAt = LocalDateTime.MIN;
    LocalDateTime until = LocalDateTime.MIN;

    @Nullable
    LocalDateTime lastRead;
}
