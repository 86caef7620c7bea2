package hodeon.app.dose;

import hodeon.app.storage.seal.SealedText;
import jakarta.persistence.Convert;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.LocalDateTime;
import java.util.UUID;
import org.hibernate.annotations.ColumnTransformer;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "dose_taken")
class DoseRow {

    @Id
    UUID id = UUID.randomUUID();

    UUID householdId = new UUID(0, 0);
    UUID personId = new UUID(0, 0);

    /** The moment, in UTC. */
    LocalDateTime takenAt = LocalDateTime.MIN;

    /** The note in the log it came from, if it did. */
    @Nullable
    UUID logEntry;

    /** A {@link NotedDose} as JSON. */
    @Convert(converter = SealedText.class)
    @ColumnTransformer(read = "'DOSE_TAKEN.DOSE:' || {@}.id || ' ' || dose")
    String dose = "";
}
