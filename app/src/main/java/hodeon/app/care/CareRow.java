package hodeon.app.care;

import hodeon.app.storage.seal.SealedText;
import jakarta.persistence.Convert;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.LocalDateTime;
import java.util.UUID;
import org.hibernate.annotations.ColumnTransformer;

/** A line of somebody's care diary. */
@Entity
@Table(name = "care_note")
class CareRow {

    @Id
    UUID id = UUID.randomUUID();

    UUID householdId = new UUID(0, 0);
    UUID personId = new UUID(0, 0);

    /** On the clock of whoever wrote it. */
    LocalDateTime notedAt = LocalDateTime.MIN;

    /** A {@link CareNote} as JSON. */
    @Convert(converter = SealedText.class)
    @ColumnTransformer(read = "'CARE_NOTE.NOTE:' || {@}.id || ' ' || note")
    String note = "";
}
