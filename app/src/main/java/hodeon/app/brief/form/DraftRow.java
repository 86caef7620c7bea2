package hodeon.app.brief.form;

import hodeon.app.storage.seal.SealedText;
import jakarta.persistence.Convert;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.IdClass;
import jakarta.persistence.Table;
import java.io.Serial;
import java.io.Serializable;
import java.time.LocalDateTime;
import java.util.UUID;
import org.hibernate.annotations.ColumnTransformer;

/** A brief that is still being typed. */
@Entity
@Table(name = "brief_draft")
@IdClass(DraftRow.Key.class)
class DraftRow {

    @Id
    UUID householdId = new UUID(0, 0);

    /** The trip, or the household for a trip that is not saved yet. */
    @Id
    UUID about = new UUID(0, 0);

    String openedVersion = "";

    LocalDateTime savedAt = LocalDateTime.MIN;

    /** The form as JSON. */
    @Convert(converter = SealedText.class)
    @ColumnTransformer(read = "'BRIEF_DRAFT.FORM:' || {@}.household_id || '/' || {@}.about || ' ' || form")
    String form = "";

    record Key(UUID householdId, UUID about) implements Serializable {
        @Serial
        private static final long serialVersionUID = 1;
    }
}
