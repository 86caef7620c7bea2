package hodeon.app.taken;

import hodeon.app.storage.seal.SealedText;
import jakarta.persistence.Convert;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.LocalDateTime;
import java.util.UUID;
import org.hibernate.annotations.ColumnTransformer;
import org.hibernate.annotations.DynamicUpdate;

@Entity
@DynamicUpdate
@Table(name = "taken")
class TakenRow {

    /** Made where it was said, so that what is sent twice counts once. */
    @Id
    UUID id = new UUID(0, 0);

    UUID householdId = new UUID(0, 0);
    UUID kitId = new UUID(0, 0);
    UUID placeId = new UUID(0, 0);
    String supplyId = "";
    int pieces;

    @Convert(converter = SealedText.class)
    @ColumnTransformer(read = "'TAKEN.WHO:' || {@}.id || ' ' || who")
    String who = "";

    /** Empty where nobody said what for. */
    String problemId = "";

    LocalDateTime takenAt = LocalDateTime.MIN;
}
